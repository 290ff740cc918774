import { vi } from 'vitest';

/** A browser's store that begins empty and forgets with each test. */
export function stubBrowserStore(): void {
  const held = new Map<string, string>();
  vi.stubGlobal('localStorage', {
    getItem: (key: string) => held.get(key) ?? null,
    setItem: (key: string, value: string) => held.set(key, value),
    removeItem: (key: string) => held.delete(key),
  });
}
