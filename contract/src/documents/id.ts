import * as z from 'zod';

/** The id of a method or an approach. */
export const idSchema = z
  .string()
  .max(60)
  .regex(/^[a-z0-9]+(-[a-z0-9]+)*$/, 'an id is lower-case words joined by hyphens');

/** An id made by whoever sends, as the database writes it: in small letters. */
export const uuidSchema = z.uuid().toLowerCase();
