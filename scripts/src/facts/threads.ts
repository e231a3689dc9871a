import { once } from 'node:events';
import { availableParallelism } from 'node:os';
import { Worker } from 'node:worker_threads';
import type { SurveyFacts, WorthFacts } from '@sleetcrest/core/engine/facts';
import { APPROACHES, isSearch } from '@sleetcrest/core/teaching/approaches';
import type { Glances } from './made.js';
import type { Asked } from './maker.js';

/** All that is known of built-in approaches. */
export interface Facts {
  readonly surveys: SurveyFacts;
  readonly worth: WorthFacts;
  readonly glances: Glances;
}

/** Makes all facts anew, on as many threads as there are cores; tells of each as it is made. */
export async function factsMade(tell: (made: string) => void = () => undefined): Promise<Facts> {
  let surveys: SurveyFacts | undefined;
  const worth: Record<string, WorthFacts[string]> = {};
  const glances: Glances = {};
  // What takes longest comes first, so that it ends with the others.
  const tasks: Asked[] = [
    'surveys',
    ...APPROACHES.filter((one) => !isSearch(one)).map(({ id }) => ({ worth: id })),
    ...APPROACHES.map(({ id }) => ({ glances: id })),
  ];
  const work = async (): Promise<void> => {
    const thread = new Worker(new URL('./maker.js', import.meta.url));
    try {
      for (let asked = tasks.shift(); asked; asked = tasks.shift()) {
        thread.postMessage(asked);
        const [made] = (await once(thread, 'message')) as [unknown];
        if (asked === 'surveys') surveys = made as SurveyFacts;
        else if ('worth' in asked) worth[asked.worth] = made as WorthFacts[string];
        else Object.assign(glances, made);
        tell(asked === 'surveys' ? asked : Object.values(asked as object).join());
      }
    } finally {
      await thread.terminate();
    }
  };
  await Promise.all(Array.from({ length: availableParallelism() }, work));
  return { surveys: surveys!, worth: inOrder(worth), glances: inOrder(glances) };
}

/** The same in the order of the approaches, whichever thread was done first. */
function inOrder<T>(all: Record<string, T>): Record<string, T> {
  const at = (name: string): number => APPROACHES.findIndex(({ id }) => id === name.split(' ')[0]);
  return Object.fromEntries(
    Object.entries(all).sort(([a], [b]) => at(a) - at(b) || a.localeCompare(b)),
  );
}
