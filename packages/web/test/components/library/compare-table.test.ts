import { familyByKey, propertyNames, type Family } from '@hornblende/core/materials';
import { describe, expect, it } from 'vitest';
import CompareTable from '../../../src/features/library/CompareTable.vue';
import { mounted, type Mounted } from '../mounted';

const of = (...keys: string[]): Family[] => keys.map(k => familyByKey(k)!);
const table = (rows: Family[]): Mounted => mounted(CompareTable, { rows }, { emits: ['drop'] });
const lines = (view: Mounted): string[] =>
  [...view.element.querySelectorAll('tbody tr')].map(r => r.querySelector('th, td')!.textContent.trim());

describe('filaments side by side', () => {
  it('say how to begin where there are none', () => {
    expect(table([]).element.textContent).toContain('Tick up to four');
  });

  it('show what differs at first, and every known property when asked to', async () => {
    const view = table(of('pla', 'pla-ht'));
    const differing = lines(view).length;
    await view.press(view.getByRole('checkbox', { name: 'Only what differs' }));
    const known = propertyNames.filter(name => of('pla', 'pla-ht').some(f => f.properties[name] !== null));
    // Three lines of words stand above them: what each is for, what against, and where it is the best.
    expect(lines(view)).toHaveLength(known.length + 3);
    expect(differing).toBeLessThan(known.length + 3);
  });

  it('name of each where it alone is the best', () => {
    const view = table(of('pla', 'asa', 'tpu-95a'));
    const row = [...view.element.querySelectorAll('tbody tr')].find(r =>
      r.textContent.trim().startsWith('Best of these at'),
    )!;
    const cells = [...row.querySelectorAll('td')].map(c => c.textContent.trim());
    const [pla, asa, tpu] = cells.slice(-3);
    expect(pla).toMatch(/modulus|stiff/i);
    expect(asa).not.toBe(pla);
    expect(tpu).toMatch(/impact|elong|strain|break/i);
    // Nothing is the best twice.
    const named = [pla, asa, tpu].flatMap(c => c!.split('; ')).filter(n => n !== 'nothing alone');
    expect(named.filter((name, at) => named.indexOf(name) !== at)).toEqual([]);
  });

  it('drop the one that is no longer wanted', async () => {
    const view = table(of('pla', 'asa'));
    await view.press(view.getByRole('button', { name: 'Drop ASA' }));
    expect(view.said.drop).toEqual([['asa']]);
  });

  it('show nothing but words where both are the same', () => {
    expect(lines(table(of('pla', 'pla')))).toEqual(['For', 'Against', 'Best of these at']);
  });
});
