import { resolveMethod } from '@sleetcrest/core/engine/run';
import { gaze, glancePlan, type Sight } from '@sleetcrest/core/insight/glance';
import { either } from '@sleetcrest/core/words';
import { approachCalled, chosenMethod } from '../input.js';
import type { Io } from '../io.js';
import { Mistake } from '../mistake.js';
import { SAY } from './words.js';

export interface GlanceOptions {
  approach?: string | undefined;
  'method-file'?: string | undefined;
  sight?: string | undefined;
}

const SIGHTS: readonly string[] = ['ahead', 'around'] satisfies Sight[];

/** `glance`: what to look at to know which case of an approach waits, as a tree. */
export async function glanceVerb(io: Io, options: GlanceOptions): Promise<number> {
  const { approach: id, sight = 'around', 'method-file': file } = options;
  if (id === undefined) throw new Mistake(SAY.approachNeeded);
  if (!SIGHTS.includes(sight)) throw new Mistake(SAY.badSight({ known: either(SIGHTS), sight }));
  const approach = file === undefined ? approachCalled(id) : await approachIn(io, file, id);
  io.out(JSON.stringify(glancePlan(gaze(approach), sight as Sight), null, 2));
  return 0;
}

async function approachIn(
  io: Io,
  file: string,
  id: string,
): Promise<ReturnType<typeof approachCalled>> {
  const whole = resolveMethod(await chosenMethod(io, undefined, file));
  if (!whole.ok) throw new Mistake(whole.error);
  const found = whole.value.find((one) => one.id === id);
  if (found) return found;
  const known = whole.value.map((one) => one.id).join(', ');
  throw new Mistake(SAY.notInMethod({ id, known }));
}
