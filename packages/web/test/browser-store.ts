import { vi } from 'vitest';

/** A browser's store in memory, which begins empty, and can be full. */
export class FakeStorage {
  readonly values = new Map<string, string>();
  /** Whether nothing more fits. */
  full = false;

  get length(): number {
    return this.values.size;
  }
  key(n: number): string | null {
    return [...this.values.keys()][n] ?? null;
  }
  getItem(key: string): string | null {
    return this.values.get(key) ?? null;
  }
  setItem(key: string, value: string): void {
    if (this.full) throw new DOMException('no room', 'QuotaExceededError');
    this.values.set(key, value);
  }
  removeItem(key: string): void {
    this.values.delete(key);
  }
  clear(): void {
    this.values.clear();
  }
}

/** Puts a store of its own under what is tested; a tab that is opened anew begins with one of its own, too. */
export function stubBrowserStore(): FakeStorage {
  const storage = new FakeStorage();
  vi.stubGlobal('localStorage', storage);
  vi.stubGlobal('sessionStorage', new FakeStorage());
  return storage;
}
