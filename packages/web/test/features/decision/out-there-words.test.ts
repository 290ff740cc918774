import type { ServiceStanding } from '@hornblende/core/service';
import { describe, expect, it } from 'vitest';
import { outThereWords } from '../../../src/features/decision/out-there-words';
import { isThisMachineOnly } from '../../../src/features/service/this-machine-only';

const part = (
  verdict: ServiceStanding['verdict'],
  mode: ServiceStanding['mode'] = null,
): { standing: ServiceStanding } => ({
  standing: {
    verdict,
    mode,
    ended: verdict === 'failed',
    years: 1,
    seenYears: 1,
    soundYears: 1,
    lastLookAt: null,
    looks: 1,
  },
});

describe('how the parts of a decision do', () => {
  it('is how many there are, and how those that failed did so', () => {
    expect(outThereWords([])).toBe('None of it is in service yet.');
    expect(outThereWords([part('fine'), part(null)])).toBe('In service: 2, none failed.');
    expect(outThereWords([part('fine'), part('failed', 'cracked'), part('failed', 'cracked')])).toBe(
      'In service: 3, 2 cracked.',
    );
  });
});

describe('an address for phones', () => {
  it('that means the machine that opens it leads nobody here', () => {
    for (const here of [
      'http://localhost:4680',
      '127.0.0.1:4680',
      'http://127.1.2.3',
      'http://[::1]:4680',
      'http://0.0.0.0',
    ])
      expect(isThisMachineOnly(here), here).toBe(true);
    for (const there of [
      'http://192.168.1.20:4680',
      'http://shed.local:4680',
      'localhost.example.org',
      '',
      'http://',
    ])
      expect(isThisMachineOnly(there), there).toBe(false);
  });
});
