/** Where the values of one draw stand: one number a property, by `slot`. */
export type DrawnValues = Float64Array;

/** Heat, strength, stiffness, creep and knocks of draws. */
export interface LeanLoads {
  of: (v: Float64Array) => void;
  allowableC: number;
  /** The least reserve of strength or strain. */
  reserve: number;
  deflectionPct: number;
  /** The most that a held load moves over the life, % of its span or % strain. */
  creepPct: number;
  /** The least share of a clamp's force that is left. */
  clampLeft: number;
  /** The least reserve against knocks. */
  knock: number;
  charpyCold: number;
  /** Whether the brief has knocks at all. */
  knocks: boolean;
}

/** What years of heat, water and sun leave of draws. */
export interface LeanLasting {
  of: (v: Float64Array) => void;
  /** Share left after years of heat. */
  aged: number;
  /** Share left after years of being wet; 1 where it stays dry. */
  soaked: number;
  /** Share of strength that steam leaves. */
  steamed: number;
  /** Years to half the surface toughness over the years wanted. */
  uv: number;
}

/** Warp, lift-off, success, mass, time and cost of draws. */
export interface LeanPrint {
  of: (v: Float64Array) => void;
  bowMm: number;
  success: number;
  difficulty: number;
  pLift: number;
  massG: number;
  costEach: number;
  deviationMm: number;
}

/** What has been worked out for a draw; each is worked out once and read by gates and criteria. */
export interface DrawnParts {
  loads: LeanLoads;
  lasting: LeanLasting;
  print: LeanPrint;
}
