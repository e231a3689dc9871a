import * as z from 'zod';

/** The server answers. */
export const healthSchema = z.strictObject({ status: z.literal('ok') }).meta({ id: 'Health' });
export type Health = z.infer<typeof healthSchema>;

/** The server and its database answer, and are of one version. */
export const readySchema = z
  .strictObject({ status: z.literal('ok'), database: z.literal('ok') })
  .meta({ id: 'Ready' });
export type Ready = z.infer<typeof readySchema>;
