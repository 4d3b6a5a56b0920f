import { createTheme } from '@mui/material/styles';
import { palettes } from './palettes';

declare module '@mui/material/styles' {
  interface Palette {
    verdict: Record<'holds' | 'out' | 'unproven' | 'unmeasured', string>;
  }
  interface PaletteOptions {
    verdict: Record<'holds' | 'out' | 'unproven' | 'unmeasured', string>;
  }
}

const text = "'Atkinson Hyperlegible Next Variable', system-ui, sans-serif";
export const figures = "'Atkinson Hyperlegible Mono Variable', ui-monospace, monospace";

export const theme = createTheme({
  cssVariables: { colorSchemeSelector: 'data-scheme' },
  colorSchemes: {
    light: { palette: palettes.light },
    dark: { palette: palettes.dark },
  },
  shape: { borderRadius: 3 },
  // Motion only where it shows a move to make: nothing else fades or slides.
  transitions: { create: () => 'none' },
  typography: {
    fontFamily: text,
    fontSize: 15,
    h1: { fontSize: '1.6rem', fontWeight: 700 },
    h2: { fontSize: '1.3rem', fontWeight: 700 },
    h3: { fontSize: '1rem', fontWeight: 700 },
    button: { textTransform: 'none', fontWeight: 700, fontSize: '1rem' },
  },
  components: {
    MuiButton: {
      defaultProps: { disableElevation: true, disableRipple: true },
      styleOverrides: { root: { minHeight: 48 } },
    },
    // A small title follows a screen's own as often as a section's: no level is left out between them.
    MuiTypography: { defaultProps: { variantMapping: { h3: 'h2' } } },
    MuiButtonBase: { styleOverrides: { root: { fontFamily: text } } },
    MuiIconButton: { styleOverrides: { root: { minWidth: 48, minHeight: 48 } } },
    MuiToggleButton: {
      styleOverrides: { root: { minHeight: 48, minWidth: 48, textTransform: 'none' } },
    },
    MuiOutlinedInput: {
      styleOverrides: { root: { backgroundColor: 'var(--mui-palette-background-paper)' } },
    },
    MuiAutocomplete: {
      styleOverrides: {
        option: { minHeight: '48px !important' },
        popupIndicator: { minWidth: 48, minHeight: 48 },
        clearIndicator: { minWidth: 48, minHeight: 48 },
      },
    },
    MuiCheckbox: { styleOverrides: { root: { minWidth: 48, minHeight: 48 } } },
    MuiDialog: { defaultProps: { transitionDuration: 0 } },
    MuiPopover: { defaultProps: { transitionDuration: 0 } },
    MuiTooltip: { defaultProps: { enterDelay: 400 } },
  },
});
