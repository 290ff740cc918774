import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { noteKept } from '../../src/api/as-kept';
import { KEPT_AT } from '../../src/phone/kept-at';
import { useService } from '../../src/stores/service';

let asked: number;
/** What the answers say of themselves: kept by the phone, or given by the workshop. */
let headers: Record<string, string>;

beforeEach(() => {
  setActivePinia(createPinia());
  asked = 0;
  headers = {};
  noteKept(new Headers());
  vi.stubGlobal('fetch', (): Promise<Response> => {
    asked++;
    return Promise.resolve(Response.json([], { headers }));
  });
});
afterEach(() => vi.unstubAllGlobals());

describe('parts in service on a phone', () => {
  it('are asked for again once the workshop answers, after what the phone had kept was shown', async () => {
    const service = useService();
    headers = { [KEPT_AT]: '2026-05-01T10:00:00Z' };
    await service.load();
    expect(asked).toBe(1);
    // Anything that the workshop answers itself says that it can be reached.
    headers = {};
    noteKept(new Headers());
    await vi.waitFor(() => expect(asked).toBe(2));
  });
  it('are not asked for again while the workshop answers all along', async () => {
    const service = useService();
    await service.load();
    noteKept(new Headers());
    await Promise.resolve();
    expect(asked).toBe(1);
  });
});
