import { HttpErrorResponse } from '@angular/common/http';
import type { ApiProblem } from '@sleetcrest/contract';
import { capitalised } from '../words/say';
import { SAY } from './words';

/** What went wrong, for the person. */
export interface ApiFailure {
  /** Nobody answered, or the server cannot at the moment: worth trying again. */
  unreachable: boolean;
  message: string;
}

const CANNOT_BE_READ = SAY.theServerGaveAnAnswer;

/** What a request failed by, or whatever else was thrown on the way to its answer. */
export function apiFailure(error: unknown): ApiFailure {
  if (!(error instanceof HttpErrorResponse)) {
    // An answer that the contract refuses is an error with a list of issues; others say a sentence.
    const isSentence = error instanceof Error && !('issues' in error);
    return { unreachable: false, message: isSentence ? error.message : CANNOT_BE_READ };
  }
  if (error.status === 0 || error.status >= 500) {
    return { unreachable: true, message: SAY.theServerCannotBeReached };
  }
  const problem = error.error as Partial<ApiProblem> | null;
  // Too much was asked for just now: in a while it will be taken.
  const later = error.status === 429;
  return { unreachable: later, message: sentenceOf(problem) };
}

/** What is wrong with a box of the page, by what is written over it. */
function boxSaid({ path, message }: { path: string; message: string }): string {
  const name = path
    .split('.')
    .reverse()
    .find((part) => part in BOXES);
  return name === undefined ? `${capitalised(message)}.` : `${BOXES[name]!}: ${message}.`;
}

/** What is written over the box of a field. */
const BOXES: Record<string, string> = {
  name: SAY.name,
  title: SAY.title,
  phrase: SAY.passphrase,
  code: SAY.code,
  scramble: SAY.turnsThatMixIt,
  turns: SAY.turns,
  note: SAY.message,
  words: SAY.words,
  tags: SAY.tags,
  minutes: SAY.minutes,
  cubes: SAY.cubes,
  times: SAY.howOften,
  until: SAY.until,
  timeZone: SAY.timeZone,
  sequence: SAY.sequence,
};

/** What a problem says; a page that a proxy answers with says nothing to a person. */
function sentenceOf(problem: Partial<ApiProblem> | null): string {
  const { type, detail, errors } = problem ?? {};
  if (typeof type !== 'string' || typeof detail !== 'string') return CANNOT_BE_READ;
  // The server names fields as programs do; a person is told the box on the page.
  return errors && errors.length > 0 ? errors.map(boxSaid).join(' ') : detail;
}

/** Whether nobody is signed in any more, as when the session has ended: signing in mends it. */
export const isSignedOut = (error: unknown): boolean =>
  error instanceof HttpErrorResponse && error.status === 401;

/** Whether the server answered, and failed at this very thing; others may well go through. */
export const isFault = (error: unknown): boolean =>
  error instanceof HttpErrorResponse && error.status === 500;

/** Whether this very page is refused: nobody may, or there is nothing any more. All else may pass. */
export const isRefused = (error: unknown): boolean =>
  error instanceof HttpErrorResponse && [401, 403, 404].includes(error.status);
