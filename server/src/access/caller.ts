import type { Account, Role } from '@sleetcrest/contract/accounts';
import type { Request } from 'express';
import { HttpProblem } from '../http/problem.js';
import { SAY } from './words.js';

/** Who calls: a guest with a cookie of their own, or a person who is signed in. */
export interface Caller {
  id: string;
  role: 'guest' | Role;
  /** Null for a guest. */
  name: string | null;
  /** The phrase was given by a coach: nothing is done before another is chosen. */
  begins: boolean;
}

/** What somebody is to a piece of work. */
export type Side = 'learner' | 'coach';

declare module 'express-serve-static-core' {
  interface Request {
    /** Set where the rule of a route lets somebody in, and read by the functions below. */
    caller?: Caller;
    side?: Side;
  }
}

export const setCaller = (request: Request, caller: Caller): void => {
  request.caller = caller;
};

/** Who calls; undefined for somebody who has kept nothing and is not signed in. */
export const callerOf = (request: Request): Caller | undefined => request.caller;

/** Where a request comes from: what is connected to us, or whom a proxy we believe names. */
export const addressOf = (request: Request): string => request.ip ?? 'unknown';

/**
 * The account that calls, on routes whose rule asks for one.
 * @throws HttpProblem 401 for a guest.
 */
export function accountOf(request: Request): Account {
  const account = namedOf(request);
  if (!account) throw new HttpProblem(401, SAY.signInFirst);
  return account;
}

/** The account that calls; undefined for a guest. */
export function namedOf(request: Request): Account | undefined {
  const caller = request.caller;
  if (!caller || caller.role === 'guest' || caller.name === null) return undefined;
  return { id: caller.id, role: caller.role, name: caller.name };
}

/** @throws HttpProblem 403 for who has yet to choose a phrase of their own. */
export function refuseBeginner(request: Request): void {
  if (!request.caller?.begins) return;
  throw new HttpProblem(403, SAY.choosePhraseFirst);
}

export const setSide = (request: Request, side: Side): void => {
  request.side = side;
};

/** What whoever calls is to the work in the address, on routes whose rule asks for it. */
export const sideOf = (request: Request): Side => request.side!;
