import type { Handout } from '@sleetcrest/contract';
import { type Method, methodById } from '@sleetcrest/core';
import { refusal } from '../http/problem.js';
import { Threads, TooLong } from '../threads/threads.js';
import type { HandoutJob, Printed } from './pdf.js';
import { SAY } from './words.js';

// A whole method takes a second or two of drawing.
const printers = new Threads<HandoutJob, Printed>('printing', {
  file: new URL('./pdf.js', import.meta.url),
  threads: 1,
  waiting: 4,
  seconds: 30,
});

function chosen(method: Handout['method']): Method {
  const whole = typeof method === 'string' ? methodById(method) : method;
  if (!whole) throw refusal('method', SAY.noSuchMethod({ method: method as string }));
  return whole;
}

/** The printed guide asked for as a PDF file, and a name for it. */
export async function printHandout(handout: Handout): Promise<{ name: string; pdf: Buffer }> {
  const method = chosen(handout.method);
  const { stage } = handout;
  const printed = await printers.run({ handout, method, stage }).catch((error: unknown) => {
    if (!(error instanceof TooLong)) throw error;
    throw refusal('method', SAY.takesTooLong);
  });
  if (!printed.ok) throw refusal(printed.path, printed.message);
  const part = stage === null ? '' : `-${stage}`;
  return { name: `sleetcrest-${method.id}${part}.pdf`, pdf: Buffer.from(printed.pdf) };
}
