import { readdirSync, readFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { describe, expect, it } from 'vitest';

const project = resolve(import.meta.dirname, '../../..');
const core = join(project, 'packages/core/src');

/** The sources below a folder. */
function sources(folder: string): string[] {
  return readdirSync(join(project, folder), { recursive: true, encoding: 'utf8' })
    .filter(file => /\.(ts|vue|mjs)$/.test(file) && !/(node_modules|dist)\//.test(file))
    .map(file => readFileSync(join(project, folder, file), 'utf8'));
}

/** The names that a room opens. */
function opened(room: string): string[] {
  const text = readFileSync(join(core, room, 'index.ts'), 'utf8');
  return [...text.matchAll(/export (?:type )?\{([^}]*)\}/g)].flatMap(([, names]) =>
    names!
      .split(',')
      .map(name => name.trim().replace(/^type /, ''))
      .filter(Boolean),
  );
}

/** Rooms whose libraries others load on purpose: what is made and measured there is opened whole. */
const whole = new Set(['coupons', 'geometry', 'units']);
const rooms = readdirSync(core, { withFileTypes: true })
  .filter(entry => entry.isDirectory() && !whole.has(entry.name))
  .map(entry => entry.name);

describe('core’s doors', () => {
  const words = new Set(
    ['packages/server', 'packages/web', 'packages/cli', 'e2e', 'scripts']
      .flatMap(sources)
      .flatMap(text => text.match(/[A-Za-z_]\w*/g) ?? []),
  );

  it.each(rooms)('%s opens what is used outside it, and nothing else', room => {
    const names = opened(room);
    expect(names.length).toBeGreaterThan(0);
    expect(names.filter(name => !words.has(name))).toEqual([]);
  });
});
