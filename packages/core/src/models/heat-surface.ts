import { Quantity } from '../input/fields.js';
import { model, step } from './model.js';
import { sig } from '../lib/figures.js';
import { STEFAN_BOLTZMANN as SIGMA, ZERO_CELSIUS_K } from '../lib/physical-constants.js';

/** Input of `heat.surface`. */
export class HeatSurfaceInput {
  @Quantity({ min: -60, max: 70, unit: '°C', doc: 'Air temperature.' }) ambientC!: number;
  @Quantity({ min: 0, max: 1400, unit: 'W/m²', doc: 'Solar irradiance on the surface.' })
  irradianceWm2!: number;
  @Quantity({
    min: 0,
    max: 1,
    doc: 'Solar absorptivity: white 0.25, light 0.45, mid 0.65, dark 0.85, black 0.95, clear 0.2.',
  })
  absorptivity!: number;
  @Quantity({ min: 0, max: 1, optional: true, doc: 'Thermal emissivity; default 0.9, typical of plastics.' })
  emissivity = 0.9;
  @Quantity({ min: 0, max: 30, unit: 'm/s', optional: true, doc: 'Wind; default 1, a light air.' }) windMs =
    1;
  @Quantity({
    min: 1,
    max: 2,
    optional: true,
    doc: 'Sides that lose heat; default 2, 1 when the rear is insulated.',
  })
  exposedSides = 2;
  @Quantity({
    min: 0,
    max: 1,
    optional: true,
    doc: 'Sky view of the lit side; default 1 (level), 0.5 for a vertical face.',
  })
  skyView = 1;
}

/** Result of `heat.surface`: surface temperature and its rise over the air. */
export interface HeatSurfaceResult {
  surfaceC: number;
  riseK: number;
}

/** Film coefficient in wind, W/(m²·K). Watmuff, Charters and Proctor 1977: h = 2.8 + 3.0·v. */
export function windFilm(windMs: number): number {
  return 2.8 + 3.0 * windMs;
}

/** Clear-sky temperature in K from air temperature in K. Swinbank 1963: T_sky = 0.0552·Ta^1.5. */
export function skyTemperatureK(airK: number): number {
  return 0.0552 * airK ** 1.5;
}

/**
 * Steady temperature of a sunlit surface in °C: the root of absorbed = convected + radiated. The balance is
 * monotone in Ts, so Newton from the air temperature converges.
 */
export function surfaceTemperatureC(i: HeatSurfaceInput): number {
  const ta = i.ambientC + ZERO_CELSIUS_K;
  const h = windFilm(i.windMs);
  const sky4 = skyTemperatureK(ta) ** 4;
  const { exposedSides: s, skyView: f, emissivity: e } = i;
  let ts = ta;
  for (let n = 0; n < 50; n++) {
    const lost = h * s * (ts - ta) + e * SIGMA * (f * (ts ** 4 - sky4) + (s - f) * (ts ** 4 - ta ** 4));
    const slope = h * s + 4 * e * SIGMA * s * ts ** 3;
    const move = (i.absorptivity * i.irradianceWm2 - lost) / slope;
    ts += move;
    if (Math.abs(move) < 1e-9) break;
  }
  return ts - ZERO_CELSIUS_K;
}

/** `heat.surface`: steady temperature of a sunlit surface. */
export const heatSurface = model({
  id: 'heat.surface',
  title: 'Steady temperature of a sunlit surface',
  source:
    'Energy balance; wind film after Watmuff, Charters and Proctor (1977); sky temperature after Swinbank (1963)',
  validity:
    'Steady state, light winds up to 5 m/s, clear sky; thin or insulated parts reach it within ' +
    'minutes, thick ones lag.',
  Input: HeatSurfaceInput,
  compute(i: HeatSurfaceInput) {
    const ta = i.ambientC + ZERO_CELSIUS_K;
    const h = windFilm(i.windMs);
    const tSky = skyTemperatureK(ta);
    const surfaceC = surfaceTemperatureC(i);
    const ts = surfaceC + ZERO_CELSIUS_K;
    const { exposedSides: s, skyView: f, emissivity: e } = i;
    const absorbed = i.absorptivity * i.irradianceWm2;
    const convected = h * s * (ts - ta);
    const radiated = e * SIGMA * (f * (ts ** 4 - tSky ** 4) + (s - f) * (ts ** 4 - ta ** 4));
    const warnings: string[] = [];
    if (i.windMs > 5)
      warnings.push('The wind film was measured up to 5 m/s; above that it is an extrapolation.');
    if (surfaceC < i.ambientC)
      warnings.push('The surface is colder than the air: it radiates to a clear sky.');
    return {
      result: { surfaceC, riseK: surfaceC - i.ambientC },
      warnings,
      steps: [
        step('h', '2.8 + 3.0·v', `2.8 + 3.0 × ${sig(i.windMs)}`, h, 'W/(m²·K)'),
        step('T_sky', '0.0552·Ta^1.5', `0.0552 × ${sig(ta, 5)}^1.5`, tSky, 'K'),
        step('a·G', 'a·G', `${sig(i.absorptivity)} × ${sig(i.irradianceWm2)}`, absorbed, 'W/m²'),
        step(
          'convected',
          'h·s·(Ts − Ta)',
          `${sig(h)} × ${sig(s)} × (${sig(ts, 5)} − ${sig(ta, 5)})`,
          convected,
          'W/m²',
        ),
        step(
          'radiated',
          'ε·σ·[F·(Ts⁴ − Tsky⁴) + (s − F)·(Ts⁴ − Ta⁴)]',
          `${sig(e)} × 5.670e−8 × [${sig(f)} × (${sig(ts, 5)}⁴ − ${sig(tSky, 5)}⁴) + ${sig(s - f)} × ` +
            `(${sig(ts, 5)}⁴ − ${sig(ta, 5)}⁴)]`,
          radiated,
          'W/m²',
        ),
        step(
          'Ts',
          'solve a·G = convected + radiated',
          `${sig(absorbed)} = ${sig(convected)} + ${sig(radiated)}`,
          surfaceC,
          '°C',
        ),
        step('rise', 'Ts − Ta', `${sig(surfaceC)} − ${sig(i.ambientC)}`, surfaceC - i.ambientC, 'K'),
      ],
    };
  },
});
