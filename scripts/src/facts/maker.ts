import { parentPort } from 'node:worker_threads';
import { approachById } from '@sleetcrest/core/teaching/approaches';
import { glancesMade, surveysMade, worthMade } from './made.js';

/** What a thread is asked for: the surveys, what cases are worth, or the plans of an approach. */
export type Asked = 'surveys' | { worth: string } | { glances: string };

/** A thread of `npm run facts`. */
parentPort!.on('message', (asked: Asked) => {
  if (asked === 'surveys') parentPort!.postMessage(surveysMade());
  else if ('worth' in asked) parentPort!.postMessage(worthMade(approachById(asked.worth)!));
  else parentPort!.postMessage(glancesMade(approachById(asked.glances)!));
});
