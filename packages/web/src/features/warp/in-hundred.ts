/** A chance as people say it: "12 in 100". */
export function inHundred(p: number): string {
  return p < 0.01 ? 'under 1 in 100' : `${Math.round(100 * p)} in 100`;
}
