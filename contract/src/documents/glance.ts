import type { GlanceNode, GlancePlan, Look, Outcome } from '@sleetcrest/core/insight/glance';
import * as z from 'zod';
import { stageSchema } from './approach.js';
import { idSchema } from './id.js';
import { text } from './text.js';

const caseId = text({ most: 120 });
const word = text({ most: 20 });
const looks = z.number().min(0);

const lookSchema: z.ZodType<Look> = z.union([
  z.strictObject({
    sticker: word.describe('A place in the hold and the side the sticker faces, as in UFR.F.'),
  }),
  z.strictObject({
    piece: word.describe('A piece, named by its home place in the hold.'),
    asks: z.enum(['layer', 'where', 'facing', 'solved']),
  }),
]);

const outcomeSchema: z.ZodType<Outcome> = z.strictObject({
  case: caseId,
  piece: word.optional().describe('Where the piece is that the case is done with.'),
  turn: z.int().min(0).max(3).optional().describe('How often the whole cube is turned by y first.'),
});

const nodeSchema: z.ZodType<GlanceNode> = z
  .lazy(() =>
    z.union([
      outcomeSchema,
      z.strictObject({
        open: z.array(caseId).describe('What is in sight does not tell these apart.'),
      }),
      z.strictObject({
        look: lookSchema,
        again: z.literal(true).optional().describe('Was looked at before; now it can be told.'),
        answers: z.array(
          z.strictObject({
            seen: z.array(word).describe('Colours by role; of a piece, layers, places or sides.'),
            part: z.number().min(0).max(1.0001).describe('The part of all looks that comes here.'),
            then: nodeSchema,
          }),
        ),
      }),
    ]),
  )
  .meta({ id: 'GlanceNode' });

/** The Glance document: the fewest looks that decide what to do. */
export const glanceSchema: z.ZodType<GlancePlan> = z
  .strictObject({
    format: z.literal('sleetcrest/glance@1'),
    approach: idSchema,
    stage: stageSchema,
    up: z.enum(['first', 'opposite']),
    sight: z
      .enum(['ahead', 'around'])
      .describe('Only top, front and right, or the back, left and underside too.'),
    mean: looks.describe('Looks on average; at the back or left one counts 2, below 3.'),
    worst: looks,
    atLeast: looks.describe('No plan needs fewer on average.'),
    information: looks.describe('What would do if all answers were equally likely.'),
    inOrder: looks.nullable().describe('Going through the patterns in their order.'),
    open: z.number().min(0).max(1.0001).describe('The part of looks in which this does not tell.'),
    alike: z.array(z.array(caseId)).describe('Cases it does not tell apart.'),
    tree: nodeSchema,
  })
  .meta({
    id: 'sleetcrest-glance-1',
    title: 'Glance',
    description: 'The fewest looks that decide which case of an approach waits, as a tree.',
  });
