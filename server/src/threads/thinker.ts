import type { Method } from '@sleetcrest/core';
import { type WalkAsked, resolveMethod, solveAsked } from '@sleetcrest/core/engine/run';

/** What a thread is asked: how long a plan's walk is, or whether a method can be used. */
export type ThoughtAbout = { plan: WalkAsked } | { method: Method; path: string };

export type Thought =
  { ok: true; stepCount: number; turnCount: number } | { ok: false; path: string; message: string };

/** Runs on a thread of its own (threads.ts). */
export default function think(about: ThoughtAbout): Thought {
  if ('method' in about) {
    const { method, path } = about;
    const resolved = resolveMethod(method);
    return resolved.ok
      ? { ok: true, stepCount: 0, turnCount: 0 }
      : { ok: false, path, message: resolved.error };
  }
  const walk = solveAsked(about.plan);
  if (!walk.ok) return { ok: false, ...walk.error };
  const { steps, turnCount } = walk.value;
  return { ok: true, stepCount: steps.length, turnCount };
}
