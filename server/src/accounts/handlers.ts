import type { DemoAccount, Session } from '@sleetcrest/contract/accounts';
import {
  changeAccountSchema,
  deleteAccountSchema,
  signInSchema,
  signUpSchema,
} from '@sleetcrest/contract/accounts';
import type { Request } from 'express';
import { accountOf, callerOf } from '../access/caller.js';
import type { Handlers } from '../access/admit.js';
import { HttpProblem } from '../http/problem.js';
import { bodyOf } from '../http/validate.js';
import type { Attempts } from './attempts.js';
import { nameKey, type AccountService } from './service.js';
import type { Sessions } from './sessions.js';

type Routes = Pick<
  Handlers,
  | 'GET /api/session'
  | 'POST /api/session'
  | 'DELETE /api/session'
  | 'POST /api/accounts'
  | 'PATCH /api/account'
  | 'DELETE /api/account'
  | 'POST /api/account/sign-out-everywhere'
>;

const addressOf = (request: Request): string => request.ip ?? 'unknown';

export function accountHandlers(
  accounts: AccountService,
  sessions: Sessions,
  attempts: Attempts,
  demo: readonly DemoAccount[],
): Routes {
  const told = (account: Session['account']): Session => ({ account, demo: [...demo] });

  return {
    'GET /api/session': (request, response) => {
      sessions.offerToken(request, response);
      const caller = callerOf(request);
      response.json(told(caller && caller.role !== 'guest' ? accountOf(request) : null));
    },

    'POST /api/session': async (request, response) => {
      const given = bodyOf(request, signInSchema);
      const [key, address] = [nameKey(given.name), addressOf(request)];
      await attempts.mayTry(key, address);
      const account = await accounts.find(given);
      if (!account) {
        await attempts.failed(key, address);
        throw new HttpProblem(
          401,
          'Name and pass phrase do not belong together. A coach can set a new phrase for a learner of their group.',
        );
      }
      await attempts.succeeded(key);
      const caller = callerOf(request);
      if (caller?.role === 'guest') await accounts.adopt(caller, account.id);
      await sessions.begin(request, response, account.id);
      response.json(told(account));
    },

    'DELETE /api/session': async (request, response) => {
      await sessions.end(request);
      response.json(told(null));
    },

    'POST /api/accounts': async (request, response) => {
      const account = await accounts.signUp(bodyOf(request, signUpSchema), callerOf(request));
      await sessions.begin(request, response, account.id);
      response.status(201).json(told(account));
    },

    'PATCH /api/account': async (request, response) => {
      const change = bodyOf(request, changeAccountSchema);
      const account = await accounts.change(accountOf(request), change);
      if (change.phrase) {
        // Whoever knew the old phrase is out; this browser stays in.
        await sessions.endAll(account.id);
        await sessions.begin(request, response, account.id);
      } else sessions.forget(account.id);
      response.json(told(account));
    },

    'DELETE /api/account': async (request, response) => {
      const account = accountOf(request);
      await accounts.remove(account, bodyOf(request, deleteAccountSchema).phrase);
      sessions.forget(account.id);
      response.json(told(null));
    },

    'POST /api/account/sign-out-everywhere': async (request, response) => {
      await sessions.endAll(accountOf(request).id);
      response.json(told(null));
    },
  };
}
