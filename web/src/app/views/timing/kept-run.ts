import { STAGES, type Turn } from '@sleetcrest/core';
import type { TimerState } from '@sleetcrest/core/learner/timing';
import * as z from 'zod';

const SETTINGS = 'sleetcrest timing';
const RUN = 'sleetcrest timing run';

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

function read<T>(key: string, schema: z.ZodType<T>): T | null {
  try {
    const parsed = schema.safeParse(JSON.parse(localStorage.getItem(key) ?? 'null'));
    return parsed.success ? parsed.data : null;
  } catch {
    // Storage may be closed to us, or hold something else.
    return null;
  }
}

function write(key: string, value: unknown): void {
  try {
    if (value === null) localStorage.removeItem(key);
    else localStorage.setItem(key, JSON.stringify(value));
  } catch {
    // Without storage the timing goes on; only a reload would not find it.
  }
}

export const keptSettings = (): TimingSettings =>
  read(SETTINGS, settingsSchema) ?? DEFAULT_SETTINGS;
export const keepSettings = (settings: TimingSettings): void => write(SETTINGS, settings);
export const keptRun = (): Run | null => read(RUN, runSchema);
export const keepRun = (run: Run | null): void => write(RUN, run);

/** Whether a timer has anything to lose. */
export const isWorthKeeping = (
  timer: TimerState,
): timer is Extract<TimerState, { phase: 'running' | 'stopped' }> =>
  timer.phase === 'running' || timer.phase === 'stopped';
