import {
  approachById,
  APPROACHES,
  prove,
  writeCubeDocument,
  type Approach,
  type Proof,
} from '@sleetcrest/core';
import { chosenMethod } from '../input.js';
import type { Io } from '../io.js';
import { Mistake } from '../mistake.js';

export interface ProveOptions {
  method?: string | undefined;
  approach?: string | undefined;
  'method-file'?: string | undefined;
  all?: boolean | undefined;
}

function known(id: string): Approach {
  const approach = approachById(id);
  if (approach) return approach;
  throw new Mistake(
    `no approach is called ${id}; there is ${APPROACHES.map((one) => one.id).join(', ')}`,
  );
}

async function chosen(io: Io, options: ProveOptions): Promise<readonly Approach[]> {
  const { method, approach, all } = options;
  const given = [method, approach, options['method-file'], all].filter((one) => one !== undefined);
  if (given.length !== 1) {
    throw new Mistake('give one of --method, --approach, --method-file or --all');
  }
  if (all) return APPROACHES;
  if (approach !== undefined) return [known(approach)];
  return (await chosenMethod(io, method, options['method-file'])).approaches.map(known);
}

const told = ({ unsolved, ...proof }: Proof): object => ({
  ...proof,
  ...(unsolved ? { unsolved: writeCubeDocument(unsolved) } : {}),
});

/** `prove`: tries every start of each approach asked for. */
export async function proveVerb(io: Io, options: ProveOptions): Promise<number> {
  const approaches = await chosen(io, options);
  const proofs = approaches.map((approach) => {
    io.err(`proving ${approach.id} …`);
    return told(prove(approach));
  });
  io.out(JSON.stringify({ proofs }, null, 2));
  return 0;
}
