// Climate: hours of a year, sun and weather.
export {
  adoptClimate,
  climate,
  climateKeys,
  climateKnown,
  climateName,
  type ClimateKey,
} from './climates.js';
export { annualGhiKWhm2, highest, lowest, type Weather } from './weather.js';
