import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { CouponKind } from '../../../src/api/client';
import CouponShelf from '../../../src/features/bench/CouponShelf.vue';
import FoamBench from '../../../src/features/bench/FoamBench.vue';
import HardnessBench from '../../../src/features/bench/HardnessBench.vue';
import SoakBench from '../../../src/features/bench/SoakBench.vue';
import SpringBench from '../../../src/features/bench/SpringBench.vue';
import { askedJobs } from '../../fake-computer';
import { mounted, type Mounted } from '../mounted';

const plate: CouponKind = {
  ...{ id: 'hardness-plate', title: 'Plate for a durometer', measures: 'How hard it is.', solid: true },
  inputs: [],
};
const posted = vi.fn();
beforeEach(() => {
  localStorage.clear();
  posted.mockClear();
  vi.stubGlobal('fetch', (path: string, init?: RequestInit): Promise<Response> => {
    if (init?.method === 'POST') {
      posted(path, JSON.parse(String(init.body)));
      return Promise.resolve(Response.json({ id: 'p9' }, { status: 201 }));
    }
    if (path === '/api/coupons') return Promise.resolve(Response.json([plate]));
    if (path.endsWith('.stl')) return Promise.resolve(new Response(new Uint8Array([1, 2, 3])));
    return Promise.resolve(Response.json([]));
  });
});
const field = (view: Mounted, name: string): HTMLElement => view.getByRole('textbox', { name });
const words = (element: Element): string => element.textContent.replace(/\s+/g, ' ');

describe('the hardness bench', () => {
  it('draws the stack as thick as it is said to be, and shows the middle reading', async () => {
    const view = mounted(HardnessBench);
    await view.type(field(view, 'Each, mm'), '3');
    await view.type(field(view, 'Layers stacked'), '2');
    expect(view.getByRole('img').getAttribute('aria-label')).toContain('6 mm thick');
    for (const reading of ['84', '86', '85', '87', '85.5']) {
      await view.type(field(view, 'Reading'), reading);
      await view.press(view.getByRole('button', { name: 'Take it' }));
    }
    expect(words(view.getByTestId('hardness-answer'))).toContain('85.5 Shore A');
    // ISO 868: the needle sinks 2.5 mm less a fortieth of a millimetre a point.
    expect(view.element.textContent).toContain('sinks 0.36 mm');
  });
  it('hands what was read on to the infill’s sheet', async () => {
    const view = mounted(HardnessBench);
    for (const reading of ['70', '70', '70', '70', '70']) {
      await view.type(field(view, 'Reading'), reading);
      await view.press(view.getByRole('button', { name: 'Take it' }));
    }
    await view.press(view.getByRole('link', { name: 'Make it softer by infill' }));
    await vi.waitFor(() =>
      expect(JSON.parse(localStorage.getItem('hornblende-bench-infill')!)).toMatchObject({
        scale: 'A',
        solidHardness: 70,
      }),
    );
  });
});

describe('the other tools', () => {
  it('show both weights of a soak on their scales, and what they come to', async () => {
    const view = mounted(SoakBench);
    await view.type(field(view, 'Before, g'), '6');
    await view.type(field(view, 'After, g'), '9');
    await view.type(field(view, 'Its outside, cm³'), '10');
    expect(words(view.getByRole('img'))).toContain('6 g');
    expect(words(view.getByTestId('soak-answer'))).toContain('60 %');
  });
  it('say the next flow of a foam, and where it is right', async () => {
    const view = mounted(FoamBench);
    await view.type(field(view, 'Wall, mm'), '1.28');
    await view.press(view.getByRole('button', { name: 'Take it' }));
    expect(words(view.getByTestId('foam-answer'))).toContain('62.5 % of flow for the next square');
    await view.type(field(view, 'Wall, mm'), '0.8');
    await view.press(view.getByRole('button', { name: 'Take it' }));
    expect(words(view.getByTestId('foam-answer'))).toContain('is right at 220 °C');
  });
  it('begin a part whose load is the strip’s', async () => {
    const view = mounted(SpringBench);
    await view.press(view.getByRole('button', { name: 'Begin a part with this load' }));
    await vi.waitFor(() => expect(posted).toHaveBeenCalled());
    const [path, body] = posted.mock.lastCall as [string, { brief: { loads: object[] } }];
    expect(path).toBe('/api/parts');
    // Of PETG: ∛(4 × 5 × 40³ / (1900 × 10 × 4)) = 2.56.
    expect(body.brief.loads).toEqual([
      { kind: 'cyclic', case: 'cantilever', forceN: 5, lengthMm: 40, widthMm: 10, heightMm: 2.6 },
    ]);
  });
});

describe('the coupon shelf', () => {
  it('says what a coupon measures, how it is printed, and what that takes', async () => {
    const view = mounted(CouponShelf);
    await vi.waitFor(() => expect(askedJobs.some(j => j.name === 'couponLook')).toBe(true));
    const job = askedJobs.find(j => j.name === 'couponLook')!;
    expect(job.question).toMatchObject({ solid: true, family: { key: 'petg' } });
    expect(view.getByTestId('coupon-measures').textContent).toBe('How hard it is.');
    job.answer({ edges: new Float32Array(72), sizeMm: [45, 45, 6], massG: 15.4, hours: 0.6 });
    await vi.waitFor(() =>
      expect(view.getByTestId('coupon-takes').textContent).toContain('Print it solid: about 15 g and 36 min'),
    );
  });
});
