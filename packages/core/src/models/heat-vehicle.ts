import { Quantity } from '../input/fields.js';
import { model, step } from './model.js';
import { sig } from '../lib/figures.js';
import { STEFAN_BOLTZMANN as SIGMA, ZERO_CELSIUS_K } from '../lib/physical-constants.js';

/** Solar transmission of a vehicle's tinted glazing. */
export const VEHICLE_GLASS = 0.45;

/** Input of `heat.vehicle`. */
export class HeatVehicleInput {
  @Quantity({ min: -60, max: 60, unit: '°C', doc: 'Outside air temperature.' }) ambientC!: number;
  @Quantity({ min: 0, max: 1400, unit: 'W/m²', doc: 'Solar irradiance.' }) irradianceWm2!: number;
  @Quantity({ min: 0, max: 1, doc: 'Solar absorptivity of the part.' }) absorptivity!: number;
  @Quantity({
    min: 0,
    max: 60,
    unit: 'K',
    optional: true,
    doc: 'Cabin rise at 1000 W/m²; default 25, typical of parked cars after an hour.',
  })
  cabinRiseK = 25;
  @Quantity({
    min: 0,
    max: 1,
    optional: true,
    doc: 'Solar transmission of the glass; default 0.45, tinted glazing.',
  })
  glassTransmission = VEHICLE_GLASS;
}

/** Result of `heat.vehicle`: cabin air, and a part in the sun behind the glass. */
export interface HeatVehicleResult {
  cabinC: number;
  sunlitC: number;
}

/** Cabin air in °C: the rise scales with irradiance and is capped at 1000 W/m². */
export function cabinTemperatureC(i: HeatVehicleInput): number {
  return i.ambientC + i.cabinRiseK * Math.min(1, i.irradianceWm2 / 1000);
}

/** A part in the sun inside the cabin, °C: a·τ·G = 5·(Ts − Tcab) + 0.9·σ·(Ts⁴ − Tcab⁴), by Newton. */
export function vehicleSunlitC(i: HeatVehicleInput): number {
  const tc = cabinTemperatureC(i) + ZERO_CELSIUS_K;
  const gain = i.absorptivity * i.glassTransmission * i.irradianceWm2;
  let ts = tc;
  for (let n = 0; n < 50; n++) {
    const move = (gain - 5 * (ts - tc) - 0.9 * SIGMA * (ts ** 4 - tc ** 4)) / (5 + 3.6 * SIGMA * ts ** 3);
    ts += move;
    if (Math.abs(move) < 1e-9) break;
  }
  return ts - ZERO_CELSIUS_K;
}

/** `heat.vehicle`: a closed, parked vehicle. */
export const heatVehicle = model({
  id: 'heat.vehicle',
  title: 'Temperatures in a closed, parked vehicle',
  source:
    'Cabin rise typical of published parked-car measurements; still-air film 5 W/(m²·K), emissivity 0.9',
  validity: 'Parked for an hour or more with windows shut; irradiance up to 1000 W/m².',
  Input: HeatVehicleInput,
  compute(i: HeatVehicleInput) {
    const cabinC = cabinTemperatureC(i);
    const sunlitC = vehicleSunlitC(i);
    const tc = cabinC + ZERO_CELSIUS_K;
    const ts = sunlitC + ZERO_CELSIUS_K;
    const gain = i.absorptivity * i.glassTransmission * i.irradianceWm2;
    return {
      result: { cabinC, sunlitC },
      warnings: i.irradianceWm2 > 1000 ? ['The cabin rise is capped at its value for 1000 W/m².'] : [],
      steps: [
        step(
          'T_cab',
          'Ta + ΔT₁₀₀₀·min(1, G/1000)',
          `${sig(i.ambientC)} + ${sig(i.cabinRiseK)} × min(1, ${sig(i.irradianceWm2)}/1000)`,
          cabinC,
          '°C',
        ),
        step(
          'gain',
          'a·τ·G',
          `${sig(i.absorptivity)} × ${sig(i.glassTransmission)} × ${sig(i.irradianceWm2)}`,
          gain,
          'W/m²',
        ),
        step(
          'Ts',
          'solve gain = 5·(Ts − Tcab) + 0.9·σ·(Ts⁴ − Tcab⁴)',
          `${sig(gain)} = 5 × ${sig(ts - tc)} + 0.9 × 5.670e−8 × (${sig(ts, 5)}⁴ − ${sig(tc, 5)}⁴)`,
          sunlitC,
          '°C',
        ),
      ],
    };
  },
});
