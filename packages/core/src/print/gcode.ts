import { InputError } from '../input/parse.js';

/** What a file of G-code does, worked out from its moves. */
export interface GcodeReport {
  /** Filament that goes in, less what is drawn back, mm and cm³. */
  filamentMm: number;
  filamentCm3: number;
  byTool: { tool: number; filamentMm: number; filamentCm3: number }[];
  timeS: number;
  layers: number;
  /** The usual height of a layer, mm; null where there is only one. */
  layerMm: number | null;
  /** Size of what is printed, mm; in height from the plate. */
  boundsMm: { x: number; y: number; z: number };
  travelMm: number;
  warnings: string[];
}

/** What cannot be seen in the file. */
export interface GcodeOptions {
  filamentDiameterMm?: number;
  /** Acceleration until the file sets one, mm/s². */
  accelerationMmS2?: number;
}

/** Speed that a machine takes round a corner without slowing down, mm/s: usual for desk-top machines. */
const CORNER_MM_S = 8;
/** The longest chord that an arc is drawn with, mm. */
const CHORD_MM = 0.5;
/** The longest arc that is taken, mm: twice round the widest plates; and the chords of all arcs together. */
const LONGEST_ARC_MM = 20_000;
const MOST_CHORDS = 5_000_000;
/** Heights closer than this are one layer, mm. */
const SAME_LAYER_MM = 0.005;
/** Where the file sets no feed rate, mm/s. */
const FIRST_FEED_MM_S = 25;

type Axis = 'X' | 'Y' | 'Z' | 'E';

/** A straight move: its length, its speed, its direction. */
interface Move {
  lengthMm: number;
  feedMmS: number;
  accelerationMmS2: number;
  direction: readonly [number, number, number];
}

/**
 * Reads G-code: absolute and relative moves, G92, arcs, inches, several tools.
 * @throws InputError for what is none, and for arcs that no machine can draw
 */
export function readGcode(text: string, options: GcodeOptions = {}): GcodeReport {
  const machine = new Machine(options);
  let lines = 0;
  for (let at = 0; at < text.length;) {
    const next = text.indexOf('\n', at);
    const end = next < 0 ? text.length : next;
    const words = wordsOf(text.slice(at, end));
    if (words.length) {
      machine.take(words);
      lines++;
    }
    at = end + 1;
  }
  if (!lines) throw new InputError([{ field: '(file)', value: null, message: 'holds no G-code' }]);
  return machine.report();
}

type Word = readonly [letter: string, value: number];

/** The words of a line, without its comments. */
function wordsOf(line: string): Word[] {
  const code = line.replace(/;.*$/, '').replace(/\([^)]*\)/g, '');
  return [...code.matchAll(/([A-Za-z])\s*([+-]?(?:\d+\.?\d*|\.\d+))/g)].map(
    ([, letter, value]) => [letter!.toUpperCase(), Number(value)] as const,
  );
}

/** A machine that does what it is told, and counts. */
class Machine {
  private readonly at: Record<Axis, number> = { X: 0, Y: 0, Z: 0, E: 0 };
  private relative = false;
  private relativeE = false;
  private unit = 1;
  private feed = FIRST_FEED_MM_S;
  private acceleration: number;
  private readonly areaMm2: number;
  private tool = 0;
  private readonly byTool = new Map<number, number>();
  private readonly moves: Move[] = [];
  private readonly heights = new Map<number, number>();
  private waitS = 0;
  private travelMm = 0;
  private low: [number, number] = [Infinity, Infinity];
  private high: [number, number, number] = [-Infinity, -Infinity, 0];
  private readonly unknown = new Set<string>();
  private chords = 0;

  constructor({ filamentDiameterMm = 1.75, accelerationMmS2 = 1000 }: GcodeOptions) {
    this.areaMm2 = (Math.PI * filamentDiameterMm ** 2) / 4;
    this.acceleration = accelerationMmS2;
  }

  take(words: readonly Word[]): void {
    const value = (letter: string): number | undefined => words.find(([l]) => l === letter)?.[1];
    const [letter, number] = words[0]!;
    if (letter === 'T') this.tool = number;
    if (letter === 'M') this.setting(number, value);
    if (letter !== 'G') return;
    switch (number) {
      case 0:
      case 1:
        this.line(value);
        return;
      case 2:
      case 3:
        this.arc(number === 2, value);
        return;
      case 4:
        this.waitS += (value('S') ?? 0) + (value('P') ?? 0) / 1000;
        return;
      case 20:
        this.unit = 25.4;
        return;
      case 21:
        this.unit = 1;
        return;
      case 28:
        for (const axis of ['X', 'Y', 'Z'] as const) this.at[axis] = 0;
        return;
      case 90:
      case 91:
        this.relative = this.relativeE = number === 91;
        return;
      case 92:
        for (const axis of ['X', 'Y', 'Z', 'E'] as const)
          if (value(axis) !== undefined) this.at[axis] = value(axis)! * this.unit;
        return;
      default:
        if (![10, 11, 17, 29, 80].includes(number)) this.unknown.add(`G${number}`);
    }
  }

  private setting(number: number, value: (letter: string) => number | undefined): void {
    if (number === 82) this.relativeE = false;
    if (number === 83) this.relativeE = true;
    // M204 sets the acceleration of moves: P or S of those that print.
    if (number === 204) this.acceleration = value('P') ?? value('S') ?? this.acceleration;
  }

  private target(value: (letter: string) => number | undefined): Record<Axis, number> {
    const axis = (name: Axis, relative: boolean): number => {
      const given = value(name);
      if (given === undefined) return this.at[name];
      return given * this.unit + (relative ? this.at[name] : 0);
    };
    return {
      X: axis('X', this.relative),
      Y: axis('Y', this.relative),
      Z: axis('Z', this.relative),
      E: axis('E', this.relativeE),
    };
  }

  private line(value: (letter: string) => number | undefined): void {
    this.setFeed(value('F'));
    this.moveTo(this.target(value));
  }

  private setFeed(perMinute: number | undefined): void {
    if (perMinute !== undefined && perMinute > 0) this.feed = (perMinute * this.unit) / 60;
  }

  /** An arc in the plane, by its centre (I, J) or its radius (R), as chords. */
  private arc(clockwise: boolean, value: (letter: string) => number | undefined): void {
    this.setFeed(value('F'));
    const to = this.target(value);
    const from = { ...this.at };
    const centre = centreOf(from, to, clockwise, value, this.unit);
    if (!centre) {
      this.unknown.add('an arc without centre or radius');
      this.moveTo(to);
      return;
    }
    const [cx, cy] = centre;
    const radius = Math.hypot(from.X - cx, from.Y - cy);
    const begin = Math.atan2(from.Y - cy, from.X - cx);
    let sweep = Math.atan2(to.Y - cy, to.X - cx) - begin;
    if (clockwise && sweep >= -1e-9) sweep -= 2 * Math.PI;
    if (!clockwise && sweep <= 1e-9) sweep += 2 * Math.PI;
    const chords = this.chordsOf(Math.abs(sweep) * radius);
    for (let k = 1; k <= chords; k++) {
      const share = k / chords;
      const angle = begin + sweep * share;
      this.moveTo(
        k === chords
          ? to
          : {
              X: cx + radius * Math.cos(angle),
              Y: cy + radius * Math.sin(angle),
              Z: from.Z + (to.Z - from.Z) * share,
              E: from.E + (to.E - from.E) * share,
            },
      );
    }
  }

  /** How many chords an arc is drawn with. @throws InputError for one that no machine can draw, or too many */
  private chordsOf(lengthMm: number): number {
    const refuse = (message: string): never => {
      throw new InputError([{ field: '(file)', value: `${Math.round(lengthMm)} mm`, message }]);
    };
    if (!(lengthMm <= LONGEST_ARC_MM))
      refuse(`holds an arc of that length; at most ${LONGEST_ARC_MM / 1000} m are taken`);
    const chords = Math.max(1, Math.ceil(lengthMm / CHORD_MM));
    this.chords += chords;
    if (this.chords > MOST_CHORDS) refuse('holds more and longer arcs than any print has');
    return chords;
  }

  private moveTo(to: Record<Axis, number>): void {
    const dx = to.X - this.at.X;
    const dy = to.Y - this.at.Y;
    const dz = to.Z - this.at.Z;
    const de = to.E - this.at.E;
    const way = Math.hypot(dx, dy, dz);
    const prints = de > 0 && Math.hypot(dx, dy) > 0;
    this.byTool.set(this.tool, (this.byTool.get(this.tool) ?? 0) + de);
    if (way > 0 && !prints) this.travelMm += way;
    if (prints) this.seen(to);
    const lengthMm = way > 0 ? way : Math.abs(de);
    if (lengthMm > 0)
      this.moves.push({
        lengthMm,
        feedMmS: this.feed,
        accelerationMmS2: this.acceleration,
        direction: way > 0 ? [dx / way, dy / way, dz / way] : [0, 0, 0],
      });
    Object.assign(this.at, to);
  }

  /** Takes what is printed into the bounds and the layers. */
  private seen(to: Record<Axis, number>): void {
    for (const { X, Y } of [this.at, to]) {
      this.low = [Math.min(this.low[0], X), Math.min(this.low[1], Y)];
      this.high = [Math.max(this.high[0], X), Math.max(this.high[1], Y), Math.max(this.high[2], to.Z)];
    }
    this.heights.set(Math.round(to.Z / SAME_LAYER_MM), to.Z);
  }

  report(): GcodeReport {
    const filament = [...this.byTool].sort(([a], [b]) => a - b);
    const cm3 = (mm: number): number => (mm * this.areaMm2) / 1000;
    const filamentMm = filament.reduce((sum, [, mm]) => sum + mm, 0);
    const heights = [...this.heights.values()].sort((a, b) => a - b);
    const steps = heights.slice(1).map((h, i) => h - heights[i]!);
    const printed = heights.length > 0;
    return {
      filamentMm,
      filamentCm3: cm3(filamentMm),
      byTool: filament.map(([tool, mm]) => ({ tool, filamentMm: mm, filamentCm3: cm3(mm) })),
      timeS: this.waitS + timeOf(this.moves),
      layers: heights.length,
      layerMm: steps.length ? steps.sort((a, b) => a - b)[steps.length >> 1]! : null,
      boundsMm: {
        x: printed ? this.high[0] - this.low[0] : 0,
        y: printed ? this.high[1] - this.low[1] : 0,
        z: this.high[2],
      },
      travelMm: this.travelMm,
      warnings: [
        ...(printed ? [] : ['prints nothing: no move puts filament down']),
        ...[...this.unknown].map(code => `${code} is not known here and was passed over`),
      ],
    };
  }
}

/** The centre of an arc; null where neither centre nor radius is given, or no circle goes through both ends. */
function centreOf(
  from: Record<Axis, number>,
  to: Record<Axis, number>,
  clockwise: boolean,
  value: (letter: string) => number | undefined,
  unit: number,
): [number, number] | null {
  const i = value('I');
  const j = value('J');
  if (i !== undefined || j !== undefined) return [from.X + (i ?? 0) * unit, from.Y + (j ?? 0) * unit];
  const r = value('R');
  if (r === undefined) return null;
  const radius = r * unit;
  const dx = to.X - from.X;
  const dy = to.Y - from.Y;
  const chord = Math.hypot(dx, dy);
  if (chord === 0 || chord > 2 * Math.abs(radius)) return null;
  const up = Math.sqrt(radius ** 2 - chord ** 2 / 4);
  const side = clockwise === radius > 0 ? 1 : -1;
  return [(from.X + to.X) / 2 + (side * up * dy) / chord, (from.Y + to.Y) / 2 - (side * up * dx) / chord];
}

/**
 * Time of moves with trapezoidal accelerations: each takes over the speed that the corner to it allows, and no move
 * is faster than it can reach or brake from (one pass backwards, one forwards).
 */
function timeOf(moves: readonly Move[]): number {
  const n = moves.length;
  const entry = new Float64Array(n + 1);
  for (let i = 1; i < n; i++) entry[i] = cornerSpeed(moves[i - 1]!, moves[i]!);
  for (let i = n - 1; i >= 0; i--) entry[i] = Math.min(entry[i]!, reachable(entry[i + 1]!, moves[i]!));
  for (let i = 0; i < n; i++) entry[i + 1] = Math.min(entry[i + 1]!, reachable(entry[i]!, moves[i]!));
  let time = 0;
  for (let i = 0; i < n; i++) time += moveTime(moves[i]!, entry[i]!, entry[i + 1]!);
  return time;
}

/** Speed from which, or to which, a move can change the speed at its other end over its length, mm/s. */
function reachable(fromMmS: number, { lengthMm, accelerationMmS2, feedMmS }: Move): number {
  return Math.min(feedMmS, Math.sqrt(fromMmS ** 2 + 2 * accelerationMmS2 * lengthMm));
}

/** Speed round the corner between two moves: the jump of velocity is at most {@link CORNER_MM_S}. */
function cornerSpeed(a: Move, b: Move): number {
  const most = Math.min(a.feedMmS, b.feedMmS);
  const jump = Math.hypot(...a.direction.map((d, k) => d - b.direction[k]!));
  return jump > 0 ? Math.min(most, CORNER_MM_S / jump) : most;
}

function moveTime({ lengthMm, feedMmS, accelerationMmS2: a }: Move, from: number, to: number): number {
  // The speed that speeding up and braking meet at, were there no limit.
  const peak = Math.sqrt(a * lengthMm + (from ** 2 + to ** 2) / 2);
  const top = Math.max(from, to, Math.min(feedMmS, peak));
  const ramps = (top - from) / a + (top - to) / a;
  const rampMm = (2 * top ** 2 - from ** 2 - to ** 2) / (2 * a);
  return ramps + Math.max(0, lengthMm - rampMm) / top;
}
