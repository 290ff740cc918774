import { clearSkyGhiWm2, cosZenith, middleOfHour } from '../climate/clear-sky.js';
import { hoursAbove, partTemperatureC, type PartPlace } from './part-year.js';
import { Choice, Quantity } from '../input/fields.js';
import { model, step } from './model.js';
import { sig } from '../lib/figures.js';

/** Settings in which the weather heats a part. */
export const weatherSettings = ['outdoors', 'closed-vehicle', 'indoors'] as const;

/** Input of `heat.day`. */
export class HeatDayInput {
  @Quantity({ min: -60, max: 60, unit: '°C', doc: 'Lowest air temperature of the day, before dawn.' })
  ambientMinC!: number;
  @Quantity({ min: -60, max: 60, unit: '°C', doc: 'Highest air temperature, at 15:00.' })
  ambientMaxC!: number;
  @Quantity({ min: -66, max: 66, unit: '°', optional: true, doc: 'Latitude; default 45.' }) latitudeDeg = 45;
  @Quantity({ min: 1, max: 365, optional: true, doc: 'Day of the year; default 182, the first of July.' })
  dayOfYear = 182;
  @Quantity({ min: 0, max: 1, optional: true, doc: 'Solar absorptivity; default 0.65, medium.' })
  absorptivity = 0.65;
  @Quantity({ min: 0, max: 1, optional: true, doc: 'Share of open-sky sun; default 1.' }) sunShare = 1;
  @Quantity({ min: 0, max: 30, unit: 'm/s', optional: true, doc: 'Wind at the part; default 1.' }) windMs = 1;
  @Choice(weatherSettings, { optional: true, doc: 'Where it stands; default outdoors.' })
  setting: (typeof weatherSettings)[number] = 'outdoors';
  @Quantity({
    min: -50,
    max: 400,
    unit: '°C',
    optional: true,
    doc: 'A limit whose hours are counted; default 60.',
  })
  limitC = 60;
}

/** One hour of a day. */
export interface HeatDayHour {
  hour: number;
  airC: number;
  ghiWm2: number;
  partC: number;
}

/** The 24 hours of a clear day. */
export function heatDayHours(i: HeatDayInput): HeatDayHour[] {
  const place: PartPlace = {
    setting: i.setting,
    absorptivity: i.absorptivity,
    sunShare: i.sunShare,
    windShare: 1,
  };
  const mean = (i.ambientMaxC + i.ambientMinC) / 2;
  const swing = (i.ambientMaxC - i.ambientMinC) / 2;
  return Array.from({ length: 24 }, (_, hour) => {
    const airC = mean + swing * Math.cos((2 * Math.PI * (hour - 15)) / 24);
    const ghiWm2 = clearSkyGhiWm2(
      cosZenith(middleOfHour((i.dayOfYear - 1) * 24 + hour - 0.5, 0), i.latitudeDeg, 0),
    );
    return { hour, airC, ghiWm2, partC: partTemperatureC(place, airC, ghiWm2, i.windMs) };
  });
}

/** `heat.day`: a clear day hour by hour. */
export const heatDay = model({
  id: 'heat.day',
  title: 'Part temperature through a clear day',
  source:
    'Clear sky after Haurwitz (1945); sun position by suncalc; surface as heat.surface, vehicle as ' +
    'heat.vehicle; air a cosine with its peak at 15:00',
  validity: 'Clear sky, latitudes within 66°; clouds and hills only lower it.',
  Input: HeatDayInput,
  compute(i: HeatDayInput) {
    const hours = heatDayHours(i);
    const hottest = hours.reduce((m, h) => (h.partC > m.partC ? h : m));
    const brightest = hours.reduce((m, h) => (h.ghiWm2 > m.ghiWm2 ? h : m));
    const sorted = hours.map(h => h.partC).sort((a, b) => a - b);
    const above = hoursAbove({ sorted }, i.limitC);
    return {
      result: { maxC: hottest.partC, hottestHour: hottest.hour, hoursAboveLimit: above, hours },
      warnings: i.ambientMinC > i.ambientMaxC ? ['The lowest temperature is above the highest.'] : [],
      steps: [
        step(
          'GHI_max',
          '1098·cosθ·exp(−0.057/cosθ)',
          `${sig(i.latitudeDeg)}° latitude, day ${i.dayOfYear}, ${brightest.hour}:00`,
          brightest.ghiWm2,
          'W/m²',
        ),
        step('T_air', 'mean + swing·cos(2π(h − 15)/24)', `at ${hottest.hour}:00`, hottest.airC, '°C'),
        step(
          'T_max',
          'highest of 24 hours',
          `at ${hottest.hour}:00, ${sig(hottest.ghiWm2)} W/m²`,
          hottest.partC,
          '°C',
        ),
        step('hours', 'hours above the limit', `${sig(i.limitC)} °C`, above, 'h'),
      ],
    };
  },
});
