import { HttpErrorResponse } from '@angular/common/http';
import type { ApiProblem } from '@sleetcrest/contract';

/** What went wrong, for the person. */
export interface ApiFailure {
  /** Nobody answered, or the server cannot at the moment: worth trying again. */
  unreachable: boolean;
  message: string;
}

const CANNOT_BE_READ = 'The server gave an answer that cannot be read.';

/** What a request failed by, or whatever else was thrown on the way to its answer. */
export function apiFailure(error: unknown): ApiFailure {
  if (!(error instanceof HttpErrorResponse)) {
    // An answer that the contract refuses is an error with a list of issues; others say a sentence.
    const isSentence = error instanceof Error && !('issues' in error);
    return { unreachable: false, message: isSentence ? error.message : CANNOT_BE_READ };
  }
  if (error.status === 0 || error.status >= 500) {
    return { unreachable: true, message: 'The server cannot be reached just now.' };
  }
  const problem = error.error as Partial<ApiProblem> | null;
  // Too much was asked for just now: in a while it will be taken.
  const later = error.status === 429;
  return { unreachable: later, message: sentenceOf(problem) };
}

/** What a problem says; a page that a proxy answers with says nothing to a person. */
function sentenceOf(problem: Partial<ApiProblem> | null): string {
  const { type, detail } = problem ?? {};
  return typeof type === 'string' && typeof detail === 'string' ? detail : CANNOT_BE_READ;
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
