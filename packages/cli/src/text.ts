import type { ChooserCell, NothingFits } from '@hornblende/core/advice';
import { problemLine, type Problem } from '@hornblende/core/input';
import { sig } from '@hornblende/core/lib';
import type { Family } from '@hornblende/core/materials';
import type { Answer } from '@hornblende/core/models';
import { chooserWords } from '@hornblende/core/records';
import { type Ranking, scoreShown, statusMark, asGoodNames } from '@hornblende/core/score';

/** Columns of text, padded; the last column is left ragged. */
function table(rows: string[][]): string {
  const widths = (rows[0] ?? []).map((_, i) => Math.max(...rows.map(r => r[i]?.length ?? 0)));
  return rows
    .map(r =>
      r
        .map((cell, i) => (i === r.length - 1 ? cell : cell.padEnd(widths[i] ?? 0)))
        .join('  ')
        .trimEnd(),
    )
    .join('\n');
}

/** A ranking for people. */
export function rankingText(r: Ranking, nothing: NothingFits | null): string {
  const head = r.firstChoice
    ? 'First choice: ' +
      `${nameOf(r, r.firstChoice)}${r.secondChoice ? `; second: ${nameOf(r, r.secondChoice)}` : ''} ` +
      `(${r.school}; the part reaches ${sig(r.conditions.partMaxC, 3)} °C)`
    : `Nothing fits (${r.school}; the part reaches ${sig(r.conditions.partMaxC, 3)} °C).`;
  const rows = r.candidates.map(c => {
    const worst = c.gates.find(g => g.verdict === 'fail') ?? c.gates.find(g => g.verdict === 'marginal');
    return [
      `${statusMark[c.status]} ${c.name}`,
      c.status,
      scoreShown(c).toFixed(2),
      worst ? `${worst.id}: ${worst.why}${worst.rescue ? ` (${worst.rescue})` : ''}` : (c.for[0] ?? ''),
    ];
  });
  const relax = nothing
    ? [
        '',
        'What to ask less of, nearest first:',
        ...nothing.relaxations.map(x => `  ${x.sentence}: lets ${x.letsName} in.`),
      ]
    : [];
  const equals = asGoodNames(r.asGood);
  return [
    head,
    ...(equals ? [`As good, as far as the data can tell: ${equals}.`] : []),
    '',
    table(rows),
    ...relax,
  ].join('\n');
}

function nameOf(r: Ranking, key: string): string {
  return r.candidates.find(c => c.material === key)?.name ?? key;
}

/** A model's answer with its working, for people. */
export function answerText(a: Answer): string {
  const steps = a.steps.map(s => [
    `  ${s.symbol}`,
    `= ${s.formula}`,
    `= ${s.substituted}`,
    `= ${sig(s.value)} ${s.unit}`.trimEnd(),
  ]);
  return [a.model, table(steps), ...a.warnings.map(w => `! ${w}`), `Source: ${a.source}`].join('\n');
}

/** The families, a line each. */
export function familiesText(list: readonly Family[]): string {
  const p = (f: Family, name: keyof Family['properties']): string =>
    f.properties[name] ? sig(f.properties[name].typical, 3) : '–';
  return table([
    ['key', 'name', 'E MPa', 'yield MPa', 'Vicat °C', 'HDT 0.45 °C', 'price per kg'],
    ...list.map(f => [
      f.key,
      f.name,
      p(f, 'modulusMPa'),
      p(f, 'yieldMPa'),
      p(f, 'vicatC'),
      p(f, 'hdt045C'),
      p(f, 'pricePerKg'),
    ]),
  ]);
}

/** Problems, one line each. */
export function problemsText(problems: readonly Problem[]): string {
  return problems.map(problemLine).join('\n');
}

/** What to reach for, a line a need; where nothing does it, what would let the nearest in beneath. */
export function chooserText(rows: readonly (ChooserCell & { label: string })[]): string {
  const lines = table([['Needed', 'Reached for'], ...rows.map(r => [r.label, chooserWords(r)])]).split('\n');
  return lines
    .flatMap((line, i) => [line, ...(rows[i - 1]?.letsIn?.words ?? []).map(words => `  ${words}`)])
    .join('\n');
}
