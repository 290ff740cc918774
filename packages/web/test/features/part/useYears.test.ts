import { parseBrief } from '@hornblende/core/brief';
import type { Brief } from '@hornblende/core/formats';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { fetchYear, yearReady } from '../../../src/features/part/useYears';
import { asked, askedJobs } from '../../fake-computer';

vi.mock('../../../src/workers/compute', async () => (await import('../../fake-computer')).fakeCompute());

const brief = (heat: object): Brief =>
  parseBrief({ format: 'hornblende-brief', version: 1, name: 'Box', sun: 'full', heat });
beforeEach(() => {
  askedJobs.length = 0;
});

describe('the years that a ranking rests on', () => {
  it('a brief of one hot day needs none', () => {
    expect(yearReady(brief({ setting: 'outdoors' }), null)).toBe(true);
  });
  it('asks the worker once, however often it is asked', async () => {
    const hill = brief({ setting: 'outdoors', climate: 'hill' });
    expect(yearReady(hill, null)).toBe(false);
    const first = fetchYear(hill, null);
    const second = fetchYear(hill, null);
    expect(second).toBe(first);
    expect(asked('year')).toHaveLength(1);
    asked('year')[0]!.fail('the worker broke');
    await expect(first).rejects.toThrow('the worker broke');
  });
  it('tries again after a failure', async () => {
    const hill = brief({ setting: 'outdoors', climate: 'hill' });
    const again = fetchYear(hill, null);
    expect(asked('year')).toHaveLength(1);
    asked('year')[0]!.fail('broke again');
    await expect(again).rejects.toThrow('broke again');
    expect(yearReady(hill, null)).toBe(false);
  });
});
