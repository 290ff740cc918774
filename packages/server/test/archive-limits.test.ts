import { mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { archiveLimits, stage } from '../src/archive/staging.js';
import { archivesOf } from './archives.js';
import { runningApi } from './running.js';

const folder = mkdtempSync(join(tmpdir(), 'hornblende-limits-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));
const { exported, addPart } = archivesOf(runningApi());

describe('how much an archive may hold', () => {
  it('is 16 GB, or what HORNBLENDE_ARCHIVE_GB says', () => {
    expect(archiveLimits('').whole).toBe(16 * 2 ** 30);
    expect(archiveLimits('0.5').whole).toBe(2 ** 29);
    expect(archiveLimits('1024').whole).toBe(2 ** 40);
  });
  it('is not what is no size: the setting is named, with what it may be', () => {
    for (const said of ['much', '0', '-1', '1025', 'Infinity', 'NaN'])
      expect(() => archiveLimits(said)).toThrow(
        `HORNBLENDE_ARCHIVE_GB: is ${said}; it must be a number above 0, at most 1024`,
      );
  });
  it('is held to: what is over it is refused, says what would let it in, and leaves nothing', async () => {
    await addPart('One part');
    const zip = join(folder, 'workshop.zip');
    writeFileSync(zip, await exported());
    const laidOut = join(folder, 'laid-out.db');
    const few = archiveLimits('0.000001');
    await expect(stage(zip, laidOut, undefined, few)).rejects.toThrow(
      'HORNBLENDE_ARCHIVE_GB lets more be taken',
    );
    await expect(stage(zip, laidOut, undefined, { ...archiveLimits(), files: 2 })).rejects.toThrow(
      'at most 2 are taken',
    );
    expect(readdirSync(folder)).toEqual(['workshop.zip']);
    await expect(stage(zip, laidOut)).resolves.toMatchObject({ database: laidOut });
  });
});
