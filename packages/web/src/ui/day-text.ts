import dayjs from 'dayjs';

/** A day as every page has it, such as "9 May 2026". @param at ISO 8601, with or without the time */
export function dayText(at: string): string {
  return dayjs(at).format('D MMM YYYY');
}

/** A moment as every page has it, such as "9 May 2026, 14:05". @param at ISO 8601 */
export function momentText(at: string): string {
  return dayjs(at).format('D MMM YYYY, HH:mm');
}
