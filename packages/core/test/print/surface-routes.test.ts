import { describe, expect, it } from 'vitest';
import { surfaceRouteIds, surfaceWishes } from '../../src/brief/choices.js';
import { outerSurfaceCm2 } from '../../src/brief/size.js';
import { families, familyByKey } from '../../src/materials/library.js';
import type { RecipeLine } from '../../src/print/recipe/recipe-line.js';
import {
  routeAmounts,
  routeSize,
  smootherOf,
  surfaceRoutes,
  type SurfaceRoute,
} from '../../src/print/surface-routes.js';
import { printCard, type PrintCard } from '../../src/records/card.js';
import { calculate } from '../../src/registry.js';
import type { Gate } from '../../src/score/gate.js';
import { rank } from '../../src/score/rank.js';
import { brief, enclosedPrinter } from '../cases.js';

const routeIds = (key: string): string[] => surfaceRoutes(familyByKey(key)!, 50).map(r => r.id);
const one = (key: string, id: string, area = 50): SurfaceRoute =>
  surfaceRoutes(familyByKey(key)!, area).find(r => r.id === id)!;

describe('ways to a surface', () => {
  it('are what practice has for a filament', () => {
    expect(routeIds('abs')).toEqual(expect.arrayContaining(['solvent', 'sanded', 'painted', 'coated']));
    expect(one('abs', 'solvent').how).toContain('acetone');
    expect(one('pvb', 'solvent').how).toContain('isopropanol');
    expect(routeIds('pp')).not.toContain('painted');
    expect(routeIds('petg')).not.toContain('solvent');
    expect(routeIds('pa12')).toContain('dyed');
    for (const key of ['tpu-85a', 'tpe']) {
      expect(routeIds(key)).not.toContain('sanded');
      expect(routeIds(key)).not.toContain('roughened-skin');
    }
  });
  it('are there for every filament, each with figures that can be', () => {
    const seen = new Set<string>();
    for (const f of families) {
      const routes = surfaceRoutes(f, 80);
      expect(routes.map(r => r.id)).toEqual(expect.arrayContaining(['as-printed', 'thin-layers']));
      for (const r of routes) {
        seen.add(r.id);
        expect(r.minutes).toBeGreaterThanOrEqual(0);
        expect(r.money).toBeGreaterThanOrEqual(0);
        expect(r.keptC, `${f.key} ${r.id}`).toBeGreaterThan(20);
        for (const wish of r.gives) expect(surfaceWishes).toContain(wish);
      }
    }
    expect([...seen].sort()).toEqual([...surfaceRouteIds].sort());
  });
  it('take longer and cost more the larger the part, and never less', () => {
    for (const f of families)
      for (const small of surfaceRoutes(f, 20)) {
        const large = surfaceRoutes(f, 200).find(r => r.id === small.id)!;
        expect(large.minutes).toBeGreaterThanOrEqual(small.minutes);
        expect(large.money).toBeGreaterThanOrEqual(small.money);
      }
    // 10 + 0.5 min a cm².
    expect(one('pla', 'sanded', 60).minutes).toBeCloseTo(40, 9);
    expect(one('pla', 'sanded', 60).money).toBeCloseTo(0.5 + 0.6, 9);
  });
  it('what lies on a part softens before the part does', () => {
    expect(one('pc', 'coated').keptC).toBe(60);
    expect(one('pc', 'solvent') ?? one('pc', 'as-printed')).toMatchObject({
      keptC: expect.any(Number) as number,
    });
    expect(one('pc', 'as-printed').keptC).toBeGreaterThan(100);
    expect(one('pla', 'painted').keptC).toBeLessThan(70);
  });
  it('warn where it burns, numbs or harms the lungs', () => {
    for (const f of families)
      for (const r of surfaceRoutes(f, 50))
        if (['solvent', 'flamed', 'painted', 'sanded', 'coated'].includes(r.id))
          expect(r.cautions.length, `${f.key} ${r.id}`).toBeGreaterThan(0);
  });
  it('say what they take and do to the size', () => {
    expect(routeAmounts({ minutes: 35.2, waitHours: 24 })).toBe('35 min by hand, 24 h to wait.');
    expect(routeAmounts({ minutes: 0, waitHours: 0 })).toBe('');
    expect(routeSize({ lostMm: 0.1 })).toContain('0.1 mm off each face');
    expect(routeSize({ lostMm: -0.25 })).toContain('0.25 mm on each face');
    expect(routeSize({ lostMm: 0 })).toBe('');
  });
  it('`print.surface` works them out, with the working, and refuses what does not go', () => {
    const { result, steps, warnings } = calculate('print.surface', {
      family: 'asa',
      areaCm2: 100,
      route: 'solvent',
    });
    const { routes } = result as { routes: { minutes: number }[] };
    expect(routes).toHaveLength(1);
    // 15 + 0.02 min a cm².
    expect(routes[0]!.minutes).toBeCloseTo(17, 9);
    expect(steps[0]!.value).toBeCloseTo(17, 9);
    expect(warnings.join(' ')).toContain('no flame');
    expect(() => calculate('print.surface', { family: 'pp', areaCm2: 100, route: 'painted' })).toThrow(
      /does not go with/,
    );
  });
});

describe('the way that was chosen', () => {
  const geometry = { xMm: 60, yMm: 40, zMm: 20 };
  it('goes on the card of the filament, by the part’s own outside', () => {
    const part = brief({ geometry, looks: { route: 'sanded' } });
    expect(outerSurfaceCm2(part)).toBeCloseTo(2 * (24 + 8 + 12), 9);
    const of = (key: string): PrintCard =>
      printCard(part, { family: familyByKey(key)!, printer: enclosedPrinter });
    const line = of('pla').lines.find(l => l.id === 'surface')!;
    expect(line).toMatchObject({ group: 'after', label: 'Sand and fill' });
    expect(line.value).toContain('54 min by hand, 4 h to wait.');
    expect(line.why).toContain('0.1 mm off each face');
    expect(of('tpu-95a').lines.find(l => l.id === 'surface')!.why).toContain('takes none');
  });
  it('is none unless it is said, or a fine surface can be had by a solvent', () => {
    const card = (looks: object, key: string): RecipeLine | undefined =>
      printCard(brief({ geometry, looks }), {
        family: familyByKey(key)!,
        printer: enclosedPrinter,
      }).lines.find(l => l.id === 'surface');
    expect(card({}, 'abs')).toBeUndefined();
    expect(card({ finish: 'fine' }, 'abs')!.label).toBe('Solvent or its vapour');
    expect(card({ finish: 'fine' }, 'petg')).toBeUndefined();
    expect(card({ finish: 'fine', route: 'as-printed' }, 'abs')).toBeUndefined();
  });
});

describe('wishes for the surface', () => {
  it('smooth and heat-proof is what acetone smooths and heat does not soften', () => {
    const r = rank(
      brief({ looks: { wishes: ['smoothable'] }, heat: { setting: 'near-source', sourceC: 80 } }),
      {
        printer: enclosedPrinter,
      },
    );
    const first = familyByKey(r.firstChoice!)!;
    expect(smootherOf(first), first.key).not.toBeNull();
    expect(['pla', 'petg', 'pvb']).not.toContain(first.key);
  });
  it.each(surfaceWishes)('%s: the ranking lets in just those that have a way to it', wish => {
    const { candidates } = rank(brief({ looks: { wishes: [wish] } }), {});
    for (const f of families) {
      const gate = candidates.find(c => c.material === f.key)!.gates.find(g => g.id === 'surface')!;
      const ways = surfaceRoutes(f, 50).filter(r => r.gives.includes(wish));
      expect(gate.verdict !== 'fail', f.key).toBe(ways.length > 0);
    }
  });
  it('a textured face costs nothing; a sealed one asks for a solvent or a coat', () => {
    const gate = (wish: 'textured' | 'sealed', key: string): Gate =>
      rank(brief({ looks: { wishes: [wish] } }), {
        printer: enclosedPrinter,
        families: [familyByKey(key)!],
      }).candidates[0]!.gates.find(g => g.id === 'surface')!;
    expect(gate('textured', 'petg').verdict).toBe('pass');
    expect(gate('sealed', 'abs')).toMatchObject({ verdict: 'marginal', rescue: 'smooth it with acetone' });
    expect(gate('sealed', 'petg').rescue).toContain('epoxy');
    expect(gate('sealed', 'pp').rescue).toContain('four walls');
  });
});

describe('what holds a part down', () => {
  const wide = { xMm: 180, yMm: 120, zMm: 20, sharpCorners: 4 };
  it('a raft is said no to where a part lifts, with the reason; elsewhere nobody thinks of one', () => {
    const raft = (geometry: object, key: string): RecipeLine | undefined =>
      printCard(brief({ geometry }), { family: familyByKey(key)!, printer: enclosedPrinter }).lines.find(
        l => l.id === 'raft',
      );
    expect(raft(wide, 'hdpe')!.why).toContain('lifts with it');
    expect(raft({ xMm: 20, yMm: 20, zMm: 10 }, 'pla')).toBeUndefined();
  });
  it('the first layer is a little thicker, never thinner than the rest, and its lines wider', () => {
    const first = (print: object): string =>
      printCard(brief({ print }), { family: familyByKey('petg')!, printer: enclosedPrinter }).lines.find(
        l => l.id === 'first-layer',
      )!.value;
    expect(first({ layerMm: 0.2, lineMm: 0.45 })).toContain('0.25 mm high, lines 0.54 mm wide');
    // Six tenths of a line would be thinner than the layer itself.
    expect(first({ layerMm: 0.3, lineMm: 0.45 })).toContain('0.3 mm high');
  });
});
