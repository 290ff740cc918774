import { Quantity } from '../input/fields.js';
import { model, step } from './model.js';
import { sig } from '../lib/figures.js';

/** Input of `impact.drop`. */
export class ImpactDropInput {
  @Quantity({ min: 0, max: 1e5, unit: 'J', doc: 'Energy of the knock.' }) energyJ!: number;
  @Quantity({ min: 0.1, max: 1e4, unit: 'mm', doc: 'Width of the weak section.' }) widthMm!: number;
  @Quantity({ min: 0.1, max: 1e4, unit: 'mm', doc: 'Height of the weak section.' }) heightMm!: number;
  @Quantity({
    min: 0,
    max: 1,
    optional: true,
    doc: 'Share of the energy that reaches the section; default 0.15, the rest goes into rebound and bending.',
  })
  share = 0.15;
}

/** Energy per area of the weak section, kJ/m² (J over mm², times 1000). */
export function impactSeverityKJm2(energyJ: number, widthMm: number, heightMm: number, share = 0.15): number {
  return ((share * energyJ) / (widthMm * heightMm)) * 1000;
}

/** Notched impact at a temperature, linear between −30 and 23 °C and flat outside. */
export function charpyAtKJm2(atMinus30: number, at23: number, temperatureC: number): number {
  const t = Math.min(23, Math.max(-30, temperatureC));
  return atMinus30 + ((at23 - atMinus30) * (t + 30)) / 53;
}

/** `impact.drop`: severity of a knock at the weak section. */
export const impactDrop = model({
  id: 'impact.drop',
  title: 'Severity of a knock at the weak section',
  source:
    'Energy per ligament area, compared with notched Charpy (ISO 179-1eA); the share is a rule of thumb',
  validity: 'Blunt knocks on parts with an ordinary notch; sharp ones are worse.',
  Input: ImpactDropInput,
  compute(i: ImpactDropInput) {
    const severityKJm2 = impactSeverityKJm2(i.energyJ, i.widthMm, i.heightMm, i.share);
    return {
      result: { severityKJm2 },
      warnings: [],
      steps: [
        step(
          'severity',
          'share·E/(b·h)',
          `${sig(i.share)} × ${sig(i.energyJ)} J / (${sig(i.widthMm)} × ${sig(i.heightMm)} mm²)`,
          severityKJm2,
          'kJ/m²',
        ),
      ],
    };
  },
});
