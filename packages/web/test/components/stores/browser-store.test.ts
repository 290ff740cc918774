import { effectScope, type EffectScope } from 'vue';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { browserStore, useKept } from '../../../src/stores/browser-store';

let page: EffectScope;
beforeEach(() => {
  page = effectScope();
});
afterEach(() => {
  page.stop();
  browserStore.removeItem('hornblende-test');
});
/** A value as somewhere on the page has it. */
const kept = <T extends object | string>(initial: T): { value: T } =>
  page.run(() => useKept<T>('hornblende-test', initial))!;
const written = (): unknown => JSON.parse(browserStore.getItem('hornblende-test')!);

describe('a value that the browser keeps', () => {
  it('is written at each of several changes in a row', () => {
    const value = kept<Record<string, number>>({});
    value.value = { a: 1 };
    expect(written()).toEqual({ a: 1 });
    value.value = {};
    value.value = { b: 2 };
    expect(written()).toEqual({ b: 2 });
    value.value['c'] = 3;
    expect(written()).toEqual({ b: 2, c: 3 });
  });

  it('is the same wherever on the page it stands, and either may write', () => {
    const one = kept<number[]>([]);
    const other = kept<number[]>([]);
    one.value = [1];
    other.value = [...other.value, 2];
    one.value.push(3);
    expect([one.value, other.value, written()]).toEqual([
      [1, 2, 3],
      [1, 2, 3],
      [1, 2, 3],
    ]);
  });

  it('follows what another tab writes, takes out, or clears', () => {
    const value = kept<string>('metric');
    const elsewhere = (key: string | null, newValue: string | null): void =>
      void window.dispatchEvent(new StorageEvent('storage', { key, newValue }));
    elsewhere('hornblende-another', 'us');
    expect(value.value).toBe('metric');
    elsewhere('hornblende-test', 'us');
    expect(value.value).toBe('us');
    elsewhere('hornblende-test', null);
    expect(value.value).toBe('metric');
    value.value = 'us';
    elsewhere(null, null);
    expect(value.value).toBe('metric');
  });
});
