import { describe, expect, it } from 'vitest';
import { conditionsOf } from '../../src/brief/conditions.js';
import { families } from '../../src/materials/library.js';
import { briefInWords, printerInWords } from '../../src/records/brief-in-words.js';
import { METHOD_VERSION } from '../../src/records/method.js';
import { premisesNow } from '../../src/records/premises.js';
import { recordDrift } from '../../src/records/record-drift.js';
import { recordHtml } from '../../src/records/record-html.js';
import { recordMarkdown } from '../../src/records/record-markdown.js';
import { decisionRecord, type DecisionRecord } from '../../src/records/record.js';
import { robustness } from '../../src/score/draws/robustness.js';
import { brief, enclosedPrinter } from '../cases.js';

const given = {
  format: 'hornblende-brief',
  version: 1,
  name: 'Bracket',
  ifItFails: 'injures',
  sun: 'full',
  heat: { setting: 'outdoors' },
  contact: { chemicals: ['oil'] },
  wear: 'sliding',
  electrical: 'low-voltage',
  maxMassG: 80,
  loads: [
    {
      kind: 'sustained',
      case: 'cantilever',
      forceN: 10,
      lengthMm: 50,
      widthMm: 20,
      heightMm: 8,
      assumed: ['forceN'],
    },
    { kind: 'sustained', case: 'clamp', forceN: 300, areaMm2: 80 },
    { kind: 'impact', case: 'drop', massKg: 0.2, heightM: 1, widthMm: 20, heightMm: 8 },
    { kind: 'cyclic', case: 'snap-fit', thicknessMm: 2, undercutMm: 1, lengthMm: 16 },
  ],
};
const b = brief(given);
const input = {
  firstChoice: 'asa',
  secondChoice: 'petg',
  reason: 'It stands outdoors.',
  decidedBy: 'A. Tester',
  hazardAcknowledged: true,
};

function record(): DecisionRecord {
  const ground = { brief: b, printer: enclosedPrinter, weather: null, grades: [] };
  const sure = robustness(b, { printer: enclosedPrinter, draws: 200 });
  return decisionRecord(input, '2026-11-26T10:00:00.000Z', premisesNow(input, ground), given, sure);
}

/** The record as one of the first method would stand: without what briefs, families and rankings have gained since. */
function ofTheFirstMethod(): Record<string, unknown> {
  const old = JSON.parse(JSON.stringify(record())) as Record<string, unknown> & {
    premises: { brief: Record<string, unknown>; families: Record<string, unknown>[] };
    ranking: { conditions: Record<string, unknown> };
  };
  delete old.methodVersion;
  for (const field of ['print', 'wear', 'electrical', 'safety', 'deflectionLimitPct'])
    delete old.premises.brief[field];
  for (const f of old.premises.families) {
    delete f.baked;
    const { ageingIndexC: _a, waterHalfLifeY: _w, ...rest } = f.properties as Record<string, unknown>;
    f.properties = rest;
  }
  delete old.ranking.conditions.hoursADay;
  return old;
}

describe('a report', () => {
  it('tells the whole brief in plain words, each load by what it is and what it comes to', () => {
    const told = new Map(briefInWords(b, conditionsOf(b)));
    expect(told.get('What it is')).toBe('a working part; if it fails, someone could be hurt');
    expect(told.get('Where it lives')).toMatch(
      /^outdoors, in full sun, dry; air from −10 to 35 °C; the part itself/,
    );
    expect(told.get('Load 1')).toMatch(
      /^an arm held at one end, 50 mm long, section 20 mm × 8 mm, 10 N, held 43800 h, along the layers: 2.34 MPa;/,
    );
    expect(told.get('Load 2')).toMatch(/^a joint, squeezed, 300 N on 80 mm², held .*: 3.75 MPa/);
    expect(told.get('Load 3')).toMatch(/0.2 kg from 1 m, a knock, .* kJ\/m² at the weak section$/);
    expect(told.get('Load 4')).toMatch(/2 mm thick moved 1 mm, 10000 times, .* % strain$/);
    expect(told.get('Printed with')).toBe('3 walls of 0.45 mm, 4 + 4 layers of 0.2 mm, 20 % grid');
    expect(told.get('Touches')).toBe('oil');
    expect(told.get('Limits')).toBe('factor of safety 3, at most 80 g');
    for (const said of told.values()) expect(said).not.toMatch(/undefined|NaN|null/);
  });
  it('names the printer, and what was assumed, also what was only put in to start from', () => {
    const md = recordMarkdown(record());
    expect(md).toContain('Enclosed machine: nozzle of 0.4 mm, to 300 °C (hardened)');
    expect(md).toContain('load 1 force: 10 N');
    expect(md).toContain(`Worked out by method ${METHOD_VERSION}.`);
    expect(printerInWords(null)).toBe('No printer in particular.');
  });
});

describe('a record of the first method', () => {
  it('still opens, keeps its answer, and says that today’s method is another', () => {
    const old = ofTheFirstMethod() as unknown as DecisionRecord;
    const html = recordHtml(old);
    expect(html).toContain(`Worked out by method 1; today’s is ${METHOD_VERSION}.`);
    expect(html).not.toMatch(/undefined|NaN/);
    // Its rulers would be today's: the table of its own ranking stands instead.
    expect(html.match(/<svg/g)).toHaveLength(1);
    const drift = recordDrift(old, families, []);
    expect(drift).toMatchObject({
      methodThen: '1',
      methodNow: METHOD_VERSION,
      firstThen: old.ranking.firstChoice,
    });
  });
});
