import { parseArgs } from 'node:util';
import type { Io } from './io.js';
import { Mistake } from './mistake.js';
import { glanceVerb } from './verbs/glance.js';
import { inspectVerb } from './verbs/inspect.js';
import { methodsVerb } from './verbs/methods.js';
import { proveVerb } from './verbs/prove.js';
import { scrambleVerb } from './verbs/scramble.js';
import { slipVerb } from './verbs/slip.js';
import { solveVerb } from './verbs/solve.js';
import { SAY } from './words.js';

const text = { type: 'string' } as const;
const flag = { type: 'boolean' } as const;
const source = { turns: text, file: text, lines: flag, first: text };

/** Reads a verb's options; anything else is a mistake. */
function optionsOf<T extends Record<string, { type: 'string' | 'boolean' }>>(
  args: string[],
  options: T,
) {
  try {
    return parseArgs({ args, options, strict: true, allowPositionals: false }).values;
  } catch (error) {
    throw new Mistake((error as Error).message.split('\n')[0]!.replace(/\.? To specify.*$/, ''));
  }
}

const VERBS: Record<string, (io: Io, args: string[]) => number | Promise<number>> = {
  solve: (io, args) =>
    solveVerb(io, optionsOf(args, { ...source, method: text, 'method-file': text })),
  inspect: (io, args) => inspectVerb(io, optionsOf(args, { ...source, 'method-file': text })),
  methods: (io, args) => (optionsOf(args, {}), methodsVerb(io)),
  prove: (io, args) =>
    proveVerb(
      io,
      optionsOf(args, { method: text, approach: text, 'method-file': text, all: flag }),
    ),
  glance: (io, args) =>
    glanceVerb(io, optionsOf(args, { approach: text, 'method-file': text, sight: text })),
  slip: (io, args) =>
    slipVerb(
      io,
      optionsOf(args, {
        start: text,
        meant: text,
        hold: text,
        'seen-turns': text,
        seen: text,
        method: text,
        'method-file': text,
        first: text,
      }),
    ),
  scramble: (io, args) => scrambleVerb(io, optionsOf(args, { seed: text, count: text })),
};

/** Runs one command; the exit status is 0, or 2 for a mistake in the input. */
export async function run(args: readonly string[], io: Io): Promise<number> {
  try {
    const [verb = '', ...rest] = args;
    const chosen = Object.hasOwn(VERBS, verb) ? VERBS[verb] : undefined;
    if (!chosen) {
      const known = Object.keys(VERBS).join(', ');
      throw new Mistake(verb ? SAY.noSuchVerb({ verb, known }) : SAY.noVerb({ known }));
    }
    return await chosen(io, rest);
  } catch (error) {
    if (!(error instanceof Mistake)) throw error;
    io.err(SAY.error({ message: error.message }));
    return 2;
  }
}
