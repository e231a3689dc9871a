/** On how many days in a row there was practice. */
export interface Streaks {
  /** Up to today, or to yesterday while today is still to come; 0 when it was longer ago. */
  current: number;
  longest: number;
  /** Days with practice among the last 30, today included. */
  lastThirty: number;
}

const DAY = 86_400_000;
const numberOf = (day: string): number => Math.round(Date.parse(`${day}T00:00:00Z`) / DAY);

/** The streaks in days (`YYYY-MM-DD`, each once, oldest first), seen from today. */
export function streaksOf(days: readonly string[], today: string): Streaks {
  const now = numberOf(today);
  let longest = 0;
  let run = 0;
  let before = NaN;
  let lastThirty = 0;
  for (const day of days.map(numberOf)) {
    run = day === before + 1 ? run + 1 : 1;
    before = day;
    longest = Math.max(longest, run);
    if (day > now - 30 && day <= now) lastThirty++;
  }
  const current = before === now || before === now - 1 ? run : 0;
  return { current, longest, lastThirty };
}

/** The day so many days before another. */
export const daysBefore = (day: string, count: number): string =>
  new Date((numberOf(day) - count) * DAY).toISOString().slice(0, 10);
