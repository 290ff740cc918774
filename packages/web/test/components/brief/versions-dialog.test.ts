import { parseBrief } from '@hornblende/core/brief';
import { rank } from '@hornblende/core/score';
import { screen } from '@testing-library/dom';
import type { Pinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { nextTick } from 'vue';
import VersionsDialog from '../../../src/features/brief/VersionsDialog.vue';
import { useDraft } from '../../../src/features/part/draft';
import { mounted, type Mounted } from '../mounted';
import { openedPart } from '../opened-part';

const version = (revision: number, given: object): object => ({
  ...{ revision, savedAt: `2026-11-0${revision}T10:00:00Z` },
  brief: parseBrief({ format: 'hornblende-brief', version: 1, name: 'Bracket', ...given }),
});
const outdoors = { heat: { setting: 'outdoors' }, sun: 'full', lifeYears: 8 };
const indoors = { heat: { setting: 'indoors' }, lifeYears: 8 };
const firstOf = (given: object): string => {
  const b = parseBrief({ format: 'hornblende-brief', version: 1, name: 'Bracket', ...given });
  return rank(b).candidates.find(c => c.rank === 1)!.name;
};
let pinia: Pinia;

async function opened(versions: object[]): Promise<Mounted> {
  pinia = await openedPart(outdoors, { '/api/parts/p1/versions': versions });
  const view = mounted(VersionsDialog, {}, { pinia, emits: ['close'] });
  await vi.waitFor(() => expect(screen.queryByText(/First choice:|only one version/)).toBeTruthy());
  return view;
}
beforeEach(() => vi.unstubAllGlobals());

describe('two versions of a brief', () => {
  it('are the last two at first, with what came first by each and what each change did', async () => {
    await opened([version(2, outdoors), version(1, indoors)]);
    const before = firstOf(indoors);
    const after = firstOf(outdoors);
    expect(before).not.toBe(after);
    const page = screen.getByTestId('versions');
    expect(page.textContent).toContain(`First choice: ${before}, then ${after}.`);
    const rows = [...page.querySelectorAll('tbody tr')].map(r => r.textContent.replace(/\s+/g, ' ').trim());
    expect(rows).toHaveLength(2);
    for (const row of rows) expect(row).toMatch(/alone puts .+ first|stays first|cannot stand alone/);
  });

  it('say so where they are the same', async () => {
    await opened([version(2, outdoors), version(1, outdoors)]);
    expect(screen.getByTestId('versions').textContent).toContain('These two say the same.');
    expect(screen.getByTestId('versions').textContent).toContain(`${firstOf(outdoors)} in both`);
  });

  it('can be gone back to, as one step of undo', async () => {
    const view = await opened([version(2, outdoors), version(1, indoors)]);
    await view.press(screen.getByText('Go back to version 1'));
    await nextTick();
    expect(useDraft().brief!.sun).toBe('none');
    useDraft().undo();
    expect(useDraft().brief!.sun).toBe('full');
  });

  it('are none where there is but one', async () => {
    await opened([version(1, outdoors)]);
    expect(screen.queryByTestId('versions')).toBeNull();
    expect(document.body.textContent).toContain('There is only one version yet.');
  });
});
