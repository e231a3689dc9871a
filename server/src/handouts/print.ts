import type { Handout } from '@sleetcrest/contract';
import { methodById, type Method } from '@sleetcrest/core';
import { resolveMethod, stagesOf } from '@sleetcrest/core/methods';
import { Piscina } from 'piscina';
import { HttpProblem } from '../http/problem.js';
import type { HandoutJob } from './pdf.js';

// A whole method takes a second or two of drawing: on a thread of its own, so that other requests
// are answered meanwhile. It is begun with the first handout and ends when none is asked for.
const printers = new Piscina<HandoutJob, Uint8Array>({
  filename: new URL('./pdf.js', import.meta.url).href,
  minThreads: 0,
  maxThreads: 1,
  idleTimeout: 30_000,
});

const refuse = (path: string, message: string): never => {
  throw new HttpProblem(422, `The request was refused: ${path}: ${message}`, [{ path, message }]);
};

function chosen({ method, stage }: Handout): Method {
  const whole = typeof method === 'string' ? methodById(method) : method;
  if (!whole) return refuse('method', `no method is called ${method as string}`);
  const resolved = resolveMethod(whole);
  if (!resolved.ok) return refuse('method', resolved.error);
  if (stage !== null && !stagesOf(whole).includes(stage)) {
    return refuse('stage', `${whole.id} has no stage ${stage}`);
  }
  return whole;
}

/** The printed guide asked for as a PDF file, and a name for it. */
export async function printHandout(handout: Handout): Promise<{ name: string; pdf: Buffer }> {
  const method = chosen(handout);
  const { stage } = handout;
  const pdf = await printers.run({ handout, method, stage });
  const part = stage === null ? '' : `-${stage}`;
  return { name: `sleetcrest-${method.id}${part}.pdf`, pdf: Buffer.from(pdf) };
}
