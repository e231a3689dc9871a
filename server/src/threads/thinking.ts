import type { Method } from '@sleetcrest/core';
import type { WalkAsked } from '@sleetcrest/core/engine/run';
import { refusal } from '../http/problem.js';
import { Threads, TooLong } from './threads.js';
import type { Thought, ThoughtAbout } from './thinker.js';
import { SAY } from './words.js';

/** Walks are planned and methods read here: both search, and a method may be anybody's. */
const thinkers = new Threads<ThoughtAbout, Thought>('thinking', {
  file: new URL('./thinker.js', import.meta.url),
  threads: 2,
  waiting: 20,
  seconds: 15,
});

async function thought(about: ThoughtAbout, path: string): Promise<Thought & { ok: true }> {
  try {
    const answer = await thinkers.run(about);
    if (answer.ok) return answer;
    throw refusal(answer.path, answer.message);
  } catch (error) {
    if (!(error instanceof TooLong)) throw error;
    throw refusal(path, SAY.takesTooLong);
  }
}

/** How long the walkthrough of a plan is; a plan that yields none is refused with 422. */
export async function planned(plan: WalkAsked): Promise<{ stepCount: number; turnCount: number }> {
  const { stepCount, turnCount } = await thought({ plan }, 'method');
  return { stepCount, turnCount };
}

/** Refuses a method that cannot be used with 422, naming `path` as what is wrong. */
export async function refuseUnusable(method: Method, path: string): Promise<void> {
  await thought({ method, path }, path);
}
