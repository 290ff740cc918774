import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';

const root = join(import.meta.dirname, '../../..');

describe('what is timed', () => {
  it('asks each room of core for what its door opens', async () => {
    const bench = readFileSync(join(root, 'scripts/bench.mjs'), 'utf8');
    const named = [...bench.matchAll(/\bcore\.(\w+)\.(\w+)/g)].map(
      ([, room, name]) => [room!, name!] as const,
    );
    expect(named.length).toBeGreaterThan(20);
    for (const [room, name] of named) {
      const door = join(root, `packages/cli/dist/core/${room}.js`);
      const opened = (await import(door)) as Record<string, unknown>;
      expect(Object.keys(opened), `core.${room}`).toContain(name);
    }
  });
});
