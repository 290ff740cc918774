/** One case of practice: a brief in a line, a machine, who may lead and who must be out. */
export interface PracticeCase {
  name: string;
  /** The key of a printer preset. */
  printer: string;
  /** What the brief says beyond its defaults. */
  asks: object;
  /** One of these leads, in every school. */
  first: readonly string[];
  /** None of these leads. */
  notFirst?: readonly string[];
  /** These are out, each by this gate. */
  out?: Readonly<Record<string, string>>;
  /** What someone who prints for a living would say. */
  why: string;
}
