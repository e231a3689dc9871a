import { format, parseISO } from 'date-fns';

/** Today where this browser is, `YYYY-MM-DD`. */
export const today = (now = new Date()): string => format(now, 'yyyy-MM-dd');

/** A moment with the offset of this place, ISO 8601. */
export const momentHere = (at: Date): string => format(at, "yyyy-MM-dd'T'HH:mm:ss.SSSxxx");

const DAY = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium' });
/** With the day, and by a clock of 24 hours. */
const MOMENT = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' });
/** By the clock that hung where it was: what is written is said, whichever zone this browser is in. */
const WRITTEN = new Intl.DateTimeFormat('en-GB', {
  dateStyle: 'medium',
  timeStyle: 'short',
  timeZone: 'UTC',
});
const WRITTEN_SHORT = new Intl.DateTimeFormat('en-GB', {
  day: 'numeric',
  month: 'short',
  year: '2-digit',
  hour: '2-digit',
  minute: '2-digit',
  timeZone: 'UTC',
});
const MOMENT_THIS_YEAR = new Intl.DateTimeFormat('en-GB', {
  day: 'numeric',
  month: 'short',
  hour: '2-digit',
  minute: '2-digit',
});

/** A day in words, or that of a moment where this browser is: `5 Nov 2026`. */
export const daySaid = (at: string): string => DAY.format(parseISO(at));

/** A moment in words, where this browser is: `5 Nov 2026, 18:30`. */
export const momentSaid = (at: string | Date): string => MOMENT.format(new Date(at));

/** A moment of late, without its year: `5 Nov, 18:30`. */
export const momentOfLate = (at: string | Date): string => MOMENT_THIS_YEAR.format(new Date(at));

const asWritten = (at: string): Date => new Date(`${at.slice(0, 16)}Z`);

/** The day on which something was where it was, `YYYY-MM-DD`, of a moment with an offset. */
export const dayThere = (at: string): string => at.slice(0, 10);

/** A moment with an offset, in words, by the clock of the place where it was: `5 Nov 2026, 18:30`. */
export const momentThere = (at: string): string => WRITTEN.format(asWritten(at));

/** The same where there is little room: `5 Nov 26, 18:30`. */
export const momentThereShort = (at: string): string => WRITTEN_SHORT.format(asWritten(at));

/** From one moment to another, by the clock of the place, the day once: `5 Nov 2026, 18:30 – 19:05`. */
export const spanThere = (from: string, to: string): string =>
  WRITTEN.formatRange(asWritten(from), asWritten(to));
