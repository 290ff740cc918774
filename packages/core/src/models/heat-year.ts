import { climate, climateKeys, type ClimateKey } from '../climate/climates.js';
import { hoursAbove, partYear, type PartPlace } from './part-year.js';
import { annualGhiKWhm2, highest, lowest, YEAR_HOURS, type Weather } from '../climate/weather.js';
import { Choice, Nested, Quantity, Series, Text } from '../input/fields.js';
import { InputError } from '../input/parse.js';
import { type Family } from '../materials/family.js';
import { families } from '../materials/library.js';
import { allowableTemperatureC, heatAllowableInput } from './heat-allowable.js';
import { weatherSettings } from './heat-day.js';
import { heatSurface } from './heat-surface.js';
import { heatVehicle, VEHICLE_GLASS } from './heat-vehicle.js';
import { model, step, type Step } from './model.js';
import { sig } from '../lib/figures.js';

/** A year of hourly weather, as input. */
export class WeatherInput implements Weather {
  @Text({ maxLength: 200, optional: true, doc: 'Name; default own weather.' }) name = 'own weather';
  @Quantity({ min: -90, max: 90, unit: '°', optional: true, doc: 'Latitude; default 45.' }) latitudeDeg = 45;
  @Quantity({ min: -180, max: 180, unit: '°', optional: true, doc: 'Longitude; default 0.' }) longitudeDeg =
    0;
  @Quantity({ min: -14, max: 14, unit: 'h', optional: true, doc: 'Hours ahead of UTC; default 0.' })
  timezoneH = 0;
  @Series({ min: -90, max: 70, unit: '°C', lengths: YEAR_HOURS, doc: 'Air temperature each hour.' })
  airC!: number[];
  @Series({
    min: 0,
    max: 1500,
    unit: 'W/m²',
    lengths: YEAR_HOURS,
    doc: 'Global horizontal irradiance each hour.',
  })
  ghiWm2!: number[];
  @Series({ min: 0, max: 80, unit: 'm/s', lengths: YEAR_HOURS, doc: 'Wind each hour.' }) windMs!: number[];
}

/** Input of `heat.year`. */
export class HeatYearInput {
  @Choice(climateKeys, {
    optional: true,
    doc: 'A shipped climate; default hill. Not used when weather is given.',
  })
  climate: ClimateKey = 'hill';
  @Nested(() => WeatherInput, {
    optional: true,
    nullable: true,
    doc: 'Hourly weather of your own; default none.',
  })
  weather: WeatherInput | null = null;
  @Quantity({ min: 0, max: 1, optional: true, doc: 'Solar absorptivity; default 0.65, medium.' })
  absorptivity = 0.65;
  @Quantity({ min: 0, max: 1, optional: true, doc: 'Share of open-sky sun; default 1.' }) sunShare = 1;
  @Quantity({
    min: 0,
    max: 1,
    optional: true,
    doc: "Share of the station's wind that reaches the part; default 0.5.",
  })
  windShare = 0.5;
  @Choice(weatherSettings, { optional: true, doc: 'Where it stands; default outdoors.' })
  setting: (typeof weatherSettings)[number] = 'outdoors';
  @Quantity({
    min: 0,
    max: 500,
    unit: 'MPa',
    optional: true,
    doc: "Stress, for the families' allowables; default 0.05, none to speak of.",
  })
  stressMPa = 0.05;
  @Quantity({ min: 0, max: 1e6, unit: 'h', optional: true, doc: 'How long that stress is held; default 0.' })
  sustainedHours = 0;
}

/** Temperatures whose hours are counted, °C. */
const MARKS_C = [30, 40, 50, 60, 70, 80, 90, 100];

/** The highest temperature each family bears at a stress, °C. */
export function familyAllowables(
  list: readonly Family[],
  stressMPa: number,
  sustainedHours: number,
): { key: string; allowableC: number }[] {
  return list.map(f => {
    const allowableC = allowableTemperatureC(heatAllowableInput(f, { stressMPa, sustainedHours }));
    return { key: f.key, allowableC };
  });
}

/** The heat balance of the hottest hour, down to its last equation. */
function hottestBalance(place: PartPlace, weather: Weather, hour: number): Step[] {
  const ambientC = weather.airC[hour] ?? 0;
  const ghiWm2 = weather.ghiWm2[hour] ?? 0;
  if (place.setting === 'indoors') return [];
  if (place.setting === 'closed-vehicle')
    return heatVehicle.compute({
      ambientC,
      irradianceWm2: ghiWm2,
      absorptivity: place.absorptivity,
      cabinRiseK: 25,
      glassTransmission: VEHICLE_GLASS,
    }).steps;
  return heatSurface.compute({
    ambientC,
    irradianceWm2: ghiWm2 * place.sunShare,
    absorptivity: place.absorptivity,
    emissivity: 0.9,
    windMs: (weather.windMs[hour] ?? 1) * place.windShare,
    exposedSides: 2,
    skyView: 1,
  }).steps;
}

/** `heat.year`: a year of weather, for all families in one go. */
export const heatYear = model({
  id: 'heat.year',
  title: 'Part temperature through a year of weather',
  source:
    'Each hour by heat.surface or heat.vehicle; irradiance from the weather; allowables as ' +
    'heat.allowable on the families’ typical data',
  validity: 'The hours of the file; gusts, shade that moves and heat stored in thick parts are not followed.',
  Input: HeatYearInput,
  compute(i: HeatYearInput) {
    const weather: Weather = i.weather ?? climate(i.climate);
    if (weather.airC.length !== weather.ghiWm2.length || weather.airC.length !== weather.windMs.length) {
      throw new InputError([
        {
          field: 'weather',
          value: null,
          message:
            `must have as many hours of irradiance (${weather.ghiWm2.length}) and wind ` +
            `(${weather.windMs.length}) as of air temperature (${weather.airC.length})`,
        },
      ]);
    }
    const place: PartPlace = {
      setting: i.setting,
      absorptivity: i.absorptivity,
      sunShare: i.sunShare,
      windShare: i.windShare,
    };
    const year = partYear(weather, place);
    const hoursAboveC = Object.fromEntries(MARKS_C.map(t => [t, hoursAbove(year, t)]));
    const byFamily = Object.fromEntries(
      familyAllowables(families, i.stressMPa, i.sustainedHours).map(f => [
        f.key,
        { allowableC: f.allowableC, hoursAbove: hoursAbove(year, f.allowableC) },
      ]),
    );
    const hottest = year.partC.indexOf(year.maxC);
    return {
      result: { maxC: year.maxC, minC: year.minC, p999C: year.p999C, hoursAboveC, families: byFamily },
      warnings:
        i.setting === 'outdoors' && i.windShare > 0.9
          ? ['Wind at a part is less than at a weather mast.']
          : [],
      steps: [
        step('hours', 'hours of weather', weather.name, weather.airC.length, 'h'),
        step('GHI', 'Σ irradiance', weather.name, annualGhiKWhm2(weather), 'kWh/m²'),
        step(
          'T_air',
          'lowest to highest air',
          `${sig(lowest(weather.airC))} to ${sig(highest(weather.airC))}`,
          highest(weather.airC),
          '°C',
        ),
        step(
          'T_max',
          'hottest hour of the part',
          `hour ${hottest} of the year: air ${sig(weather.airC[hottest] ?? NaN)} °C, ` +
            `${sig(weather.ghiWm2[hottest] ?? NaN)} W/m², wind ` +
            `${sig((weather.windMs[hottest] ?? NaN) * i.windShare)} m/s`,
          year.maxC,
          '°C',
        ),
        ...hottestBalance(place, weather, hottest),
        step('T_99.9', 'exceeded in about nine hours a year', '', year.p999C, '°C'),
        ...MARKS_C.filter(t => (hoursAboveC[t] ?? 0) > 0).map(t =>
          step(`h>${t}`, `hours above ${t} °C`, '', hoursAboveC[t] ?? 0, 'h'),
        ),
      ],
    };
  },
});
