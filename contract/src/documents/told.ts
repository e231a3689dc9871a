import * as z from 'zod';
import { uuidSchema } from './id.js';
import { momentSchema } from './moment.js';

/**
 * When something was changed, and by which change: told with what was changed where there was no
 * network, so that of two changes of one thing the later counts, whichever comes first.
 */
export const toldSchema = z
  .strictObject({
    id: uuidSchema.describe('Made by the sender, so that a change can be sent again safely.'),
    at: momentSchema.describe('When the person made it.'),
  })
  .meta({ id: 'Told' });
export type Told = z.infer<typeof toldSchema>;
