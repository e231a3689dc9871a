/** Today where this browser is, `YYYY-MM-DD`. */
export function today(now = new Date()): string {
  return momentHere(now).slice(0, 10);
}

/** A moment with the offset of this place, ISO 8601. */
export function momentHere(at: Date): string {
  const offset = -at.getTimezoneOffset();
  const there = new Date(at.getTime() + offset * 60_000).toISOString().slice(0, -1);
  const minutes = Math.abs(offset);
  const two = (part: number): string => String(part).padStart(2, '0');
  return `${there}${offset < 0 ? '-' : '+'}${two(Math.floor(minutes / 60))}:${two(minutes % 60)}`;
}
