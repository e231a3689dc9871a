import {
  canonicalMoment,
  FIRST_YEAR,
  LAST_YEAR,
  MOST_OFFSET,
  offsetOf,
} from '@sleetcrest/core/learner/log';
import * as z from 'zod';

const yearOf = (moment: string): number => new Date(moment).getUTCFullYear();
const isOurs = (year: number): boolean => year >= FIRST_YEAR && year <= LAST_YEAR;
const YEARS = `lies between the years ${FIRST_YEAR} and ${LAST_YEAR}`;

/** A moment with the offset of its place, in the one way it is written here. */
export const momentSchema = z.iso
  .datetime({ offset: true, error: 'a moment is written 2026-11-25T18:03:00+01:00' })
  .overwrite(canonicalMoment)
  .refine((moment) => isOurs(yearOf(moment)), `a moment ${YEARS}`)
  .refine(
    (moment) => Math.abs(offsetOf(moment)) <= MOST_OFFSET,
    'no place is further than 14 hours from Greenwich',
  );

/** A day that there is, so that dates typed wrongly are told. */
export const daySchema = z.iso
  .date('a day is written YYYY-MM-DD')
  .refine((day) => isOurs(yearOf(day)), `a day ${YEARS}`);

/** The moment after which something is asked for, as it was told before: with all its digits. */
export const sinceSchema = z.iso
  .datetime()
  .refine(
    (moment) => yearOf(moment) >= 1970 && yearOf(moment) <= LAST_YEAR,
    `a moment to ask from lies between the years 1970 and ${LAST_YEAR}`,
  );
