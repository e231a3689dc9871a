import { STAGES, type Turn } from '@sleetcrest/core';
import type { TimerState } from '@sleetcrest/core/learner/timing';
import * as z from 'zod';
import { kept } from '../../base/storage/kept';

/** How somebody times: kept in the browser. */
const settingsSchema = z.object({
  /** Seconds of looking beforehand; 0 for none. */
  look: z.number().min(0).max(60),
  /** The stage practised alone; null for whole solves. */
  stage: z.enum(STAGES).nullable(),
  cube: z.string().max(60),
  /** Whether the time is shown while it runs. */
  shown: z.boolean(),
});
export type TimingSettings = z.infer<typeof settingsSchema>;

export const DEFAULT_SETTINGS: TimingSettings = { look: 15, stage: null, cube: '', shown: true };

/** What is being timed, known before the start. */
const draftSchema = z.object({
  id: z.uuid(),
  scramble: z.string(),
  method: z.string(),
  stage: z.enum(STAGES).nullable(),
  stages: z.array(z.enum(STAGES)),
});
export type Draft = z.infer<typeof draftSchema>;

const hands = z.object({ left: z.boolean(), right: z.boolean() });
const at = z.number();
const runSchema = z.object({
  draft: draftSchema,
  timer: z.discriminatedUnion('phase', [
    z.object({
      phase: z.literal('running'),
      hands,
      armed: z.boolean(),
      since: at,
      marks: z.array(at),
    }),
    z.object({
      phase: z.literal('stopped'),
      hands,
      since: at,
      until: at,
      marks: z.array(at),
    }),
  ]),
  /** Turns a connected cube has told so far, by number. */
  turns: z.array(
    z
      .int()
      .min(0)
      .max(17)
      .transform((turn) => turn as Turn),
  ),
  /** How long the device had slept when the solve began. */
  slept: at,
});
/** A solve under way, or one that is not kept yet: it survives a reload. */
export type Run = z.infer<typeof runSchema>;

/** How somebody times, kept in this browser. */
export const keptSettings = kept('sleetcrest timing', settingsSchema);
/** The solve under way, or the one that is not kept in the log yet. */
export const keptRun = kept('sleetcrest timing run', runSchema);

/** Whether a timer has anything to lose. */
export const isWorthKeeping = (
  timer: TimerState,
): timer is Extract<TimerState, { phase: 'running' | 'stopped' }> =>
  timer.phase === 'running' || timer.phase === 'stopped';
