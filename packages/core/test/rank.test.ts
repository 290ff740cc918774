import { describe, expect, it } from 'vitest';
import { relaxations } from '../src/advice/relax.js';
import { families } from '../src/materials/library.js';
import { propertyNames } from '../src/materials/property.js';
import { rank } from '../src/score/rank.js';
import { parsePrinter } from '../src/workshop/printer.js';
import { brief, candidate, enclosedPrinter, failed, openPrinter } from './cases.js';

const outdoors = { heat: { setting: 'outdoors' }, sun: 'full', water: 'rain', looks: { colour: 'dark' } };

describe('what practitioners know', () => {
  it('a shelf indoors is PLA, and step-up agrees', () => {
    expect(rank(brief(), { printer: enclosedPrinter }).firstChoice).toBe('pla');
    expect(rank(brief(), { printer: enclosedPrinter, school: 'step-up' }).firstChoice).toBe('pla');
  });
  it('full sun is ASA where it can be printed, PETG where a large part would lift', () => {
    expect(['asa', 'asa-cf']).toContain(rank(brief(outdoors), { printer: enclosedPrinter }).firstChoice);
    expect(
      rank(brief(outdoors), { printer: enclosedPrinter, families: families.filter(f => f.filler === null) })
        .firstChoice,
    ).toBe('asa');
    const large = brief({
      ...outdoors,
      looks: { colour: 'light' },
      geometry: { xMm: 180, yMm: 150, zMm: 30 },
    });
    expect(failed(large, openPrinter, 'asa')).toEqual(['printability.chamber']);
    expect(rank(large, { printer: openPrinter, families: families.filter(f => !f.baked) }).firstChoice).toBe(
      'petg',
    );
  });
  it('ABS is out in years of sun by ultraviolet light, PLA by heat when dark', () => {
    expect(failed(brief(outdoors), enclosedPrinter, 'abs')).toContain('uv');
    expect(failed(brief(outdoors), enclosedPrinter, 'pla')).toContain('heat');
    expect(failed(brief({ ...outdoors, looks: { colour: 'white' } }), enclosedPrinter, 'pla')).not.toContain(
      'heat',
    );
  });
  it('a closed car in the sun melts PLA and toughened PLA', () => {
    const car = brief({ heat: { setting: 'closed-vehicle' }, sun: 'part' });
    for (const key of ['pla', 'pla-tough']) expect(failed(car, enclosedPrinter, key)).toContain('heat');
    for (const key of ['asa', 'pc']) expect(failed(car, enclosedPrinter, key)).toEqual([]);
  });
  it('stiff PLA creeps under a load held for years', () => {
    const held = brief({
      loads: [{ kind: 'sustained', case: 'cantilever', forceN: 20, lengthMm: 60, widthMm: 20, heightMm: 6 }],
    });
    const growth = (key: string): number =>
      candidate(rank(held), key).criteria.find(c => c.id === 'creep')!.value /
      candidate(rank(held), key).criteria.find(c => c.id === 'stiffness')!.value;
    expect(growth('pla')).toBeGreaterThan(growth('pa6-cf') + 0.4);
  });
  it('a gasket of 80 to 90 A is TPU 85A, on a direct drive', () => {
    const gasket = brief({ flex: { want: 'rubbery', shoreA: [80, 90] }, contact: { food: 'wet' } });
    expect(rank(gasket, { printer: enclosedPrinter }).firstChoice).toBe('tpu-85a');
    expect(failed(gasket, openPrinter, 'tpu-85a')).toEqual(['printability.drive']);
    expect(candidate(rank(gasket), 'tpu-85a').cautions.join()).toMatch(/Food contact is not proven/);
  });
  it('a living hinge is PP', () =>
    expect(rank(brief({ flex: { want: 'hinge' } }), { printer: enclosedPrinter }).firstChoice).toBe('pp'));
  it('a dissolving support is PVA, and PVA is nothing else', () => {
    const support = rank(brief({ purpose: 'dissolving-support' }), { printer: enclosedPrinter });
    expect([support.firstChoice, support.secondChoice].sort()).toEqual(['bvoh', 'pva']);
    expect(support.candidates.filter(c => c.rank !== null)).toHaveLength(2);
    expect(failed(brief(), enclosedPrinter, 'pva')).toContain('purpose');
    expect(failed(brief({ purpose: 'dissolving-support' }), enclosedPrinter, 'pla')).toEqual(['purpose']);
  });
  it('see-through is PETG or PC', () => {
    const r = rank(brief({ looks: { clear: true } }), { printer: enclosedPrinter });
    expect(
      r.candidates
        .filter(c => c.rank !== null)
        .map(c => c.material)
        .sort(),
    ).toEqual(['copolyester-ht', 'pc', 'petg', 'pmma', 'pvb']);
    expect(['petg', 'pvb']).toContain(r.firstChoice);
  });
  it('what must float is PP, or sealed', () => {
    const r = rank(brief({ mustFloat: true, water: 'immersed', geometry: { solidFraction: 0.4 } }), {
      printer: enclosedPrinter,
    });
    expect(candidate(r, 'pp').gates.find(g => g.id === 'float')?.verdict).toBe('pass');
    expect(candidate(r, 'petg').gates.find(g => g.id === 'float')?.verdict).toBe('marginal');
    expect(r.firstChoice).toMatch(/^pp/);
    expect(
      rank(brief({ mustFloat: true, water: 'immersed', heat: { setting: 'outdoors' } }), {
        printer: enclosedPrinter,
      }).firstChoice,
    ).toMatch(/^pp/);
    expect(
      failed(brief({ mustFloat: true, geometry: { solidFraction: 0.9 } }), enclosedPrinter, 'petg'),
    ).toContain('float');
  });
  it('acetone takes ABS, petrol spares nylon', () => {
    expect(failed(brief({ contact: { chemicals: ['acetone'] } }), enclosedPrinter, 'abs')).toContain(
      'chemicals',
    );
    expect(failed(brief({ contact: { chemicals: ['petrol'] } }), enclosedPrinter, 'pa12')).toEqual([]);
  });
});

describe('an open machine with brass and a remote drive', () => {
  it.each<[string, string[]]>([
    ['pla', []],
    ['pla-tough', []],
    ['petg', []],
    ['abs', []],
    ['asa', []],
    ['pc', ['printability.liner']],
    ['pa6-cf', ['printability.liner', 'printability.nozzle-metal']],
    ['pp', ['printability.plate', 'printability.chamber']],
    ['pa12', []],
    ['pp-light', ['printability.plate', 'printability.chamber']],
    ['pla-silk', []],
    ['pla-wood', []],
    ['pla-foam', []],
    ['pla-ht', []],
    ['pvb', []],
    ['tpu-95a', ['flex']],
    ['tpu-64d', ['flex']],
    ['tpu-foam', ['flex', 'printability.drive']],
    ['hips', []],
    ['pla-cf', ['printability.nozzle-metal']],
    ['pla-glow', ['printability.nozzle-metal']],
    ['pla-metal', ['printability.nozzle-metal']],
    ['petg-cf', ['printability.nozzle-metal']],
    ['asa-cf', ['printability.liner', 'printability.nozzle-metal']],
    ['pet-cf', ['printability.nozzle', 'printability.liner', 'printability.nozzle-metal']],
    ['tpu-85a', ['flex', 'printability.drive']],
    ['tpu-60a', ['flex', 'printability.drive']],
    ['pa-copolymer', []],
    ['pa6', ['printability.liner']],
    ['pa6-gf', ['printability.liner', 'printability.nozzle-metal']],
    ['pa12-cf', ['printability.liner', 'printability.nozzle-metal']],
    ['pc-blend', ['printability.liner']],
    ['copolyester-ht', ['printability.liner']],
    ['pva', ['purpose']],
    ['bvoh', ['purpose']],
    ['peek', ['printability.nozzle', 'printability.liner', 'printability.bed', 'printability.chamber']],
    ['pei', ['printability.nozzle', 'printability.liner', 'printability.bed', 'printability.chamber']],
  ])('%s fails %j', (key, gates) => expect(failed(brief(), openPrinter, key)).toEqual(gates));

  it('says what would rescue each', () => {
    const r = rank(brief({ geometry: { xMm: 180, yMm: 150, zMm: 30 } }), { printer: openPrinter });
    expect(candidate(r, 'asa').gates.find(g => g.id === 'printability.chamber')).toMatchObject({
      verdict: 'fail',
      why: expect.stringMatching(
        /^In open air at 28 °C this part lifts at a corner \d+ times in 100/,
      ) as string,
      rescue: 'passes in an enclosure that holds 38 °C, or smaller and rounder',
    });
    expect(candidate(r, 'pa12').gates.find(g => g.id === 'printability.dryer')).toMatchObject({
      verdict: 'marginal',
      rescue: expect.stringMatching(/fresh from its sealed bag/) as string,
    });
    expect(candidate(r, 'pa6-cf').gates.find(g => g.id === 'printability.nozzle-metal')?.rescue).toMatch(
      /hardened nozzle/,
    );
  });
  it('smooth PEI alone is too good for PETG', () => {
    const smooth = parsePrinter({ ...openPrinter, plates: ['smooth-pei'], adhesives: [] });
    expect(
      candidate(rank(brief(), { printer: smooth }), 'petg').gates.find(g => g.id === 'printability.plate'),
    ).toMatchObject({ verdict: 'marginal', rescue: expect.stringMatching(/textured|release/) as string });
  });
  it('knows when the part does not fit', () => {
    expect(failed(brief({ geometry: { xMm: 300 } }), openPrinter, 'pla')).toEqual(['build']);
    expect(failed(brief({ geometry: { xMm: 100, yMm: 215, zMm: 250 } }), openPrinter, 'pla')).toEqual([]);
  });
});

describe('every candidate', () => {
  const load = { kind: 'sustained', case: 'cantilever', forceN: 30, lengthMm: 60, widthMm: 20, heightMm: 6 };
  const r = rank(brief({ ...outdoors, loads: [load] }), { printer: enclosedPrinter });
  it('states need, have, unit, why, and a rescue where it fails by heat, strength or sun', () => {
    for (const c of r.candidates)
      for (const g of c.gates) {
        expect(g.why).toMatch(/\.$/);
        expect(g.need).not.toBeNaN();
        if (g.verdict === 'fail' && ['heat', 'strength', 'uv', 'creep'].includes(g.id))
          expect(g.rescue, `${c.material} ${g.id}`).toBeTruthy();
      }
  });
  it('keeps its scores when out, and has no rank', () => {
    for (const c of r.candidates) {
      expect(c.score).toBeGreaterThan(0);
      expect(c.rank === null).toBe(c.status === 'out');
    }
  });
  it('the rescue of a strength gate is true', () => {
    const asa = candidate(r, 'asa').gates.find(g => g.id === 'strength');
    const high = Number(/([\d.]+) mm high/.exec(asa?.rescue ?? '')?.[1]);
    const again = rank(brief({ ...outdoors, loads: [{ ...load, heightMm: high * 1.002 }] }), {
      printer: enclosedPrinter,
    });
    expect(candidate(again, 'asa').gates.find(g => g.id === 'strength')?.verdict).toBe('marginal');
  });
  it('weighs nothing that the brief does not call for', () => {
    const indoors = rank(brief());
    expect(indoors.weights).toMatchObject({ uv: 0, strength: 0, creep: 0, impact: 0, mass: 0, moisture: 0 });
    expect(rank(brief({ weights: { uv: 2 } })).weights.uv).toBe(2);
  });
  it('the field school is kinder to what lasts outdoors', () => {
    const life = (outdoorSchool: string): number =>
      candidate(rank(brief({ ...outdoors, outdoorSchool })), 'pla').criteria.find(c => c.id === 'uv')
        ?.value ?? 0;
    expect(life('field')).toBeCloseTo(2 * life('laboratory'), 6);
  });
  it('a part that could hurt carries the notice', () => {
    expect(candidate(rank(brief({ ifItFails: 'injures' })), 'pla').cautions[0]).toMatch(
      /not certification.*licensed professional/,
    );
  });
});

describe('when nothing fits', () => {
  it('names the nearest requirement to relax, and relaxing it works', () => {
    const hot = brief({ heat: { setting: 'custom', partC: 260 } });
    expect(rank(hot, { printer: enclosedPrinter }).firstChoice).toBeNull();
    const { relaxations: list, closest } = relaxations(hot, enclosedPrinter, families);
    expect(list[0]).toMatchObject({ requirement: 'heat' });
    expect(rank(list[0]!.brief, { printer: list[0]!.printer }).firstChoice).toBe(list[0]!.lets);
    expect(closest?.gates.map(g => g.id)).toContain('heat');
    expect([...list].sort((a, b) => a.distance - b.distance)).toEqual(list);
  });
  it('a printer that can print nothing says what would help', () => {
    const toy = parsePrinter({
      format: 'hornblende-printer',
      version: 1,
      name: 'Toy',
      nozzleMaxC: 120,
      bedMaxC: 0,
      plates: [],
    });
    expect(rank(brief(), { printer: toy }).firstChoice).toBeNull();
    const { relaxations: list, closest } = relaxations(brief(), toy, families);
    expect(list.some(x => x.requirement.startsWith('printer'))).toBe(true);
    expect(closest?.gates.every(g => g.id.startsWith('printability'))).toBe(true);
  });
  it('one purchase is named when one is enough', () => {
    const { relaxations: list } = relaxations(
      brief({ flex: { want: 'rubbery', shoreA: [80, 90] } }),
      openPrinter,
      families,
    );
    expect(list.map(x => x.requirement)).toContain('printer: direct-drive');
  });
});

describe('the library', () => {
  it.each(families.map(f => [f.key, f] as const))('%s is whole and in order', (_, f) => {
    for (const name of propertyNames) {
      const p = f.properties[name];
      if (p === null) {
        expect([
          'tmC',
          'shoreA',
          'crystallisationStrain',
          'waterHalfLifeY',
          'compressionSetPct',
          'steamCycles134',
        ]).toContain(name);
        continue;
      }
      expect(p.low).toBeLessThanOrEqual(p.typical);
      expect(p.typical).toBeLessThanOrEqual(p.high);
      expect(p.source.length).toBeGreaterThan(8);
    }
    const soft = f.properties.vicatC ?? f.properties.tgC;
    expect(f.properties.hdt045C!.typical).toBeLessThanOrEqual(soft!.typical);
    expect(f.properties.hdt18C!.typical).toBeLessThanOrEqual(f.properties.hdt045C!.typical);
    for (let i = 1; i < f.retention.length; i++)
      expect(f.retention[i]![1]).toBeLessThan(f.retention[i - 1]![1]);
  });
});
