/** The years in which a cube can have been turned, or will be before this is read no more. */
export const FIRST_YEAR = 1900;
export const LAST_YEAR = 2999;

/** Minutes from Greenwich; no place is further. */
export const MOST_OFFSET = 14 * 60;

/** A moment with the offset it was told with (minutes east of Greenwich), as ISO 8601. */
export function momentWith(at: Date, offset: number): string {
  const there = new Date(at.getTime() + offset * 60_000).toISOString().slice(0, -1);
  if (offset === 0) return `${there}Z`;
  const minutes = Math.abs(offset);
  const two = (part: number): string => String(part).padStart(2, '0');
  return `${there}${offset < 0 ? '-' : '+'}${two(Math.floor(minutes / 60))}:${two(minutes % 60)}`;
}

/** The offset of an ISO moment, in minutes east of Greenwich. */
export function offsetOf(moment: string): number {
  const read = /([+-])(\d{2}):?(\d{2})$/.exec(moment);
  if (!read) return 0;
  const minutes = Number(read[2]) * 60 + Number(read[3]);
  return read[1] === '-' ? -minutes : minutes;
}

/**
 * A moment as it is kept: with milliseconds and `Z` or `+hh:mm`. What is no moment, or none of our
 * years, is left as it is for whoever refuses it.
 */
export function canonicalMoment(moment: string): string {
  const at = new Date(moment);
  const year = at.getUTCFullYear();
  return year >= FIRST_YEAR && year <= LAST_YEAR ? momentWith(at, offsetOf(moment)) : moment;
}
