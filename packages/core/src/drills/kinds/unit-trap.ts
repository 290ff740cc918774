import { sig } from '../../lib/figures.js';
import { familyByKey } from '../../materials/library.js';
import type { DrillMaker } from '../kind.js';
import { shuffledOptions } from '../options.js';
import { ZERO_CELSIUS_K } from '../../lib/physical-constants.js';

const drilled = ['pla', 'petg', 'abs', 'asa', 'pc', 'pp', 'copolyester-ht', 'pc-blend'];
/** How far outside its family's range a figure must lie to be called impossible, K. */
const CLEARLY_OUTSIDE_K = 25;
/** How far the part's temperature must lie from the figure, K. */
const CLEARLY_APART_K = 6;

const toF = (c: number): number => (c * 9) / 5 + 32;
const toC = (f: number): number => ((f - 32) * 5) / 9;

/** A sheet's figure without its unit: which unit can it be, and does the part stand it? */
export const unitTrap: DrillMaker = {
  kind: 'unit-trap',
  make(ask) {
    const family = familyByKey(ask.pick(drilled))!;
    const hdt = family.properties.hdt045C;
    if (!hdt) return null;
    const trueC = ask.stepped(Math.ceil(hdt.low), Math.floor(hdt.high), 1);
    const isFahrenheit = ask.share() < 0.5;
    const figure = Math.round(isFahrenheit ? toF(trueC) : trueC);
    // What it would be in the other unit, and how far that lies outside what the family can have.
    const otherC = isFahrenheit ? figure : toC(figure);
    const outside = Math.max(hdt.low - otherC, otherC - hdt.high);
    if (outside < CLEARLY_OUTSIDE_K) return null;
    const softensC = isFahrenheit ? toC(figure) : figure;
    const partC = Math.round((softensC + ask.whole(-45, 30)) / 5) * 5;
    if (partC < 25) return null;
    if (Math.abs(partC - softensC) < CLEARLY_APART_K) return null;
    if (Math.abs(partC - otherC) < CLEARLY_APART_K) return null;
    const said = (isF: boolean): string => {
      const c = isF ? toC(figure) : figure;
      const stands = partC < c ? 'it stands' : 'it softens';
      return isF ? `${figure} °F is ${Math.round(c)} °C: ${stands}` : `${figure} °C: ${stands}`;
    };
    const kelvinC = figure - ZERO_CELSIUS_K;
    const wrong = [
      said(!isFahrenheit),
      `${figure} K is ${Math.round(kelvinC)} °C: it softens`,
      'It cannot be told without the unit',
    ];
    const inputs = { unloadedC: softensC, hdt045C: softensC, hdt18C: softensC, stressMPa: 0.45 };
    return {
      question: `Does the part stand it?`,
      given: [
        `A maker’s sheet of ${family.name} says: deflection temperature at 0.45 MPa, ${figure}. No unit.`,
        `The part reaches ${partC} °C under about that stress.`,
      ],
      ...shuffledOptions(ask, said(isFahrenheit), wrong),
      why:
        `${family.name} deflects at ${sig(hdt.low, 3)} to ${sig(hdt.high, 3)} °C, so ${figure} can only be ` +
        `${isFahrenheit ? `Fahrenheit: ${Math.round(softensC)} °C` : 'Celsius'}. The part reaches ${partC} °C.`,
      margin: {
        what: 'the other unit lies outside its range by',
        off: outside,
        tolerance: CLEARLY_OUTSIDE_K,
        unit: 'K',
      },
      refs: [{ model: 'heat.allowable', inputs }],
      lab: 'library',
    };
  },
};
