import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { saveAs } from '../../src/ui/save-as';

const link = { href: '', download: '', click: vi.fn() };
beforeEach(() => {
  vi.useFakeTimers();
  vi.stubGlobal('document', { createElement: () => link });
  vi.spyOn(URL, 'createObjectURL').mockReturnValue('blob:made-here');
  vi.spyOn(URL, 'revokeObjectURL').mockReturnValue(undefined);
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
  vi.restoreAllMocks();
});

describe('a file that was made here', () => {
  it('is offered under its name', () => {
    saveAs('story.md', '# Story', 'text/markdown');
    expect(link).toMatchObject({ href: 'blob:made-here', download: 'story.md' });
    expect(link.click).toHaveBeenCalledOnce();
  });
  it('keeps its address until a slow browser has begun to read it, and gives it up then', () => {
    saveAs('story.md', '# Story', 'text/markdown');
    vi.advanceTimersByTime(30_000);
    expect(URL.revokeObjectURL).not.toHaveBeenCalled();
    vi.advanceTimersByTime(30_000);
    expect(URL.revokeObjectURL).toHaveBeenCalledExactlyOnceWith('blob:made-here');
  });
});
