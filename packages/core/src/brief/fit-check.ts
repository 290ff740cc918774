import { BriefHeat, type Brief } from './brief.js';

/** Years that a fit-check is kept. */
const KEPT_YEARS = 0.1;

/**
 * What is asked of a print that only shows whether a part fits: size, assembly and ease. It lies on a table indoors:
 * neither service heat nor sun, water, chemicals, loads or years are asked of it. What it must look like, how large and
 * how true it is, its room, its price and its number stay.
 */
export function fitCheckOf(brief: Brief): Brief {
  const heat = Object.assign(new BriefHeat(), { setting: 'indoors' as const, climate: null });
  return {
    ...brief,
    purpose: 'prototype',
    lifeYears: KEPT_YEARS,
    ifItFails: 'nothing',
    loads: [],
    heat,
    sun: 'none',
    water: 'dry',
    mustFloat: false,
    contact: { food: 'none', skin: false, chemicals: [], hours: null },
    wear: 'none',
    electrical: 'none',
    seal: 'none',
    safety: null,
    deflectionLimitPct: null,
    minMassG: null,
    maxMassG: null,
    targetMassG: null,
    outdoorSchool: 'laboratory',
  };
}

/** Whether a print of a brief in some filament is its fit-check: in the filament that stands in. */
export function isFitCheck({ checkIn }: Pick<Brief, 'checkIn'>, material: string): boolean {
  return checkIn === material;
}
