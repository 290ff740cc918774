import type { ListedPlacement } from '@hornblende/core/api';
import { parsePlaceMap, type PlaceMap } from '@hornblende/core/formats';
import { describe, expect, it, vi } from 'vitest';
import MapSheet from '../../../src/features/service/map/MapSheet.vue';
import { mounted, type Mounted } from '../mounted';

const map = (change: object = {}): PlaceMap =>
  parsePlaceMap({
    ...{ format: 'hornblende-map', version: 1, name: 'Garden' },
    areas: [{ name: 'Pond', x: 0.1, y: 0.1, width: 0.4, height: 0.4 }],
    ...change,
  });
const part = (id: string, where: string, inDays: number | null = null): ListedPlacement =>
  ({
    ...{ id, seen: [], placement: { name: `Part ${id}`, place: { where } } },
    standing: { verdict: 'fine', ended: false, mode: null, years: 2, seenYears: 1, looks: 1 },
    due: inDays === null ? null : { inDays, on: '2026-12-01', because: [] },
  }) as unknown as ListedPlacement;
const parts = [part('a', 'Pond', -3), part('b', 'Shed')];

function sheet(change: object = {}): Mounted {
  const view = mounted(
    MapSheet,
    { map: map(), parts, drawing: true, chosenPart: null, chosenArea: null, ...change },
    { emits: ['part', 'area', 'change', 'drawn'] },
  );
  // In a document in memory nothing has a size: the sheet is 1000 by 625 pixels.
  vi.spyOn(view.getByTestId('map-sheet'), 'getBoundingClientRect').mockReturnValue({
    ...{ left: 0, top: 0, width: 1000, height: 625 },
  } as DOMRect);
  return view;
}
/** Presses an element, drags from a point of the sheet to another, in shares of it, and lets go. */
function drag(element: Element, from: [number, number], to: [number, number]): void {
  const at = ([x, y]: [number, number]): object => ({ button: 0, clientX: 1000 * x, clientY: 625 * y });
  const event = (type: string, where: object): Event =>
    Object.assign(new Event(type, { bubbles: true }), where);
  element.dispatchEvent(event('pointerdown', at(from)));
  window.dispatchEvent(event('pointermove', at(to)));
  window.dispatchEvent(event('pointerup', at(to)));
}
const key = (element: Element, name: string, shiftKey = false): boolean =>
  element.dispatchEvent(Object.assign(new Event('keydown', { bubbles: true }), { key: name, shiftKey }));

describe('the sheet of a map', () => {
  it('shows the parts whose place is drawn, how each stands, and what is overdue', async () => {
    const view = sheet({ drawing: false });
    const marks = view.getAllByTestId('map-mark');
    expect(marks.map(m => m.getAttribute('aria-label'))).toEqual([
      expect.stringMatching(/^Part a: .*, was to be looked at 3 days ago$/) as string,
    ]);
    expect(marks[0]!.classList).toContain('over');
    expect([marks[0]!.style.left, marks[0]!.style.top]).toEqual(['30.00%', '35.60%']);
    await view.press(marks[0]!);
    expect(view.said.part!.at(-1)).toEqual(['a']);
    expect(view.said.change).toEqual([]);
  });
  it('moves a place by hand, and never over its edge', () => {
    const view = sheet();
    drag(view.getByTestId('map-area'), [0.2, 0.2], [0.3, 0.15]);
    expect(view.said.change![0]).toEqual([
      { areas: [{ name: 'Pond', x: 0.2, y: 0.05, width: 0.4, height: 0.4 }] },
    ]);
    drag(view.getByTestId('map-area'), [0.2, 0.2], [1, 1]);
    expect(view.said.change![1]).toMatchObject([{ areas: [{ x: 0.6, y: 0.6 }] }]);
  });
  it('sizes a place at its corner, and draws one on free ground that is large enough', () => {
    const view = sheet();
    drag(view.getByTestId('map-corner'), [0.5, 0.5], [0.6, 0.7]);
    expect(view.said.change![0]).toMatchObject([{ areas: [{ x: 0.1, y: 0.1, width: 0.5, height: 0.6 }] }]);
    drag(view.getByTestId('map-sheet'), [0.9, 0.9], [0.6, 0.7]);
    expect(view.said.drawn).toEqual([[{ x: 0.6, y: 0.7, width: 0.3, height: 0.2 }]]);
    drag(view.getByTestId('map-sheet'), [0.9, 0.9], [0.88, 0.7]);
    expect(view.said.drawn).toHaveLength(1);
  });
  it('moves and sizes a place by arrows, and takes it away by Delete', () => {
    const view = sheet();
    const area = view.getByTestId('map-area');
    key(area, 'ArrowRight');
    key(area, 'ArrowDown', true);
    key(area, 'Delete');
    const [right, taller, gone] = view.said.change!.map(([c]) => (c as Partial<PlaceMap>).areas!);
    expect(right![0]).toMatchObject({ x: 0.11, y: 0.1, height: 0.4 });
    expect(taller![0]).toMatchObject({ x: 0.1, y: 0.1, height: 0.41 });
    expect(gone).toEqual([]);
  });
  it('puts a part where it was dragged, and moves it on from there by arrows', async () => {
    const view = sheet();
    drag(view.getByTestId('map-mark'), [0.3, 0.356], [0.8, 0.256]);
    const [{ spots }] = view.said.change![0] as [PlaceMap];
    expect(spots).toEqual([{ placementId: 'a', x: 0.8, y: expect.closeTo(0.256, 2) as number }]);
    await view.give({ map: map({ spots }) });
    key(view.getByTestId('map-mark'), 'ArrowLeft');
    expect((view.said.change![1] as [PlaceMap])[0].spots).toMatchObject([{ placementId: 'a', x: 0.79 }]);
  });
  it('is only pressed, not changed, where the hand does not move or it is not drawn on', async () => {
    const view = sheet();
    drag(view.getByTestId('map-mark'), [0.3, 0.35], [0.301, 0.35]);
    await view.give({ drawing: false });
    drag(view.getByTestId('map-mark'), [0.3, 0.35], [0.8, 0.8]);
    drag(view.getByTestId('map-area'), [0.2, 0.2], [0.4, 0.4]);
    drag(view.getByTestId('map-sheet'), [0.6, 0.6], [0.9, 0.9]);
    expect([view.said.change, view.said.drawn]).toEqual([[], []]);
    expect(view.said.part).toContainEqual(['a']);
  });
});
