/** Years as people say them: whole ones, or months. */
export function yearsText(years: number): string {
  const months = Math.round(12 * years);
  if (months < 18) return months === 1 ? 'a month' : `${months} months`;
  const text = Number(years.toFixed(1));
  return `${text} years`;
}
