import * as z from 'zod';
import { sayingSchema } from '../documents/method.js';
import { readerPartSchema } from '../documents/reader.js';
import { toldSchema } from '../documents/told.js';

/** The settings kept for an account: those that were ever changed. */
export const settingsSchema = z
  .strictObject({
    settings: readerPartSchema,
    taught: z
      .array(sayingSchema)
      .optional()
      .describe('The words for sequences of the coaches whose groups one belongs to.'),
  })
  .meta({ id: 'Settings' });
export type Settings = z.infer<typeof settingsSchema>;

/** Changes settings, each by itself: of two changes of one setting the later counts. */
export const changeSettingsSchema = z
  .strictObject({ settings: readerPartSchema, told: toldSchema })
  .meta({ id: 'ChangeSettings' });
export type ChangeSettings = z.infer<typeof changeSettingsSchema>;
