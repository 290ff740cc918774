type Show = (value: number, unit: 'length', figures?: number) => string;

/** A place on a part in the reader’s unit, which is said once: "34.4, 14.0, 12.3 mm". */
export function placeWords(at: readonly number[], show: Show): string {
  const unit = show(0, 'length').replace(/^\S+\s*/, '');
  return `${at.map(v => show(v, 'length', 1).replace(/\s\S+$/, '')).join(', ')} ${unit}`;
}
