import * as z from 'zod';
import { groupSchema } from '../accounts/group.js';
import { assignmentSchema } from './assignment.js';
import { matrixSchema } from './matrix.js';
import { keptPlanSchema } from './session.js';
import { workSchema } from './work.js';

/** A group as it leaves, for whoever keeps it: all that its coach has of it on a day. */
export const groupDocumentSchema = z
  .strictObject({
    format: z.literal('sleetcrest/group@1'),
    // Neither the code that lets people in nor what the one who asked may do.
    group: groupSchema.omit({ code: true, rights: true }),
    matrix: matrixSchema.describe('How each learner stood on the day of the file.'),
    sessions: z.array(keptPlanSchema),
    assignments: z.array(assignmentSchema),
    work: z.array(workSchema),
  })
  .meta({ id: 'GroupDocument' });
export type GroupDocument = z.infer<typeof groupDocumentSchema>;
