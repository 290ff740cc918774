/**
 * A copy of an object with one value replaced; everything beside the path is shared with the original.
 * @param path keys and indices joined by dots, e.g. "loads.0.forceN"
 */
export function setAt<T>(object: T, path: string, value: unknown): T {
  const [head, ...rest] = path.split('.');
  if (head === undefined) return object;
  const copy = (Array.isArray(object) ? [...(object as unknown[])] : { ...object }) as Record<
    string,
    unknown
  >;
  copy[head] = rest.length ? setAt(copy[head], rest.join('.'), value) : value;
  return copy as T;
}
