import { UP, writeCubeDocument } from '@sleetcrest/core';
import { type Proof, prove } from '@sleetcrest/core/engine/prove';
import type { OnProgress } from '@sleetcrest/core/engine/run';
import { resolveMethod } from '@sleetcrest/core/engine/run';
import { type Approach, APPROACHES } from '@sleetcrest/core/teaching/approaches';
import { approachCalled, chosenMethod } from '../input.js';
import type { Io } from '../io.js';
import { Mistake } from '../mistake.js';
import { SAY } from './words.js';

export interface ProveOptions {
  method?: string | undefined;
  approach?: string | undefined;
  'method-file'?: string | undefined;
  all?: boolean | undefined;
}

async function chosen(io: Io, options: ProveOptions): Promise<readonly Approach[]> {
  const { method, approach, all } = options;
  const given = [method, approach, options['method-file'], all].filter((one) => one !== undefined);
  if (given.length !== 1) {
    throw new Mistake(SAY.oneToProve);
  }
  if (all) return APPROACHES;
  if (approach !== undefined) return [approachCalled(approach)];
  const whole = resolveMethod(await chosenMethod(io, method, options['method-file']));
  if (!whole.ok) throw new Mistake(whole.error);
  return whole.value;
}

const told = ({ unsolved, ...proof }: Proof): object => ({
  ...proof,
  ...(unsolved ? { unsolved: writeCubeDocument(unsolved) } : {}),
});

/** Says how far the proof has come: over and over on a terminal, one line each elsewhere. */
function progress(io: Io, { id }: Approach): OnProgress {
  if (!io.rewrite) {
    io.err(SAY.proving({ id }));
    return () => undefined;
  }
  const { rewrite } = io;
  return (done, of) => {
    const percent = `${Math.floor((100 * done) / of)}`.padStart(3);
    rewrite(SAY.provedSoFar({ percent, id, done, of }));
  };
}

/** `prove`: tries every start of each approach asked for. */
export async function proveVerb(io: Io, options: ProveOptions): Promise<number> {
  const approaches = await chosen(io, options);
  const proofs = approaches.map((approach) => told(prove(approach, UP, progress(io, approach))));
  io.rewrite?.('');
  io.out(JSON.stringify({ proofs }, null, 2));
  return 0;
}
