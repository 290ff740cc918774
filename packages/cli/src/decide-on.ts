import { parseInput } from '@hornblende/core/input';
import { decide, DecisionInput, type DecisionRecord } from '@hornblende/core/records';
import { familiesFor } from '@hornblende/core/service';
import type { Ground } from './ground.js';

/** What `hornblende decide` is told. */
export interface DecideOptions {
  first: string;
  second?: string;
  reason: string;
  by: string;
  acknowledge?: boolean;
  at?: string;
  draws: number;
  seed: number;
  as: 'markdown' | 'html' | 'json';
  json?: boolean;
}

/**
 * Records a decision without a database: from the same premises it is the record that the application
 * writes. Parts in service are not at hand here. @throws InputError
 */
export function decideOn(g: Ground, o: DecideOptions): DecisionRecord {
  const input = parseInput(DecisionInput, {
    firstChoice: o.first,
    secondChoice: o.second ?? null,
    reason: o.reason,
    decidedBy: o.by,
    hazardAcknowledged: o.acknowledge ?? false,
  });
  const { draws, seed } = o;
  const at = o.at ?? new Date().toISOString();
  return decide(input, { ...g, families: familiesFor(g.brief, []) }, { at, draws, seed });
}
