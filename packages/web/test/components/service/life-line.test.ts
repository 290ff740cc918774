import { describe, expect, it } from 'vitest';
import LifeLine from '../../../src/features/service/LifeLine.vue';
import { mounted } from '../mounted';

const standing = (change: object = {}): object => ({
  ...{ verdict: 'fine', ended: false, mode: null, years: 4, seenYears: 3, soundYears: 3 },
  ...{ lastLookAt: '2025-01-01', looks: 2 },
  ...change,
});

describe('the life of a part as a line', () => {
  it('is as long as it is out there beside the longest, with a mark for each look', () => {
    const seen = [
      { years: 1, verdict: 'fine' },
      { years: 3, verdict: 'worn' },
    ];
    const view = mounted(LifeLine, { row: { standing: standing(), seen }, longest: 8 });
    const [line] = view.element.querySelectorAll('line');
    const from = Number(line!.getAttribute('x1'));
    const length = Number(line!.getAttribute('x2')) - from;
    const marks = [...view.element.querySelectorAll('text')];
    expect(marks.map(m => m.textContent.trim())).toEqual(['●', '◐']);
    // A quarter and three quarters of four years.
    expect(marks.map(m => (Number(m.getAttribute('x')) - from) / length)).toEqual([0.25, 0.75]);
    expect(view.getByRole('img').getAttribute('aria-label')).toContain('1.0 years: fine, 3.0 years: worn');
  });
  it('ends where it failed, and is drawn longer than what is younger', async () => {
    const seen = [{ years: 4, verdict: 'failed' }];
    const failed = standing({ verdict: 'failed', ended: true, mode: 'cracked' });
    const view = mounted(LifeLine, { row: { standing: failed, seen }, longest: 4 });
    expect(view.element.querySelector('line')!.classList).toContain('over');
    expect(view.element.querySelector('text')!.classList).toContain('out');
    const end = (): number => Number(view.element.querySelector('line')!.getAttribute('x2'));
    const whole = end();
    await view.give({ row: { standing: standing({ years: 1 }), seen: [] } });
    expect(end()).toBeLessThan(whole / 2);
  });
});
