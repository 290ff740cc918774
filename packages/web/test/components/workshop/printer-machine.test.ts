import { parsePrinter, type Printer } from '@hornblende/core/formats';
import { familyByKey } from '@hornblende/core/materials';
import { beforeEach, describe, expect, it } from 'vitest';
import ChamberBalance from '../../../src/features/workshop/ChamberBalance.vue';
import PeelTest from '../../../src/features/workshop/PeelTest.vue';
import PrinterFeed from '../../../src/features/workshop/PrinterFeed.vue';
import PrinterPlate from '../../../src/features/workshop/PrinterPlate.vue';
import { platesSentence, printerSentence } from '../../../src/features/workshop/printer-words';
import { mounted } from '../mounted';

beforeEach(() => localStorage.clear());
const machine = (change: object = {}): Printer =>
  parsePrinter({
    ...{
      format: 'hornblende-printer',
      version: 1,
      name: 'Shed',
      chamber: 'enclosed',
      chamberC: 45,
      bedMaxC: 100,
    },
    ...change,
  });
const shown = (value: number, measure: string, digits = 0): string =>
  measure === 'temperature' ? `${value.toFixed(digits)} °C` : `${value} mm`;

describe('how warm the air of a printer gets', () => {
  it('is worked out for rooms and doors, and taken over', async () => {
    const view = mounted(ChamberBalance, { profile: machine() }, { emits: ['air'] });
    expect(view.queryByTestId('chamber-balance')).toBeNull();
    await view.press(view.getByRole('button', { name: 'Work out how warm its air gets' }));
    const rows = view.getAllByRole('row').map(r => r.textContent.replace(/\s+/g, ' ').trim());
    expect(rows[0]).toMatch(/Air after half an hour ?Door shut ?Ajar ?Open/);
    expect(rows).toHaveLength(4);
    const [shut, ajar, open] = [...rows[2]!.matchAll(/(\d+) °C/g)].slice(1).map(m => Number(m[1]));
    expect(shut).toBeGreaterThan(ajar!);
    expect(ajar).toBeGreaterThan(open!);
    await view.press(view.getByRole('button', { name: `Take ${shut} °C` }));
    expect(view.said.air).toEqual([[shut]]);
    expect(view.queryByTestId('chamber-balance')).toBeNull();
  });
  it('says what heater holds what is wanted, with its caution', async () => {
    const view = mounted(ChamberBalance, { profile: machine() });
    await view.press(view.getByRole('button', { name: 'Work out how warm its air gets' }));
    expect(view.element.textContent).not.toContain('qualified people');
    await view.type(view.getByRole('textbox', { name: 'Air wanted, °C' }), '65');
    expect(view.element.textContent.replace(/\s+/g, ' ')).toMatch(
      /To hold 65 °C there it takes a heater of 1\d\d W\./,
    );
    expect(view.element.textContent).toContain('work for qualified people');
  });
});

describe('how filament comes to the nozzle', () => {
  it('is said field by field', async () => {
    const view = mounted(PrinterFeed, { profile: machine() }, { emits: ['change'] });
    await view.choose('Filament path', 'guided closely');
    await view.choose('Feeder gears', 'on both sides');
    await view.type(view.getByRole('textbox', { name: 'Spools it feeds by turns' }), '4');
    expect(view.said.change).toEqual([
      [{ path: 'guided' }],
      [{ gears: 'both-sides' }],
      [{ spoolsAtOnce: 4 }],
    ]);
  });
  it('and what holds the plate, with nothing where that is taken back', async () => {
    const view = mounted(PrinterPlate, { profile: machine({ magnetsKPa: 8 }) }, { emits: ['change'] });
    await view.type(view.getByRole('textbox', { name: 'Magnets hold the plate, kPa' }), '');
    await view.choose('Bed is levelled', 'by hand');
    expect(view.said.change).toEqual([[{ magnetsKPa: null }], [{ levelling: 'by-hand' }]]);
  });
  it('a printer is told in a sentence, with what it has beyond the usual', () => {
    expect(printerSentence(machine(), shown)).not.toContain('magnets');
    const told = printerSentence(
      machine({ magnetsKPa: 8, spoolsAtOnce: 4, path: 'guided', feedDryerC: 55 }),
      shown,
    );
    expect(told).toContain('direct drive that leads filament closely');
    expect(told).toContain(
      'feeds 4 spools by turns; fed from a dry box at 55 °C; its plate is held by magnets',
    );
  });
  it('and how prints went on each of its plates', () => {
    const record = {
      ...{ timed: 0, timeFactor: 1, prints: [] },
      plates: [
        { plate: 'smooth-pei', ownPlate: null, well: 5, failed: 2 },
        { plate: 'smooth-pei', ownPlate: 'Blue film', well: 1, failed: 0 },
      ],
    };
    expect(platesSentence(machine({ record }))).toBe(
      'On its plates: smooth PEI 7 prints, 2 of them failed; Blue film 1 print, all well.',
    );
    expect(platesSentence(machine())).toBe('');
  });
});

describe('a peel test', () => {
  it('says how a plate holds beside a new one', async () => {
    const view = mounted(PeelTest, { like: 'smooth-pei', least: 0.05, most: 5 }, { emits: ['hold'] });
    await view.press(view.getByRole('button', { name: 'Work it out from a peel test' }));
    const asNew = familyByKey('pla')!.adhesion['smooth-pei']!.bare;
    await view.type(view.getByRole('textbox', { name: 'Pull, N' }), String((asNew * 20 * 0.5) / 1000));
    expect(view.element.textContent).toContain('it holds 50 % as well as a new one');
    await view.press(view.getByRole('button', { name: 'Take it' }));
    expect(view.said.hold).toEqual([[0.5]]);
  });
});
