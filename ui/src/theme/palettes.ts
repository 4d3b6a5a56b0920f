/** Slate and chalk for the floor, warm paper for the sheets, brass as the accent. */
export const palettes = {
  light: {
    primary: { main: '#7a5410', contrastText: '#fffdf6' },
    error: { main: '#b3381a', contrastText: '#fffdf6' },
    background: { default: '#efe9dc', paper: '#fffdf6' },
    text: { primary: '#20252b', secondary: '#595345' },
    divider: '#d3cab6',
    verdict: { holds: '#0b6b63', out: '#b3381a', unproven: '#8a5a00', unmeasured: '#63615b' },
  },
  dark: {
    primary: { main: '#e0ac55', contrastText: '#1c1a15' },
    error: { main: '#ff8a66', contrastText: '#1c1a15' },
    background: { default: '#191c20', paper: '#23272c' },
    text: { primary: '#f0eade', secondary: '#b9b1a0' },
    divider: '#3c4148',
    verdict: { holds: '#4fc7b8', out: '#ff8a66', unproven: '#f0b64a', unmeasured: '#a9a79f' },
  },
};
