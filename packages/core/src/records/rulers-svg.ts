import { light } from '../palette.js';
import { sig } from '../lib/figures.js';
import type { Ruler } from '../advice/rulers.js';
import { escapeXml } from './escape.js';

const { ink, soft, out } = light.tokens;
const WIDTH = 420;
const LABELS = 150;
const NAMES = 130;
const ROW = 15;

/**
 * Margin rulers as a picture that stands alone: a ruler a requirement, the need as a line, each candidate a
 * bar from a poor spool to a fine one.
 */
export function rulersSvg(rulers: readonly Ruler[]): string {
  let y = 6;
  const parts = rulers.map(r => {
    const all = r.bars.flatMap(b => [b.low, b.high, b.need]).concat(r.need);
    const min = Math.min(...all);
    const max = Math.max(...all);
    const log = min > 0 && max / min > 30;
    const f = (v: number): number => (log ? Math.log(v) : v);
    const pad = (f(max) - f(min) || 1) * 0.05;
    const x = (v: number): number =>
      LABELS + (WIDTH * (f(v) - f(min) + pad)) / (f(max) - f(min) + 2 * pad || 1);
    const top = y;
    const height = r.bars.length * ROW;
    y += height + 16;
    const bars = r.bars.map((b, i) => {
      const at = top + i * ROW;
      return (
        `<rect x="${n(x(b.low))}" y="${n(at + 3)}" width="${n(Math.max(2, x(b.high) - x(b.low)))}" ` +
        `height="5" rx="2.5" fill="${light.layers.impact}"/><line x1="${n(x(b.typical))}" x2="${n(x(b.typical))}" ` +
        `y1="${n(at)}" y2="${n(at + 11)}" stroke="${ink}" stroke-width="1.6"/><text ` +
        `x="${n(x(b.high) + 6)}" y="${n(at + 9.5)}" fill="${soft}">${escapeXml(b.name)} ` +
        `${sig(b.typical, 2)}${b.need === r.need ? '' : `, needs ${sig(b.need, 3)}`}</text>`
      );
    });
    return (
      `<text x="0" y="${top + 10}" font-weight="700" fill="${ink}">${escapeXml(r.label)}</text><text ` +
      `x="0" y="${top + 24}" fill="${out}">${r.better === 'more' ? 'needs' : 'at most'} ` +
      `${sig(r.need, 3)} ${escapeXml(r.unit)}${log ? ', log scale' : ''}</text>${bars.join('')}<line ` +
      `x1="${n(x(r.need))}" x2="${n(x(r.need))}" y1="${top - 2}" y2="${n(top + height)}" ` +
      `stroke="${out}" stroke-width="1.4"/>`
    );
  });
  return (
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${LABELS + WIDTH + NAMES} ${y}" ` +
    `width="${LABELS + WIDTH + NAMES}" height="${y}" font-family="sans-serif" font-size="11" ` +
    `role="img" aria-label="Margins in their own units">${parts.join('')}</svg>`
  );
}

function n(x: number): string {
  return String(Math.round(x * 10) / 10);
}
