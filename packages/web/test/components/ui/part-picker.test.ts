import { fireEvent } from '@testing-library/dom';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import PartPicker from '../../../src/ui/PartPicker.vue';
import { mounted, type Mounted } from '../mounted';

const kept = ['Entrance-gate hinge', 'Extractor crank knob'];
beforeEach(() => {
  vi.stubGlobal('fetch', (path: string): Promise<Response> => {
    const words = new URL(path, 'http://localhost').searchParams.get('words')!;
    const hits = kept.filter(title => title.toLowerCase().includes(words));
    return Promise.resolve(
      Response.json(hits.map(title => ({ kind: 'parts', id: title, title, place: '', away: false }))),
    );
  });
});
const offered = (): string[] =>
  [...document.querySelectorAll('.ant-select-item-option')].map(o => o.textContent.trim());
const picker = (partId = ''): Mounted =>
  mounted(
    PartPicker,
    { partId, partName: partId && 'Gone from the list', label: 'One of', none: 'no part' },
    { emits: ['pick'] },
  );

describe('the picker of a part', () => {
  it('offers no part first, then what was touched last, and keeps a part that is not among them', async () => {
    const view = picker('elsewhere');
    await fireEvent.mouseDown(view.getByRole('combobox', { name: 'One of' }));
    await vi.waitFor(() => expect(offered()).toEqual(['no part', 'Gone from the list', ...kept]));
    await view.choose('One of', 'no part');
    expect(view.said.pick).toEqual([['']]);
  });
  it('offers what the words find alone, so that Enter takes it; and says where they find nothing', async () => {
    const view = picker();
    const box = view.getByRole('combobox', { name: 'One of' });
    await view.type(box, 'knob');
    await vi.waitFor(() => expect(offered()).toEqual(['Extractor crank knob']));
    await fireEvent.keyDown(box, { key: 'Enter', keyCode: 13, which: 13 });
    await nextTick();
    expect(view.said.pick).toEqual([['Extractor crank knob']]);
    await view.type(box, 'zzz');
    await vi.waitFor(() => expect(document.body.textContent).toContain('No part is called that.'));
  });
});
