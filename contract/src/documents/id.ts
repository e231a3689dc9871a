import * as z from 'zod';
import { SAY } from './words.js';

/** The id of a method or an approach. */
export const idSchema = z
  .string()
  .max(60)
  .regex(/^[a-z0-9]+(-[a-z0-9]+)*$/, SAY.badId);

/** An id made by whoever sends, as the database writes it: in small letters. */
export const uuidSchema = z.uuid().toLowerCase();
