import * as z from 'zod';

/** What a coach reads out for learners to join by: letters and digits that are not mixed up. */
export const CODE_LETTERS = 'ACDEFHJKMNPRTUVWXY34679';
export const codeSchema = z
  .string()
  .trim()
  .toUpperCase()
  .regex(
    new RegExp(`^[${CODE_LETTERS}]{8}$`),
    'a code has eight letters and digits; ask your coach',
  );
