import { Choice, Quantity } from '../input/fields.js';
import { model, step } from './model.js';
import { sig } from '../lib/figures.js';

/** How much of the sky's sun a part sees. */
export const exposures = ['none', 'reflected', 'part', 'full'] as const;
/** How much of the sun reaches a part. */
export type Exposure = (typeof exposures)[number];
/** The share of open-sky sun for each exposure. */
export const exposureShare: Record<Exposure, number> = { none: 0, reflected: 0.15, part: 0.5, full: 1 };
/** Share of the noon sun's heat that reaches the part: half a day of sun heats it as much as a whole one. */
export const noonShare: Record<Exposure, number> = { none: 0, reflected: 0.15, part: 1, full: 1 };
/** What glass stands between the sun and a part. */
export const glasses = ['none', 'window', 'vehicle', 'laminated'] as const;
/** Glass between the sun and a part. */
export type Glass = (typeof glasses)[number];
/** The share of 295–385 nm that each glass lets through; float glass cuts off at about 320 nm. */
export const glassUvShare: Record<Glass, number> = { none: 1, window: 0.35, vehicle: 0.15, laminated: 0.05 };
/** The share of global solar energy that lies in 295–385 nm. */
const UV_SHARE = 0.05;

/** Input of `uv.dose`. */
export class UvDoseInput {
  @Quantity({ min: 0, max: 3000, unit: 'kWh/m²', doc: 'Global horizontal irradiation in a year.' })
  ghiKWhm2Year!: number;
  @Choice(exposures, { doc: 'full 1, part 0.5, reflected 0.15, none 0.' }) exposure!: Exposure;
  @Quantity({ min: 0, max: 100, unit: 'years', doc: 'Years of service.' }) years!: number;
  @Choice(glasses, {
    optional: true,
    doc: 'Glass before it: none 1, window 0.35, vehicle 0.15, laminated 0.05; default none.',
  })
  glass: Glass = 'none';
}

/** Ultraviolet dose in MJ/m² of 295–385 nm: 0.05·GHI·3.6·exposure·years·glass. */
export function uvDoseMJm2(i: UvDoseInput): number {
  return UV_SHARE * i.ghiKWhm2Year * 3.6 * exposureShare[i.exposure] * i.years * glassUvShare[i.glass];
}

/** `uv.dose`: ultraviolet dose over a service life. */
export const uvDose = model({
  id: 'uv.dose',
  title: 'Ultraviolet dose over the service life',
  source:
    'About 5 % of global solar energy lies in 295–385 nm (typical of outdoor exposure records); 1 kWh = 3.6 MJ',
  validity: 'Horizontal surfaces; steep ones see less.',
  Input: UvDoseInput,
  compute(i: UvDoseInput) {
    const share = exposureShare[i.exposure];
    const doseMJm2 = uvDoseMJm2(i);
    return {
      result: { doseMJm2 },
      warnings: [],
      steps: [
        step('exposure', 'share of open-sky sun', i.exposure, share, ''),
        step('glass', 'share that glass lets through', i.glass, glassUvShare[i.glass], ''),
        step(
          'D',
          '0.05·GHI·3.6·exposure·years·glass',
          `0.05 × ${sig(i.ghiKWhm2Year)} × 3.6 × ${share} × ${sig(i.years)} × ${glassUvShare[i.glass]}`,
          doseMJm2,
          'MJ/m²',
        ),
      ],
    };
  },
});
