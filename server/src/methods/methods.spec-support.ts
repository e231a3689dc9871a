import type { KeepMethod } from '@sleetcrest/contract';
import { methodById } from '@sleetcrest/core';
import { approachById, type PatternApproach } from '@sleetcrest/core/teaching/approaches';

/** A method with one approach written out. */
export function aMethod(id = 'landing', change: Partial<KeepMethod['method']> = {}): KeepMethod {
  const builtIn = approachById('ycross-two') as PatternApproach;
  const cases = builtIn.cases.map((one) => ({ ...one, id: one.id.replace('ycross-two', 'mine') }));
  const mine = { ...builtIn, id: 'mine', cases };
  const approaches = methodById('front-right')!.approaches.map((one) =>
    one === 'ycross-two' ? mine : one,
  );
  const method = {
    format: 'sleetcrest/method@1',
    id,
    title: `Method ${id}`,
    approaches,
    ...change,
  };
  return { method: method as KeepMethod['method'], proof: 'proved' };
}
