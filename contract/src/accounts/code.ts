import * as z from 'zod';
import { SAY } from './words.js';

/** What a coach reads out for learners to join by: letters and digits that are not mixed up. */
export const CODE_LETTERS = 'ACDEFHJKMNPRTUVWXY34679';
export const codeSchema = z
  .string()
  .trim()
  .toUpperCase()
  .regex(new RegExp(`^[${CODE_LETTERS}]{8}$`), SAY.badCode);
