import * as z from 'zod';

/** A refusal or failure, `application/problem+json` (RFC 9457), in words for the person. */
export const problemSchema = z
  .strictObject({
    type: z.string().describe('`about:blank`, or a name for this kind of problem.'),
    title: z.string(),
    status: z.int(),
    detail: z.string().describe('What is wrong and what to do.'),
    errors: z
      .array(z.strictObject({ path: z.string(), message: z.string() }))
      .optional()
      .describe('For input that was refused: which field, and what to mend.'),
    requestId: z.string().optional(),
  })
  .meta({ id: 'Problem' });
export type ApiProblem = z.infer<typeof problemSchema>;
