import * as z from 'zod';

/** The id of a method or an approach. */
export const idSchema = z
  .string()
  .regex(/^[a-z0-9]+(-[a-z0-9]+)*$/, 'an id is lower-case words joined by hyphens')
  .max(60);
