import { describe, expect, it } from 'vitest';
import { changeEffects } from '../src/advice/changes.js';
import { assumptions } from '../src/brief/assumptions.js';
import { briefChanges } from '../src/brief/brief-changes.js';
import { conditionsOf } from '../src/brief/conditions.js';
import { doubts } from '../src/brief/doubts.js';
import { newBrief, parseBrief } from '../src/brief/parse-brief.js';
import { startingPoints } from '../src/brief/starting-points.js';
import { brief } from './cases.js';

const paths = (b: ReturnType<typeof brief>): string[] => doubts(b).map(d => d.path);

describe('doubts', () => {
  it('asks nothing of an ordinary brief', () =>
    expect(
      doubts(
        brief({
          heat: { setting: 'outdoors', ambientMaxC: 38 },
          loads: [{ kind: 'short', case: 'cantilever', forceN: 40, lengthMm: 60, widthMm: 20, heightMm: 8 }],
        }),
      ),
    ).toEqual([]));
  it('asks about Fahrenheit read as Celsius, and offers the conversion', () => {
    const [d] = doubts(brief({ heat: { setting: 'near-source', sourceC: 165 } }));
    expect(d?.question).toMatch(/Did you mean 165 °F, which is 73.9 °C/);
    expect(d?.fix?.value).toBeCloseTo(73.9, 1);
    expect(paths(brief({ heat: { setting: 'outdoors', ambientMaxC: 60 } }))).toEqual(['heat.ambientMaxC']);
  });
  it('asks about Celsius read as Fahrenheit', () => {
    // 37 typed where fields are in °F: 2.8 °C at its hottest, in a car.
    const [d] = doubts(brief({ heat: { setting: 'closed-vehicle', ambientMaxC: 2.78 } }));
    expect(d?.question).toBe('Air around a car of 2.78 °C at its hottest is cold. Did you mean 37 °C?');
    expect(d?.fix?.value).toBe(37);
    expect(paths(brief({ heat: { setting: 'outdoors', ambientMaxC: -20 } }))).toEqual([]);
  });
  it('asks about a pull that no hand could exert', () => {
    expect(
      paths(brief({ loads: [{ kind: 'short', case: 'tension', forceN: 3000, widthMm: 10, heightMm: 10 }] })),
    ).toEqual(['loads.0.forceN']);
  });
  it('asks about a cantilever thicker than long, and the swap is no longer in doubt', () => {
    const b = brief({
      loads: [{ kind: 'short', case: 'cantilever', forceN: 10, lengthMm: 8, widthMm: 10, heightMm: 40 }],
    });
    const [d] = doubts(b);
    expect(d?.path).toBe('loads.0.heightMm');
    expect(doubts({ ...b, loads: [{ ...b.loads[0]!, ...(d?.fix?.value as object) }] })).toEqual([]);
  });
  it('asks about volumes beyond the box, drops in metres, and micrometre tolerances', () => {
    expect(paths(brief({ geometry: { volumeCm3: 500 } }))).toEqual(['geometry.volumeCm3']);
    expect(
      paths(
        brief({
          loads: [{ kind: 'impact', case: 'drop', massKg: 0.1, heightM: 80, widthMm: 10, heightMm: 10 }],
        }),
      ),
    ).toEqual(['loads.0.heightM']);
    expect(paths(brief({ toleranceMm: 0.02 }))).toEqual(['toleranceMm']);
  });
});

describe('assumptions', () => {
  const of = (given: object): string[] => {
    const b = parseBrief(given);
    return assumptions(given, b, conditionsOf(b)).map(a => a.path);
  };
  const bare = { format: 'hornblende-brief', version: 1, name: 'x' };
  it('lists what was not said, and drops it once said', () => {
    expect(of(bare)).toContain('lifeYears');
    expect(of({ ...bare, lifeYears: 5 })).not.toContain('lifeYears');
    expect(of({ ...bare, heat: { ambientMaxC: 30 } })).not.toContain('heat.ambientMaxC');
    expect(of({ ...bare, heat: { climate: 'hill', setting: 'outdoors' } })).not.toContain('heat.ambientMaxC');
  });
  it('saying every assumption changes no answer', () => {
    const b = newBrief('x');
    const list = assumptions(bare, b, conditionsOf(b));
    const given = JSON.parse(JSON.stringify(bare)) as Record<string, unknown>;
    for (const a of list) {
      const keys = a.path.split('.');
      const last = keys.pop()!;
      const at = keys.reduce<Record<string, unknown>>(
        (o, k) => (o[k] ??= {}) as Record<string, unknown>,
        given,
      );
      at[last] = a.value;
    }
    expect(conditionsOf(parseBrief(given)).partMaxC).toBe(conditionsOf(b).partMaxC);
    expect(assumptions(given, parseBrief(given), conditionsOf(parseBrief(given)))).toEqual([]);
  });
});

describe('starting points', () => {
  it.each(startingPoints.map(s => [s.key, s] as const))(
    '%s is a valid brief without doubts, with its traps',
    (_, s) => {
      const b = parseBrief({ format: 'hornblende-brief', version: 1, name: s.name, ...s.brief });
      expect(doubts(b)).toEqual([]);
      expect(s.traps.length).toBeGreaterThan(0);
    },
  );
  it('cover the common kinds', () => expect(startingPoints).toHaveLength(18));
});

describe('changes between briefs', () => {
  const before = brief();
  const after = brief({
    lifeYears: 8,
    heat: { setting: 'outdoors' },
    sun: 'full',
    contact: { chemicals: ['oil', 'petrol'] },
    loads: [{ kind: 'short', case: 'direct-stress', stressMPa: 2 }],
  });
  it('are told field by field in words', () => {
    expect(briefChanges(before, after).map(c => c.label)).toEqual([
      'Years it lasts',
      'Load 1',
      'Where it lives',
      'Sun',
      'Chemicals',
    ]);
    expect(briefChanges(before, before)).toEqual([]);
  });
  it('say what each alone did to the ranking', () => {
    const effects = changeEffects(before, after);
    expect(effects.find(e => e.path === 'heat.setting')).toMatchObject({
      firstBefore: expect.any(String) as string,
      firstAfter: expect.any(String) as string,
    });
    expect(effects.find(e => e.path === 'lifeYears')).toMatchObject({
      firstAfter: expect.stringMatching(/^pla/) as string,
    });
    expect(changeEffects(before, brief({ flex: { want: 'rubbery' } }))[0]).toMatchObject({
      path: 'flex.want',
      firstAfter: 'tpu-95a',
    });
  });
});
