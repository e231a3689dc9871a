import {
  canonicalMoment,
  FIRST_YEAR,
  LAST_YEAR,
  MOST_OFFSET,
  offsetOf,
} from '@sleetcrest/core/learner/log';
import * as z from 'zod';
import { SAY } from './words.js';

const yearOf = (moment: string): number => new Date(moment).getUTCFullYear();
const isOurs = (year: number): boolean => year >= FIRST_YEAR && year <= LAST_YEAR;
const YEARS = { first: String(FIRST_YEAR), last: String(LAST_YEAR) };

/** A moment with the offset of its place, in the one way it is written here. */
export const momentSchema = z.iso
  .datetime({ offset: true, error: SAY.badMoment })
  .overwrite(canonicalMoment)
  .refine((moment) => isOurs(yearOf(moment)), { error: () => SAY.farMoment(YEARS) })
  .refine((moment) => Math.abs(offsetOf(moment)) <= MOST_OFFSET, SAY.badOffset);

/** A day that there is, so that dates typed wrongly are told. */
export const daySchema = z.iso
  .date(SAY.badDay)
  .refine((day) => isOurs(yearOf(day)), { error: () => SAY.farDay(YEARS) });

/** The moment after which something is asked for, as it was told before: with all its digits. */
export const sinceSchema = z.iso
  .datetime()
  .refine((moment) => yearOf(moment) >= 1970 && yearOf(moment) <= LAST_YEAR, {
    error: () => SAY.farMomentAsked(YEARS),
  });
