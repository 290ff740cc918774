import { newBrief } from '@hornblende/core/brief';
import { parsePrinter } from '@hornblende/core/formats';
import { families } from '@hornblende/core/materials';
import { rank } from '@hornblende/core/score';
import { describe, expect, it } from 'vitest';
import PrinterReach from '../../../src/features/workshop/PrinterReach.vue';
import { mounted } from '../mounted';

const printer = (id: string, change: object): object => ({
  ...{ id, revision: 1 },
  profile: parsePrinter({ format: 'hornblende-printer', version: 1, name: id, ...change }),
});
const cold = printer('Cold', { nozzleMaxC: 240, bedMaxC: 60, nozzleMetal: 'brass' });
const hot = printer('Hot', {
  ...{ nozzleMaxC: 450, bedMaxC: 160, chamber: 'enclosed', chamberC: 90, nozzleMetal: 'hardened' },
});

describe('what each printer can print', () => {
  const view = mounted(PrinterReach, { printers: [cold, hot] });
  const cells = Object.fromEntries(
    [...view.element.querySelectorAll('tbody tr')].map(row => {
      const texts = [...row.querySelectorAll('th, td')].map(c => c.textContent.replace(/\s+/g, ' ').trim());
      return [texts[0]!, texts.slice(1)] as const;
    }),
  );
  const heads = [...view.element.querySelectorAll('thead th')].map(h => h.textContent.trim());

  it('says of every family whether it prints, prints with care, or cannot, and what stands in the way', () => {
    expect(Object.keys(cells)).toHaveLength(families.length);
    expect(cells['PLA']![0]).toBe('● prints');
    const peek = families.find(f => f.key === 'peek')!.name;
    expect(cells[peek]![0]).toMatch(/^○ cannot ?\w/);
    for (const marks of Object.values(cells))
      for (const mark of marks) expect(mark).toMatch(/^● prints$|^◐ with care ?\S|^○ cannot ?\S/);
  });

  it('counts what each can print as the ranking of a small part does', () => {
    for (const [n, { profile }] of ([cold, hot] as { profile: never }[]).entries()) {
      const out = rank(newBrief('probe'), { printer: profile }).candidates.filter(c =>
        c.gates.some(g => g.id.startsWith('printability') && g.verdict === 'fail'),
      );
      const can = families.length - out.length;
      expect(heads[n + 1]).toContain(`${can} of ${families.length}`);
      const marks = Object.values(cells).map(c => c[n]!);
      expect(marks.filter(m => !m.startsWith('○'))).toHaveLength(can);
    }
  });

  it('grows with what a printer can do', () => {
    const [few, many] = heads.slice(1).map(h => Number(/(\d+) of/.exec(h)![1]));
    expect(few).toBeGreaterThan(0);
    expect(many).toBeGreaterThan(few!);
  });
});
