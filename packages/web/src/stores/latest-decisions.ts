import type { DecisionSummary } from '@hornblende/core/api';
import { defineStore } from 'pinia';
import { shallowReactive } from 'vue';
import { api } from '../api/client';

/** The decision of each part that stands, for what is shown on every page of it. */
export const useLatestDecisions = defineStore('latest-decisions', () => {
  const byPart = shallowReactive(new Map<string, DecisionSummary | null>());

  /** Takes over a part's decisions, the newest first. */
  function note(partId: string, decisions: readonly DecisionSummary[]): void {
    byPart.set(partId, decisions.find(d => d.withdrawn === null) ?? null);
  }
  /** Asks for a part's decisions; where they cannot be had, none is shown. */
  async function load(partId: string): Promise<void> {
    try {
      note(partId, (await api.decisions(partId, null)).items);
    } catch {
      byPart.delete(partId);
    }
  }
  return { load, note, of: (partId: string): DecisionSummary | null => byPart.get(partId) ?? null };
});
