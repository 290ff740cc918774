import { Ajv2020 } from 'ajv/dist/2020.js';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { schoolViews } from '../src/advice/schools.js';
import { upgradeHints } from '../src/advice/upgrade-hints.js';
import { parseBrief } from '../src/brief/parse-brief.js';
import type { Family } from '../src/materials/family.js';
import { gradeFamily } from '../src/materials/grade-family.js';
import { parseGrade } from '../src/materials/grade-parse.js';
import { families } from '../src/materials/library.js';
import { decisionProblems, type DecisionInput } from '../src/records/decision-input.js';
import { premisedCandidates, premisesNow } from '../src/records/premises.js';
import { recordDrift } from '../src/records/record-drift.js';
import { recordHtml } from '../src/records/record-html.js';
import { recordMarkdown } from '../src/records/record-markdown.js';
import { decisionRecord, type DecisionRecord } from '../src/records/record.js';
import { calculate } from '../src/registry.js';
import { robustness } from '../src/score/draws/robustness.js';
import type { RankOptions } from '../src/score/judge.js';
import { rank } from '../src/score/rank.js';
import { weightsShown } from '../src/score/weights-shown.js';
import { brief, candidate, enclosedPrinter, hotBracket, openPrinter } from './cases.js';

const latch = brief({
  name: 'Latch & <pin>',
  lifeYears: 6,
  sun: 'full',
  water: 'rain',
  heat: { setting: 'near-source', sourceC: 64 },
  looks: { colour: 'dark' },
  loads: [{ kind: 'sustained', case: 'cantilever', forceN: 4, lengthMm: 40, widthMm: 18, heightMm: 8 }],
});
const input: DecisionInput = {
  firstChoice: 'asa',
  secondChoice: 'beck-asa',
  reason: 'Known to last.\nA | B',
  decidedBy: 'R. Thwaite',
  hazardAcknowledged: false,
};
const grades = [
  parseGrade({
    format: 'hornblende-grade',
    version: 1,
    key: 'beck-asa',
    name: 'Beck ASA',
    family: 'asa',
    sheet: { hdt045C: 99 },
  }),
];
function record(): DecisionRecord {
  const premises = premisesNow(input, { brief: latch, printer: enclosedPrinter, weather: null, grades });
  return decisionRecord(
    input,
    '2026-03-14T09:20:00.000Z',
    premises,
    { format: 'hornblende-brief', version: 1, name: 'Latch' },
    robustness(latch, {
      printer: enclosedPrinter,
      families: premisedCandidates(premises),
      draws: 300,
      seed: 5,
    }),
  );
}

describe('the record of a decision', () => {
  const r = record();
  it('can be worked out again from its premises, after a trip through JSON', () => {
    const again = JSON.parse(JSON.stringify(r)) as DecisionRecord;
    const options: RankOptions = {
      printer: again.premises.printer,
      weather: null,
      families: premisedCandidates(again.premises),
    };
    expect(rank(parseBrief(again.premises.brief), options)).toEqual(r.ranking);
    expect(
      robustness(parseBrief(again.premises.brief), {
        ...options,
        draws: again.robustness.draws,
        seed: again.robustness.seed,
      }).candidates.map(c => c.pFirst),
    ).toEqual(r.robustness.candidates.map(c => c.pFirst));
  });
  it('is written as its schema says', () => {
    const schema = readFileSync(join(import.meta.dirname, '../../../docs/schema/decision.json'), 'utf8');
    const valid = new Ajv2020({ allowUnionTypes: true }).compile(JSON.parse(schema) as object);
    valid(JSON.parse(JSON.stringify(r)));
    expect(valid.errors).toBeNull();
  });
  it('rejects everything but the choices, each with its reason', () => {
    expect(r.rejected).toHaveLength(families.length - 1);
    expect(r.rejected.map(x => x.material)).not.toContain('asa');
    expect(r.rejected.find(x => x.material === 'pla')?.why).toMatch(/reaches 64 °C/);
    expect(r.rejected.find(x => x.material === 'asa-cf')?.why).toMatch(
      /As good as ASA by score|ahead of ASA|behind ASA/,
    );
    for (const x of r.rejected) expect(x.why.length, x.material).toBeGreaterThan(10);
    expect(r.assumptions.map(a => a.label)).toContain('lasts');
  });
  it('says so when today’s data give another answer, and which data', () => {
    expect(recordDrift(r, families, grades)).toMatchObject({ differs: false, candidates: [], data: [] });
    const first = r.ranking.firstChoice!;
    const worse: Family[] = families.map(f =>
      f.key === first
        ? {
            ...f,
            properties: {
              ...f.properties,
              vicatC: { ...f.properties.vicatC!, typical: 50, low: 45 },
              hdt045C: { ...f.properties.hdt045C!, typical: 45, low: 40 },
              hdt18C: { ...f.properties.hdt18C!, typical: 42, low: 40 },
            },
          }
        : f,
    );
    const drift = recordDrift(r, worse, grades);
    expect(drift.differs).toBe(true);
    expect(drift.candidates.find(c => c.material === first)?.now?.status).toBe('out');
    expect(drift.data.filter(d => d.material === first).map(d => d.property)).toEqual([
      'hdt045C',
      'hdt18C',
      'vicatC',
    ]);
    // A grade that is no longer kept is told as gone.
    expect(recordDrift(r, families, []).candidates).toContainEqual(
      expect.objectContaining({ material: 'beck-asa', now: null }),
    );
  });
  it('as Markdown: every part of it, with nothing that would break a table', () => {
    const md = recordMarkdown(r);
    for (const title of [
      'Why',
      'The ranking',
      'How sure',
      'Why the others were not chosen',
      'Assumed',
      'What it rests on',
    ])
      expect(md).toContain(`## ${title}`);
    expect(md).toContain('# Latch & \\<pin\\>: ASA, and Beck ASA should it not be had.');
    expect(md).toContain('A \\| B');
    for (const block of md.split('\n\n').filter(b => b.startsWith('|'))) {
      const widths = block
        .trim()
        .split('\n')
        .map(line => line.replace(/\\\|/g, '').split('|').length);
      expect(new Set(widths).size).toBe(1);
    }
  });
  it('as HTML: one file, nothing fetched, nothing run, everything escaped, both pictures', () => {
    const html = recordHtml(r);
    expect(html).toMatch(/^<!doctype html>/);
    expect(html).not.toMatch(/<script|<link|<img|@import|src=|url\(/);
    expect(html.match(/https?:\/\/[^"]+/g)).toEqual([
      'http://www.w3.org/2000/svg',
      'http://www.w3.org/2000/svg',
    ]);
    expect(html).toContain('Latch &#38; &#60;pin&#62;');
    expect(html).not.toContain('<pin>');
    expect(html.match(/<svg/g)).toHaveLength(2);
    expect(html).toContain('@page');
    expect((html.match(/<section/g) ?? []).length).toBe((html.match(/<\/section/g) ?? []).length);
    expect(html).not.toMatch(/NaN|undefined|Infinity/);
  });
  it('a decision that cannot stand names each thing', () => {
    const known = new Set(['asa']);
    expect(
      decisionProblems(
        { ...input, secondChoice: 'asa', reason: ' ' },
        { ...latch, ifItFails: 'injures' },
        known,
      ).map(p => p.field),
    ).toEqual(['reason', 'secondChoice', 'hazardAcknowledged']);
    expect(
      decisionProblems(
        { ...input, secondChoice: null, hazardAcknowledged: true },
        { ...latch, ifItFails: 'injures' },
        known,
      ),
    ).toEqual([]);
  });
});

describe('schools side by side', () => {
  it('say who each would pick, and why where they differ', () => {
    const views = schoolViews(latch, { printer: enclosedPrinter, families });
    expect(views.map(v => v.school)).toEqual(['weighted', 'step-up', 'weakest-link', 'laboratory', 'field']);
    for (const v of views) {
      const picked =
        v.kind === 'choose'
          ? rank(latch, { printer: enclosedPrinter, school: v.school as 'weighted' })
          : rank({ ...latch, outdoorSchool: v.school as 'field' }, { printer: enclosedPrinter });
      expect(v.first?.material ?? null).toBe(picked.firstChoice);
      expect(v.why !== '').toBe(v.first?.material !== views[0]?.first?.material);
    }
    const easy = schoolViews(hotBracket, { printer: enclosedPrinter, families }).find(
      v => v.school === 'step-up',
    );
    expect(easy?.why).toMatch(/asks less of printer and keeper/);
  });
  it('only ask about the outdoors where there is sun', () => {
    expect(schoolViews(brief(), { families }).map(v => v.kind)).toEqual(['choose', 'choose', 'choose']);
  });
});

describe('upgrade hints', () => {
  it('an enclosure would let ASA in, and ranking with one agrees', () => {
    const outdoors = brief({
      sun: 'full',
      heat: { setting: 'outdoors' },
      geometry: { xMm: 180, yMm: 150, zMm: 30 },
    });
    const hints = upgradeHints(outdoors, { printer: { ...openPrinter, nozzleMaxC: 300, linerLimitC: null } });
    const enclosure = hints.find(h => h.kind === 'enclosure');
    expect(enclosure?.lets.map(l => l.material)).toContain('asa');
    const r = rank(outdoors, {
      printer: { ...openPrinter, nozzleMaxC: 300, linerLimitC: null, chamber: 'enclosed', chamberC: 45 },
    });
    for (const l of enclosure?.lets ?? []) expect(candidate(r, l.material).status).not.toBe('out');
    expect(upgradeHints(outdoors)).toEqual([]);
  });
});

describe('points of a criterion', () => {
  it('that the user set are used, and the score follows', () => {
    const strict = brief({ ...(JSON.parse(JSON.stringify(latch)) as object), points: { heat: [20, 60] } });
    const before = rank(latch, { printer: enclosedPrinter });
    const after = rank(strict, { printer: enclosedPrinter });
    const heat = (r: typeof before): { unacceptable: number; comfortable: number; desirability: number } =>
      candidate(r, 'asa').criteria.find(c => c.id === 'heat')!;
    expect(heat(after)).toMatchObject({ unacceptable: 20, comfortable: 60 });
    expect(heat(after).desirability).toBeLessThan(heat(before).desirability);
  });
  it.each([
    [{ heat: [20, 20] }, '"heat" must be [unacceptable, comfortable], two different numbers'],
    [{ heat: [20] }, 'two different numbers'],
    [{ heat: 'high' }, 'two different numbers'],
    [{ shine: [1, 2] }, '"shine" is not known here'],
    [{ heat: [30, 10] }, 'points.heat: [30,10] must run up'],
    [{ warp: [0.2, 1] }, 'points.warp: [0.2,1] must run down'],
  ])('%j is refused', (points, said) => expect(() => brief({ points })).toThrow(said));
});

describe('the models over whole briefs', () => {
  const plain = {
    format: 'hornblende-brief',
    version: 1,
    name: 'Bracket',
    sun: 'full',
    heat: { setting: 'outdoors' },
  };
  it('rank, robustness, tipping and explain answer by their ids, with their working', () => {
    const first = (calculate('score.rank', { brief: plain }).result as { firstChoice: string }).firstChoice;
    expect(first).toBe(rank(parseBrief(plain)).firstChoice);
    const sure = calculate('score.robustness', { brief: plain, draws: 300, seed: 3 }).result as {
      candidates: { material: string; pFirst: number }[];
    };
    expect(sure.candidates[0]?.material).toBe(first);
    const { result, steps } = calculate('score.tipping', {
      brief: plain,
      printer: { format: 'hornblende-printer', version: 1, name: 'P' },
    });
    expect((result as { tips: object[] }).tips.length).toBe(steps.length);
    expect(
      (calculate('score.explain', { brief: plain }).result as { secondBecause: string }).secondBecause,
    ).toContain('in sum');
    expect(() => calculate('score.rank', { brief: { name: 'x' } })).toThrow('brief.format');
    expect(weightsShown(rank(parseBrief(plain)).weights)).toContain('uv');
  });
  it('a grade on a family of its own snapshot keeps that family’s values', () => {
    const old = families.map(f =>
      f.key === 'pla'
        ? { ...f, properties: { ...f.properties, yieldMPa: { ...f.properties.yieldMPa!, typical: 44 } } }
        : f,
    );
    const own = parseGrade({
      format: 'hornblende-grade',
      version: 1,
      key: 'own',
      name: 'Own',
      family: 'pla',
    });
    expect(premisedCandidates({ families: old, grades: [own] }).at(-1)?.properties.yieldMPa?.typical).toBe(
      44,
    );
    expect(gradeFamily(own).properties.yieldMPa?.typical).toBe(50);
  });
});
