import type { InputClass } from '../input/instance-of.js';
import { parseInput } from '../input/parse.js';

/** One line of a computation's working, as a person would write it on paper. */
export interface Step {
  symbol: string;
  formula: string;
  substituted: string;
  value: number;
  unit: string;
}

/** What a model's `compute` returns: the result, how it came about, and where it stops being trustworthy. */
export interface Worked<R> {
  result: R;
  steps: Step[];
  warnings: string[];
}

/** The answer given to the outside: API, command line, Working drawer. */
export interface Answer {
  model: string;
  inputs: object;
  result: object;
  steps: Step[];
  source: string;
  validity: string;
  warnings: string[];
}

/** One physical model: its identity, its validated input class and its computation. */
export interface Model<I extends object = object, R extends object = object> {
  id: string;
  title: string;
  source: string;
  /** Where it holds, in a sentence; outside, its answers warn or its input is refused. */
  validity: string;
  Input: InputClass<I>;
  compute(input: I): Worked<R>;
}

/** Declares a model; only there to infer the types. */
export function model<I extends object, R extends object>(m: Model<I, R>): Model<I, R> {
  return m;
}

/** One step of working. Numbers in `substituted` should already be rounded with {@link sig}. */
export function step(
  symbol: string,
  formula: string,
  substituted: string,
  value: number,
  unit: string,
): Step {
  return { symbol, formula, substituted, value, unit };
}

/** Runs a model on plain input: validates, computes, and dresses the answer. @throws InputError */
export function answer(m: Model, plain: unknown): Answer {
  const inputs = parseInput(m.Input, plain);
  const { result, steps, warnings } = m.compute(inputs);
  return { model: m.id, inputs, result, steps, source: m.source, validity: m.validity, warnings };
}
