import { newBrief } from '@hornblende/core/brief';
import { describe, expect, it } from 'vitest';
import { shallowRef } from 'vue';
import type { DraftContent } from '../../../src/features/part/content';
import { useContentHistory } from '../../../src/features/part/history';

const content = (name: string): DraftContent => ({
  brief: newBrief(name),
  given: { name },
  printerId: null,
  weatherId: null,
});

describe('the history of what is edited', () => {
  it('begins anew without touching what is there', () => {
    const now = shallowRef<DraftContent | null>(null);
    const history = useContentHistory(now);
    const first = content('first');
    now.value = first;
    history.reset();
    expect(now.value).toBe(first);
    expect(history.canUndo.value).toBe(false);
  });
  it('gives back the very same contents', () => {
    const first = content('first');
    const second = content('second');
    const now = shallowRef<DraftContent | null>(first);
    const history = useContentHistory(now);
    history.reset();
    now.value = second;
    history.note();
    history.undo();
    expect(now.value).toBe(first);
    history.redo();
    expect(now.value).toBe(second);
  });
  it('a burst on one field is one step; another field begins the next', () => {
    const now = shallowRef<DraftContent | null>(content('0'));
    const history = useContentHistory(now);
    history.reset();
    for (const name of ['1', '2', '3']) {
      now.value = content(name);
      history.note('lifeYears');
    }
    now.value = content('4');
    history.note('sun');
    history.undo();
    expect(now.value.brief.name).toBe('3');
    history.undo();
    expect(now.value.brief.name).toBe('0');
    expect(history.canUndo.value).toBe(false);
  });
  it('keeps another content one undo away', () => {
    const mine = content('mine');
    const theirs = content('theirs');
    const now = shallowRef<DraftContent | null>(mine);
    const history = useContentHistory(now);
    history.reset();
    history.putBehind(theirs);
    history.undo();
    expect(now.value).toBe(theirs);
  });
});
