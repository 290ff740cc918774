// Climate: hours of a year, sun and weather.
export {
  adoptClimate,
  climate,
  climateKeys,
  climateKnown,
  climateName,
  type ClimateKey,
} from './climates.js';
export { yearSpan, type Weather } from './weather.js';
