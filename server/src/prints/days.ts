import { format, parseISO } from 'date-fns';

/** A day as it is written in a letter: `27 November 2026`. */
export const dayWords = (day: string): string => format(parseISO(day), 'd MMMM yyyy');
