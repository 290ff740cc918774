/** How sure one is, in words and in figures. */
export function sureText(sure: number): string {
  if (sure <= 0.25) return 'a guess';
  if (sure >= 0.99) return 'certain';
  return `${Math.round(100 * sure)} %`;
}
