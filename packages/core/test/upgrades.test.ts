import { describe, expect, it, vi } from 'vitest';
import { familyCard } from '../src/advice/family-card.js';
import type { WorkshopUpgradesResult } from '../src/advice/upgrade-input.js';
import { UpgradeStandings } from '../src/advice/upgrade-standings.js';
import { weighUpgrades } from '../src/advice/upgrades.js';
import type { Brief } from '../src/brief/brief.js';
import { families } from '../src/materials/library.js';
import { calculate } from '../src/registry.js';
import * as judging from '../src/score/judge.js';
import { rank } from '../src/score/rank.js';
import { printerPresets } from '../src/workshop/presets.js';
import { parsePrinter } from '../src/workshop/printer.js';
import { upgrades, withUpgrades, type UpgradeKind } from '../src/workshop/purchases.js';
import { brief, openPrinter } from './cases.js';

const offers = (...kinds: UpgradeKind[]): { kind: UpgradeKind; price: number }[] =>
  upgrades.filter(u => !kinds.length || kinds.includes(u.kind)).map(u => ({ kind: u.kind, price: u.price }));
const sunny = brief({ name: 'Sunny', heat: { setting: 'outdoors' }, sun: 'full', looks: { colour: 'dark' } });
const soft = brief({ name: 'Soft', seal: 'water', flex: { want: 'rubbery', shoreA: [80, 90] } });
const weigh = (
  parts: Brief[],
  list = offers(),
  more: { budget?: number; quote?: number } = {},
): WorkshopUpgradesResult =>
  weighUpgrades({
    printer: openPrinter,
    upgrades: list,
    machines: [],
    parts: parts.map(b => ({ name: b.name, brief: b, quoteEach: more.quote ?? null })),
    budget: more.budget ?? null,
  });

describe('workshop.upgrades', () => {
  it('what a purchase opens is what ranking on the better printer lets in', () => {
    for (const o of weigh([sunny, soft], offers('enclosure', 'hot-end', 'direct-drive', 'hardened-nozzle'))
      .options) {
      const better = withUpgrades(openPrinter, o.kinds);
      for (const [part, b] of [
        ['Sunny', sunny],
        ['Soft', soft],
      ] as const) {
        const running = (p: typeof openPrinter): string[] =>
          rank(b, { printer: p })
            .candidates.filter(c => c.rank !== null)
            .map(c => c.material);
        const before = running(openPrinter);
        expect(
          (o.unlocked.find(u => u.part === part)?.materials ?? []).sort(),
          `${o.kinds.join()} ${part}`,
        ).toEqual(
          running(better)
            .filter(m => !before.includes(m))
            .sort(),
        );
      }
    }
  });
  it('a direct drive is what a soft part needs', () => {
    const r = weigh([soft]);
    expect(r.bestSingle).toBe('direct-drive');
    expect(r.options.find(o => o.kinds.join() === 'direct-drive')?.unlocked[0]?.materials).toContain(
      'tpu-85a',
    );
  });
  it('the Pareto set rises in cost and in gain, and nothing outside it beats it', () => {
    const { options } = weigh([sunny, soft]);
    const best = options.filter(o => o.pareto);
    expect(best.length).toBeGreaterThan(1);
    for (let i = 1; i < best.length; i++) {
      expect(best[i]!.cost).toBeGreaterThan(best[i - 1]!.cost);
      expect(best[i]!.gain).toBeGreaterThan(best[i - 1]!.gain);
    }
    for (const o of options)
      expect(
        best.some(b => b.cost <= o.cost && b.gain >= o.gain - 0.005) || o.gain === 0,
        o.kinds.join(),
      ).toBe(true);
  });
  it('nothing dearer than the budget, nothing that the printer has, no two of a kind', () => {
    for (const o of weigh([sunny], offers(), { budget: 100 }).options)
      expect(o.cost).toBeLessThanOrEqual(100);
    const rich = parsePrinter({ ...printerPresets.find(p => p.key === 'hot-works')!.profile });
    expect(
      weighUpgrades({
        printer: rich,
        upgrades: offers('enclosure', 'hot-end', 'hardened-nozzle', 'direct-drive', 'bed'),
        machines: [],
        parts: [{ name: 'a', brief: sunny, quoteEach: null }],
        budget: null,
      }).options,
    ).toEqual([]);
    expect(weigh([sunny], offers('dryer', 'hot-dryer')).options.map(o => o.kinds.join())).toEqual([
      'dryer',
      'hot-dryer',
    ]);
  });
  it('what an earlier question found out is kept: other prices, another budget and fewer offers tell the same', () => {
    const parts = [sunny, soft].map(b => ({ name: b.name, brief: b, quoteEach: 12 }));
    const machines = [{ machine: 'open-direct', price: 300 }] as const;
    const asked = { printer: openPrinter, upgrades: offers(), machines: [...machines], parts, budget: null };
    const standings = new UpgradeStandings(
      openPrinter,
      [sunny, soft].map(b => ({ brief: b, weather: null })),
      families,
    );
    weighUpgrades(asked, { standings });
    const judged = vi.spyOn(judging, 'judgeAll');
    for (const other of [
      { ...asked, upgrades: offers().map(o => ({ ...o, price: o.price * 3 + 1 })) },
      { ...asked, budget: 100 },
      { ...asked, upgrades: offers('enclosure', 'direct-drive') },
    ]) {
      const kept = weighUpgrades(other, { standings });
      expect(judged).not.toHaveBeenCalled();
      expect(kept).toEqual(weighUpgrades(other));
      expect(judged).toHaveBeenCalled();
      judged.mockClear();
    }
  });
  it('a print service: when printing oneself pays', () => {
    const r = weigh([soft], offers('direct-drive'), { quote: 12 });
    const b = r.breakEven[0]!;
    expect(b.ownEach).not.toBeNull();
    // Nothing that soft feeds through the open machine's tube: the drive has to pay for itself.
    const price = offers('direct-drive')[0]!.price;
    expect(b.breakEvenQuantity).toBe(Math.ceil(price / b.savingEach!));
    const hard = brief({
      name: 'Hot',
      heat: { setting: 'near-source', sourceC: 125, hoursADay: 2 },
      lifeYears: 3,
      print: { bake: 'never' },
      quantity: 3,
    });
    const c = weigh(
      [hard],
      offers('hot-end', 'enclosure', 'heated-chamber', 'hardened-nozzle', 'hot-dryer', 'bed'),
      { quote: 30 },
    ).breakEven[0]!;
    expect(c.ownEach).not.toBeNull();
    const cost = /for (\d+)/.exec(c.note)?.[1];
    expect(c.breakEvenQuantity).toBe(Math.ceil(Number(cost) / c.savingEach!));
    expect(weigh([hard], offers('tape'), { quote: 30 }).breakEven[0]).toMatchObject({
      ownEach: null,
      breakEvenQuantity: null,
      note: 'No purchase here makes it: order it.',
    });
  });
  it('another machine stands beside the printer: what runs on either runs, and the price is its own', () => {
    const machines = printerPresets.map(p => ({ machine: p.key, price: p.price }));
    const ask = (budget: number | null): WorkshopUpgradesResult =>
      weighUpgrades({
        printer: openPrinter,
        upgrades: offers('tape'),
        machines,
        parts: [sunny, soft].map(b => ({ name: b.name, brief: b, quoteEach: null })),
        budget,
      });
    const { options } = ask(null);
    const running = (p: typeof openPrinter): string[] =>
      rank(sunny, { printer: p })
        .candidates.filter(c => c.rank !== null)
        .map(c => c.material);
    for (const o of options.filter(x => x.machine !== null)) {
      const preset = printerPresets.find(p => p.key === o.machine)!;
      expect(o.cost).toBe(preset.price);
      const here = running(openPrinter);
      expect((o.unlocked.find(u => u.index === 0)?.materials ?? []).sort(), preset.key).toEqual(
        running(preset.profile)
          .filter(m => !here.includes(m))
          .sort(),
      );
      // Nothing is lost by having one machine more.
      for (const u of o.unlocked) expect(u.scoreAfter).toBeGreaterThanOrEqual(u.scoreBefore - 1e-9);
    }
    expect(options.find(o => o.machine === 'cabinet')!.gain).toBeGreaterThan(0);
    // Like the printer that is there, it adds nothing that the remote drive lacks.
    expect(options.find(o => o.machine === 'open-remote')!.gain).toBe(0);
    const best = ask(null).bestMachine!;
    const gains = options.filter(o => o.machine !== null).map(o => o.gain);
    expect(Math.max(...gains) - best.machine.gain).toBeLessThan(0.01);
    // Tape alone does not do what a closed machine does.
    expect(best.upgrades).toBeNull();
    expect(
      ask(500)
        .options.flatMap(o => o.machine ?? [])
        .sort(),
    ).toEqual(
      printerPresets
        .filter(p => p.price <= 500)
        .map(p => p.key)
        .sort(),
    );
  });
  it('a quote is weighed against the cheapest purchase that makes the part, a machine among them', () => {
    const { breakEven } = weighUpgrades({
      printer: openPrinter,
      upgrades: [],
      machines: [{ machine: 'open-direct', price: 300 }],
      parts: [{ name: 'Soft', brief: soft, quoteEach: 40 }],
      budget: null,
    });
    expect(breakEven[0]!.note).toContain('With another machine: Open frame, direct drive for 300');
    expect(breakEven[0]!.breakEvenQuantity).toBe(Math.ceil(300 / breakEven[0]!.savingEach!));
  });
  it('two parts of one name are kept apart', () => {
    const hot = brief({ name: 'Twin', heat: { setting: 'near-source', sourceC: 150 } });
    const parts = [
      { name: 'Twin', brief: { ...soft, name: 'Twin' }, quoteEach: 12 },
      { name: 'Twin', brief: hot, quoteEach: 30 },
    ];
    const r = weighUpgrades({
      printer: openPrinter,
      upgrades: offers('direct-drive'),
      machines: [],
      parts,
      budget: null,
    });
    expect(r.breakEven.map(b => [b.index, b.ownEach === null])).toEqual([
      [0, false],
      [1, true],
    ]);
    expect(r.breakEven[1]?.note).toContain('order it');
    expect(r.options[0]?.unlocked.map(u => u.index)).toEqual([0]);
  });
  it('is a model like any other', () => {
    const a = calculate('workshop.upgrades', {
      printer: openPrinter,
      upgrades: offers('direct-drive'),
      parts: [
        {
          name: 'Soft',
          brief: {
            format: 'hornblende-brief',
            version: 1,
            name: 'Soft',
            flex: { want: 'rubbery', shoreA: [80, 90] },
          },
        },
      ],
    });
    expect((a.result as WorkshopUpgradesResult).bestSingle).toBe('direct-drive');
    expect(a.steps[0]?.symbol).toBe('Direct drive');
    expect(() =>
      calculate('workshop.upgrades', {
        printer: openPrinter,
        upgrades: [{ kind: 'magic', price: 1 }],
        parts: [],
      }),
    ).toThrow('upgrades[0].kind');
    expect(
      calculate('workshop.upgrades', { printer: openPrinter, upgrades: [], parts: [] }).warnings[0],
    ).toContain('no open parts');
  });
});

describe('presets', () => {
  it('each is a valid printer of its own name, and the works machine prints what the classroom cannot', () => {
    expect(new Set(printerPresets.map(p => p.key)).size).toBe(printerPresets.length);
    const printable = (key: string): string[] => {
      const r = rank(brief(), { printer: printerPresets.find(p => p.key === key)!.profile });
      return r.candidates
        .filter(c => !c.gates.some(g => g.id.startsWith('printability') && g.verdict === 'fail'))
        .map(c => c.material);
    };
    expect(printable('small-unheated')).toContain('pla');
    expect(printable('small-unheated')).not.toContain('abs');
    expect(printable('open-remote')).toContain('abs');
    expect(printable('hot-works')).toEqual(expect.arrayContaining(['peek', 'pei', 'pc', 'pa6-cf']));
    expect(printable('open-remote')).not.toEqual(expect.arrayContaining(['pla-cf']));
    for (const key of ['tpu-85a', 'pc', 'peek', 'petg-cf'])
      expect(printable('open-remote'), key).not.toContain(key);
    for (const key of ['pla', 'pla-tough', 'petg', 'pvb', 'tpu-64d'])
      expect(printable('open-remote'), key).toContain(key);
  });
});

describe('cards', () => {
  it('every family has something for it and something to watch, and says nothing twice', () => {
    for (const f of families) {
      const c = familyCard(f);
      expect(c.for.length, f.key).toBeGreaterThanOrEqual(1);
      expect(c.watch.length, f.key).toBeGreaterThanOrEqual(1);
      const lines = [...c.for, ...c.watch];
      expect(new Set(lines).size, f.key).toBe(lines.length);
    }
  });
  it('say what practitioners say', () => {
    const card = (key: string): string => {
      const c = familyCard(families.find(f => f.key === key)!);
      return [...c.for, ...c.watch].join(' ');
    };
    expect(card('pla')).toMatch(/any machine.*closed car/);
    expect(card('asa')).toMatch(/sun.*styrene/);
    expect(card('pp')).toMatch(/hinges for ever.*almost nothing/);
    expect(card('pa6')).toMatch(/Drinks water/);
    expect(card('bvoh')).toMatch(/gel/);
    expect(card('peek')).toMatch(/few have/);
    expect(card('tpu-85a')).toMatch(/direct drive/);
    expect(card('petg')).toMatch(/weld well.*smooth PEI/);
    expect(card('tpu-foam')).toMatch(/collapses/);
  });
  it('editing the data changes the card', () => {
    const pla = families.find(f => f.key === 'pla')!;
    const hot = {
      ...pla,
      properties: { ...pla.properties, hdt045C: { ...pla.properties.hdt045C!, typical: 130 } },
    };
    expect(familyCard(hot).for[0]).toContain('130 °C');
    expect(familyCard(hot).watch.join()).not.toContain('Softens early');
  });
});
