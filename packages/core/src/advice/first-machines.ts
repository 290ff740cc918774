import type { Brief } from '../brief/brief.js';
import type { Weather } from '../climate/weather.js';
import type { Family } from '../materials/family.js';
import type { Candidate } from '../score/candidate.js';
import { rank } from '../score/rank.js';
import { printerPresets, type MachineKind } from '../workshop/presets.js';

/** A part as it is weighed where there is no printer yet. */
export interface UnprintedPart {
  name: string;
  brief: Brief;
  weather: Weather | null;
}

/** What one kind of machine prints of the first choices. */
export interface FirstMachine {
  kind: MachineKind;
  name: string;
  price: number;
  /** The parts whose first choice by needs alone it prints, each with that choice. */
  prints: { part: string; material: string }[];
  /** Those whose first choice it does not print, with what it would print instead; null for nothing. */
  otherwise: { part: string; material: string; instead: string | null }[];
}

/**
 * Which machines print what parts need, where there is no printer yet: each part is ranked on its needs alone, and each
 * common kind of machine asked whether the first choice is still in the running on it. The one that prints the most
 * stands first, of equals the cheapest.
 * @param families who takes part
 * @param prices one's own, where they differ from the made-up ones
 */
export function firstMachines(
  parts: readonly UnprintedPart[],
  families: readonly Family[],
  prices: Partial<Record<MachineKind, number>> = {},
): FirstMachine[] {
  const wanted = parts.map(part => {
    const first = firstOf(rank(part.brief, { weather: part.weather, families }).candidates);
    return { ...part, first };
  });
  const machines = printerPresets.map(({ key, name, price, profile }): FirstMachine => {
    const prints: FirstMachine['prints'] = [];
    const otherwise: FirstMachine['otherwise'] = [];
    for (const { name: part, brief, weather, first } of wanted) {
      if (!first) continue;
      const { candidates } = rank(brief, { printer: profile, weather, families });
      const there = candidates.find(c => c.material === first.material);
      if (there && there.status !== 'out') prints.push({ part, material: first.name });
      else otherwise.push({ part, material: first.name, instead: firstOf(candidates)?.name ?? null });
    }
    return { kind: key, name, price: prices[key] ?? price, prints, otherwise };
  });
  return machines.sort((a, b) => b.prints.length - a.prints.length || a.price - b.price);
}

function firstOf(candidates: readonly Candidate[]): Candidate | undefined {
  return candidates.find(c => c.rank === 1);
}
