import { palettes } from '../theme/palettes';

/** Where the theme keeps what was chosen on this device: light, dark or as the system is. */
const CHOSEN = 'mui-mode';

const names = (palette: (typeof palettes)['light']): [string, string][] =>
  Object.entries(palette).flatMap(([group, value]) =>
    typeof value === 'string'
      ? [[`--mui-palette-${group}`, value] as [string, string]]
      : Object.entries(value).map(([name, colour]): [string, string] => [
          `--mui-palette-${group}-${name}`,
          colour,
        ]),
  );

/** The theme's colours, before the theme itself comes. */
export function putColours(): void {
  const chosen = localStorage.getItem(CHOSEN);
  const isDark =
    chosen === 'dark' ||
    (chosen !== 'light' && window.matchMedia('(prefers-color-scheme: dark)').matches);
  for (const [name, colour] of names(isDark ? palettes.dark : palettes.light)) {
    document.documentElement.style.setProperty(name, colour);
  }
}

export function takeColours(): void {
  for (const [name] of names(palettes.light)) {
    document.documentElement.style.removeProperty(name);
  }
}
