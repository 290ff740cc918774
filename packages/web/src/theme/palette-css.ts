import { dark, light, type Palette } from '@hornblende/core/palette';

/** A palette as CSS variables: `--ground`, and `--s-heat` for the layer of a criterion. */
function variables({ tokens, layers }: Palette): string {
  const own = Object.entries(tokens).map(([name, colour]) => `--${name}:${colour}`);
  const strata = Object.entries(layers).map(([name, colour]) => `--s-${name}:${colour}`);
  return [...own, ...strata].join(';');
}

/** Both palettes as CSS, written into the page when it is built: nothing else in the interface names a colour. */
export function paletteCss(): string {
  return (
    `:root{${variables(light)};color-scheme:light}` +
    `:root[data-theme='dark']{${variables(dark)};color-scheme:dark}`
  );
}
