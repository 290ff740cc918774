import { scoreShown } from '../score/doubt.js';
import { light } from '../palette.js';
import { criterionLabels } from '../score/criteria.js';
import { weightsShown } from '../score/weights-shown.js';
import type { Candidate, Ranking } from '../score/candidate.js';
import { escapeXml } from './escape.js';
import { statusMark } from '../score/status-mark.js';

const { ink, soft, well } = light.tokens;
const LABELS = 96;
const HEIGHT = 220;
const TOP = 8;
const COLUMN = 74;

/**
 * A ranking's leading columns as a picture that stands alone: one column a candidate, one layer a
 * criterion, filled as far as it is met.
 * @param materials which candidates, in order; at most eight fit a page
 * @returns SVG, 96 + 74 px a column wide
 */
export function strataSvg(ranking: Ranking, materials: readonly string[]): string {
  const columns = materials.flatMap(m => ranking.candidates.find(c => c.material === m) ?? []).slice(0, 8);
  const ids = weightsShown(ranking.weights);
  const total = ids.reduce((s, id) => s + ranking.weights[id], 0) || 1;
  let y = TOP;
  const layers = ids.map(id => {
    const h = (HEIGHT * ranking.weights[id]) / total;
    const layer = { id, y, h };
    y += h;
    return layer;
  });
  const parts: string[] = layers.map(
    l =>
      `<text x="${LABELS - 8}" y="${fixed(l.y + l.h / 2 + 4)}" text-anchor="end" ` +
      `fill="${soft}">${escapeXml(criterionLabels[l.id].label)}</text>`,
  );
  columns.forEach((c, i) => parts.push(column(c, LABELS + i * COLUMN, layers)));
  return (
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${LABELS + columns.length * COLUMN} ` +
    `${TOP + HEIGHT + 40}" width="${LABELS + columns.length * COLUMN}" height="${TOP + HEIGHT + 40}" ` +
    'font-family="sans-serif" font-size="11" role="img" ' +
    `aria-label="${escapeXml(`Strata of ${columns.map(c => c.name).join(', ')}`)}">${parts.join('')}</svg>`
  );
}

function column(
  c: Candidate,
  x: number,
  layers: readonly { id: Candidate['criteria'][number]['id']; y: number; h: number }[],
): string {
  const w = COLUMN - 12;
  const bands = layers.map(l => {
    const d = c.criteria.find(k => k.id === l.id)?.desirability ?? 0;
    const h = fixed(Math.max(1, l.h - 1.5));
    return (
      `<rect x="${x}" y="${fixed(l.y)}" width="${w}" height="${h}" fill="${well}"/><rect x="${x}" ` +
      `y="${fixed(l.y)}" width="${fixed(w * d)}" height="${h}" ` +
      `fill="${light.layers[l.id]}"${c.status === 'out' ? ' opacity="0.4"' : ''}/>`
    );
  });
  const name = c.name.length > 13 ? `${c.name.slice(0, 12)}…` : c.name;
  return (
    `<g><title>${escapeXml(`${c.name}, ${scoreShown(c).toFixed(2)}, ${c.status}`)}</title>${bands.join('')}<text ` +
    `x="${x + w / 2}" y="${TOP + HEIGHT + 16}" text-anchor="middle" font-weight="700" ` +
    `fill="${ink}">${escapeXml(name)}</text><text x="${x + w / 2}" y="${TOP + HEIGHT + 32}" ` +
    `text-anchor="middle" fill="${soft}">${scoreShown(c).toFixed(2)} ${statusMark[c.status]} ${c.status}</text></g>`
  );
}

function fixed(x: number): string {
  return String(Math.round(x * 10) / 10);
}
