/** How a part can be made otherwise than by printing filament: typical figures of what is usual in it. */
export interface OtherProcess {
  key: string;
  name: string;
  /** Hottest at which it keeps its shape and lasts, °C. */
  hottestC: number;
  /** What it bears once, and for years, MPa. */
  strengthMPa: number;
  lastingMPa: number;
  /** Years of full temperate sun until it has lost half of its toughness. */
  sunYears: number;
  /** Whether it gives like rubber. */
  rubber: boolean;
  /** Whether a thin web of it bears being folded over and over. */
  folds: boolean;
  clear: boolean;
  /** Whether it conducts, and so stands in the way of mains and radio. */
  conducts: boolean;
  /** How well it bears a knock: as glass, as usual plastics, or as metal. */
  knocks: 'brittle' | 'usual' | 'tough';
  /** The thickest sheet that it is cut from, mm; null where it takes any shape. */
  thickestMm: number | null;
  /** Price: what is paid once whatever its size, and what a cubic centimetre of each part adds. */
  price: { once: number; eachCm3: number };
  /** What it asks of whoever makes it, or waits for it. */
  asks: string;
  source: string;
}

const typical = 'typical figures of general engineering tables; prices are estimates';

/** Other ways to a part. Figures are typical ones; a quote and a data sheet stand before them. */
export const otherProcesses: readonly OtherProcess[] = [
  {
    key: 'resin-tough',
    name: 'Resin print, tough',
    hottestC: 50,
    strengthMPa: 45,
    lastingMPa: 12,
    sunYears: 0.7,
    rubber: false,
    folds: false,
    clear: false,
    conducts: false,
    knocks: 'usual',
    thickestMm: null,
    price: { once: 4, eachCm3: 0.12 },
    asks: 'gloves, eye protection and air; washing in alcohol; curing under ultraviolet light',
    source: typical,
  },
  {
    key: 'resin-heat',
    name: 'Resin print, heat-proof',
    hottestC: 180,
    strengthMPa: 55,
    lastingMPa: 20,
    sunYears: 0.7,
    rubber: false,
    folds: false,
    clear: false,
    conducts: false,
    knocks: 'brittle',
    thickestMm: null,
    price: { once: 5, eachCm3: 0.3 },
    asks: 'gloves, eye protection and air; washing in alcohol; curing under ultraviolet light and in an oven',
    source: typical,
  },
  {
    key: 'sintered-nylon',
    name: 'Sintered nylon, from a service',
    hottestC: 95,
    strengthMPa: 46,
    lastingMPa: 12,
    sunYears: 2,
    rubber: false,
    folds: true,
    clear: false,
    conducts: false,
    knocks: 'usual',
    thickestMm: null,
    price: { once: 12, eachCm3: 0.55 },
    asks: 'one to two weeks; a grainy face that takes up dirt until it is sealed',
    source: typical,
  },
  {
    key: 'cast-silicone',
    name: 'Silicone, cast in a printed mould',
    hottestC: 200,
    strengthMPa: 5,
    lastingMPa: 1,
    sunYears: 20,
    rubber: true,
    folds: true,
    clear: false,
    conducts: false,
    knocks: 'tough',
    thickestMm: null,
    price: { once: 8, eachCm3: 0.06 },
    asks: 'a printed mould, weighing two parts, drawing the air out, a day to set',
    source: typical,
  },
  {
    key: 'milled-acetal',
    name: 'Acetal, milled by a service',
    hottestC: 95,
    strengthMPa: 65,
    lastingMPa: 22,
    sunYears: 1.5,
    rubber: false,
    folds: false,
    clear: false,
    conducts: false,
    knocks: 'usual',
    thickestMm: null,
    price: { once: 60, eachCm3: 0.6 },
    asks: 'a drawing with tolerances, two weeks; no closed hollows',
    source: typical,
  },
  {
    key: 'cut-acrylic',
    name: 'Acrylic sheet, cut and glued',
    hottestC: 75,
    strengthMPa: 70,
    lastingMPa: 10,
    sunYears: 20,
    rubber: false,
    folds: false,
    clear: true,
    conducts: false,
    knocks: 'brittle',
    thickestMm: 20,
    price: { once: 15, eachCm3: 0.1 },
    asks: 'a flat design, a solvent glue with its vapour, polished edges',
    source: typical,
  },
  {
    key: 'milled-aluminium',
    name: 'Aluminium, milled by a service',
    hottestC: 150,
    strengthMPa: 240,
    lastingMPa: 90,
    sunYears: 50,
    rubber: false,
    folds: false,
    clear: false,
    conducts: true,
    knocks: 'tough',
    thickestMm: null,
    price: { once: 70, eachCm3: 1 },
    asks: 'a drawing with tolerances, two weeks; no closed hollows',
    source: typical,
  },
  {
    key: 'folded-steel',
    name: 'Stainless sheet, cut and folded by a service',
    hottestC: 400,
    strengthMPa: 210,
    lastingMPa: 120,
    sunYears: 50,
    rubber: false,
    folds: false,
    clear: false,
    conducts: true,
    knocks: 'tough',
    thickestMm: null,
    price: { once: 40, eachCm3: 0.4 },
    asks: 'a design of one bent sheet, one to two weeks',
    source: typical,
  },
];
