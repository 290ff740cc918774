import { describe, expect, it } from 'vitest';
import type { Brief } from '../../src/brief/brief.js';
import { parseBrief } from '../../src/brief/parse-brief.js';
import { families, familyByKey } from '../../src/materials/library.js';
import type { RecipeLine } from '../../src/print/recipe/recipe-line.js';
import { cardHtml } from '../../src/records/card-html.js';
import { cardMarkdown } from '../../src/records/card-markdown.js';
import { printCard, type PrintCard } from '../../src/records/card.js';
import { printerPresets } from '../../src/workshop/presets.js';
import type { Printer } from '../../src/workshop/printer.js';
import { spoolMoistureNow, parseSpool } from '../../src/workshop/spool.js';

const brief = (fields: object = {}): Brief =>
  parseBrief({ format: 'hornblende-brief', version: 1, name: 'Bracket', ...fields });
const machine = (key: string): Printer => printerPresets.find(p => p.key === key)!.profile;
const card = (family: string, printer: string | null, fields: object = {}): PrintCard =>
  printCard(brief(fields), { family: familyByKey(family)!, printer: printer ? machine(printer) : null });
const line = (c: PrintCard, id: string): RecipeLine => {
  const found = c.lines.find(l => l.id === id);
  if (!found) throw new Error(`no line ${id}`);
  return found;
};
const large = { geometry: { xMm: 150, yMm: 150, zMm: 20, volumeCm3: 300, sharpCorners: 4 } };

describe('what practice sets', () => {
  it('PLA: open air, fan on, no brim for a small part', () => {
    const c = card('pla', 'cabinet');
    expect(line(c, 'air').value).toContain('door and lid open');
    expect(line(c, 'fan').set).toBeGreaterThan(50);
    expect(line(c, 'rim').value).toBe('none');
    expect(line(card('pla', 'open-direct'), 'air').value).toContain('open');
  });
  it('ABS: closed and preheated, little fan; a large one gets a brim and discs in open air', () => {
    const closed = card('abs', 'cabinet');
    expect(line(closed, 'air').value).toMatch(/closed, bed on for 20 min/);
    expect(line(closed, 'fan').set).toBeLessThan(40);
    expect(line(closed, 'cooling-down').value).toContain('door shut');
    const open = card('abs', 'large-open', large);
    expect(line(open, 'rim').value).toContain('discs at its 4 sharp corners');
    expect(open.small.what).toContain('bar of 100');
    expect(open.cautions.join(' ')).toContain('styrene');
  });
  it('PETG on smooth PEI: something between, that lets go', () => {
    expect(line(card('petg', 'cabinet'), 'plate').why).toMatch(/to let go|tears the plate/);
    const bare = { ...machine('cabinet'), plates: ['smooth-pei' as const], adhesives: [] };
    const c = printCard(brief(), { family: familyByKey('petg')!, printer: bare });
    expect(line(c, 'plate').value).toContain('release layer');
  });
  it('nylon: dried before each print, never over what its spool bears; without a dryer fresh from its bag', () => {
    const c = line(card('pa6', 'warm-cabinet'), 'drying');
    expect(c.value).toMatch(/h at \d+ °C, and print it from a dry box/);
    expect(c.set).toBeLessThanOrEqual(familyByKey('pa6')!.properties.spoolLimitC!.typical);
    expect(line(card('pa6', 'large-open'), 'drying').value).toBe('fresh from its sealed bag');
  });
  it('soft TPU: slow, no retraction, no supports, a pad to press first', () => {
    const c = card('tpu-85a', 'open-direct', { flex: { want: 'rubbery', shoreA: [80, 90] } });
    expect(line(c, 'speed').set).toBeLessThan(40);
    expect(line(c, 'retraction').value).toMatch(/none to speak of|mm/);
    expect(line(c, 'supports').value).toContain('needs none');
    expect(c.small.what).toContain('pad');
  });
  it('fibres: a hardened nozzle; PP: its own tape; foam: a wall to measure; baked: an oven', () => {
    expect(line(card('pa12-cf', 'cabinet'), 'nozzle-metal').value).toBe('hardened, as fitted');
    expect(line(card('pa12-cf', 'open-direct'), 'nozzle-metal').value).toBe('fit a hardened one');
    expect(line(card('pp', 'warm-cabinet'), 'plate').value).toContain('polypropylene tape');
    expect(card('pla-foam', 'cabinet').small.what).toContain('one wall');
    const hot = card('pla-ht', 'cabinet', { heat: { setting: 'near-source', sourceC: 75, hoursADay: 2 } });
    expect(line(hot, 'baking').value).toMatch(/h at \d+ °C, propped/);
  });
  it('a lined hot end is never set hotter than its liner', () => {
    for (const family of ['abs', 'petg', 'pa-copolymer']) {
      const l = line(card(family, 'open-remote'), 'nozzle');
      expect(l.set).toBeLessThanOrEqual(240);
      expect(l.high).toBeLessThanOrEqual(240);
    }
  });
  it('a load across the layers is printed hotter, and broken across them first', () => {
    const loads = [
      {
        kind: 'sustained',
        case: 'cantilever',
        forceN: 5,
        lengthMm: 40,
        widthMm: 15,
        heightMm: 10,
        acrossLayers: true,
      },
    ];
    const across = card('petg', 'cabinet', { loads });
    expect(line(across, 'nozzle').set).toBeGreaterThan(line(card('petg', 'cabinet'), 'nozzle').set!);
    expect(across.small.what).toContain('hollow box');
  });
  it('a spool’s own ledger says how long to dry it', () => {
    const spool = parseSpool({
      format: 'hornblende-spool',
      version: 1,
      material: 'pa6',
      events: [{ kind: 'opened', at: '2026-01-01' }],
    });
    const pa6 = familyByKey('pa6')!;
    const moisture = spoolMoistureNow(spool, pa6, '2026-02-01T00:00:00Z', 60, 80);
    const c = printCard(brief(), { family: pa6, printer: machine('warm-cabinet'), moisture });
    expect(line(c, 'drying').value).toBe(moisture.advice);
    expect(line(c, 'drying').why).toContain('By its ledger it holds');
  });
  it('every family on every machine gets a card whose settings lie in its windows and the machine’s reach', () => {
    for (const family of families)
      for (const { profile } of printerPresets) {
        const c = printCard(brief(), { family, printer: profile });
        const nozzle = line(c, 'nozzle');
        expect(nozzle.set, family.key).toBeLessThanOrEqual(
          Math.min(profile.nozzleMaxC, profile.linerLimitC ?? 999),
        );
        const fan = line(c, 'fan');
        expect(fan.set).toBeGreaterThanOrEqual(fan.low! - 2.5);
        expect(fan.set).toBeLessThanOrEqual(fan.high! + 2.5);
        expect(new Set(c.lines.map(l => l.id)).size).toBe(c.lines.length);
        for (const l of c.lines)
          expect(`${l.value}${l.why}`, `${family.key} ${l.id}`).not.toMatch(/NaN|undefined|null/);
        expect(c.small.massG).toBeGreaterThan(0.5);
        expect(c.small.massG).toBeLessThan(20);
      }
  });
});

describe('a card on paper', () => {
  const c = printCard(brief({ name: 'Lid <b> | x', quantity: 4 }), {
    family: familyByKey('asa')!,
    printer: machine('cabinet'),
  });
  it('as Markdown, with boxes to tick and nothing that breaks it', () => {
    const md = cardMarkdown(c, '£');
    expect(md).toContain('# Lid \\<b\\> \\| x in ASA');
    expect(md.match(/^- \[ \] \*\*/gm)).toHaveLength(c.lines.length);
    expect(md).toMatch(/£\d+\.\d\d each; 4 of them/);
    expect(md).toContain('**Caution.** Gives off styrene');
  });
  it('as a page that asks for nothing', () => {
    const html = cardHtml(c);
    expect(html).not.toMatch(/<script|https?:\/\/|<b> \|/);
    expect(html.match(/class="box"/g)).toHaveLength(c.lines.length);
    expect(html).toContain('A small print first');
  });
});

describe('how many at once, and which supports', () => {
  it('a small part is not printed alone where its layers stay soft', () => {
    const pin = { geometry: { xMm: 8, yMm: 8, zMm: 30, volumeCm3: 1.5 } };
    const alone = line(card('abs', 'cabinet', pin), 'several');
    expect(alone.value).toMatch(/^at least [2-9]\d* side by side/);
    expect(alone.why).toContain('stays soft');
    expect(card('abs', 'cabinet', large).lines.some(l => l.id === 'several')).toBe(false);
  });
  it('what often fails goes one at a time, what strings one after another, the rest together', () => {
    const many = { quantity: 12, geometry: { xMm: 60, yMm: 60, zMm: 20, volumeCm3: 70 } };
    expect(line(card('pla', 'cabinet', many), 'several').value).toContain('as many as the plate holds');
    const lifting = line(card('abs', 'large-open', { ...large, quantity: 12 }), 'several');
    expect(lifting.value).toBe('one at a time');
    expect(line(card('tpu-85a', 'open-direct', many), 'several').value).toContain('one after another');
  });
  it('short bridges are told from what hangs, and from one that sags', () => {
    const bridged = { geometry: { xMm: 60, yMm: 60, zMm: 40, volumeCm3: 60, supportCm3: 0, bridgeMm: 8 } };
    expect(line(card('pla', 'cabinet', bridged), 'bridges').value).toContain(
      'spans of up to 8 mm, fan at 100 %',
    );
    expect(line(card('pla', 'cabinet', bridged), 'bridges').why).not.toContain('sags');
    expect(line(card('tpu-85a', 'cabinet', bridged), 'bridges').why).toContain('sags');
    expect(card('pla', 'cabinet', large).lines.some(l => l.id === 'bridges')).toBe(false);
  });
  it('supports stand off by a layer, by more where little air lets them fuse', () => {
    const hangs = { geometry: { xMm: 60, yMm: 60, zMm: 40, volumeCm3: 60, supportCm3: 20 } };
    expect(line(card('pla', 'cabinet', hangs), 'supports').value).toContain('0.2 mm beneath the part');
    expect(line(card('abs', 'cabinet', hangs), 'supports').value).toContain('0.3 mm beneath the part');
  });
});
