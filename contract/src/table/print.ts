import * as z from 'zod';
import { PAPERS } from '../http/handouts.js';
import { uuidSchema } from '../documents/id.js';
import { daySchema } from '../documents/moment.js';

/** Paper to hand out: what to practise, a letter for each family, or a certificate for what is sure. */
export const PRINTS = ['pack', 'letters', 'certificates'] as const;

export const askPrintSchema = z
  .strictObject({
    id: uuidSchema,
    kind: z.enum(PRINTS),
    day: daySchema.describe('The day it is of: how everybody stands then.'),
    paper: z.enum(PAPERS),
    for: z.array(uuidSchema).min(1).max(400).nullable().describe('Null for all.'),
  })
  .meta({ id: 'AskPrint' });
export type AskPrint = z.infer<typeof askPrintSchema>;

/** A job that makes paper, and how far it is. */
export const printJobSchema = z
  .strictObject({
    id: uuidSchema,
    kind: z.enum(PRINTS),
    day: daySchema,
    state: z.enum(['waiting', 'working', 'done', 'failed']),
    done: z.int().min(0).describe('Learners whose pages are made.'),
    of: z.int().min(0),
    askedAt: z.iso.datetime(),
  })
  .meta({ id: 'PrintJob' });
export type PrintJob = z.infer<typeof printJobSchema>;

export const printJobListSchema = z
  .strictObject({ items: z.array(printJobSchema) })
  .meta({ id: 'PrintJobs' });
export const printParamsSchema = z.strictObject({ id: uuidSchema, print: uuidSchema });
