import { SLIP_KINDS } from '@sleetcrest/core';
import * as z from 'zod';
import { colourSchema } from './colour.js';

const turns = z.string();

/** What `slip` answers: how the cube seen can have come about, likeliest first, and ways back. */
export const slipAnswerSchema = z
  .strictObject({
    explanations: z.array(
      z.strictObject({
        did: turns.meta({ description: 'What was done, read in the hold asked about.' }),
        slips: z.array(
          z.strictObject({
            at: z.int().min(1).meta({
              description: 'At which turn of the sequence, from 1; one more when after the last.',
            }),
            kind: z.enum(SLIP_KINDS),
            meant: turns,
            did: turns,
          }),
        ),
        recover: z.array(
          z.strictObject({
            kind: z.enum(['undo', 'shortest', 'go-on']),
            hold: z.strictObject({ up: colourSchema, front: colourSchema }),
            turns,
            turnCount: z.int().min(0),
          }),
        ),
      }),
    ),
  })
  .meta({ id: 'Slips', title: 'Slips' });
export type SlipAnswer = z.infer<typeof slipAnswerSchema>;
