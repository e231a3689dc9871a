import type { Account, DemoAccount, Session } from '@sleetcrest/contract/accounts';
import {
  changeAccountSchema,
  deleteAccountSchema,
  nameKey,
  signInSchema,
  signUpSchema,
} from '@sleetcrest/contract/accounts';
import type { Request } from 'express';
import { accountOf, addressOf, callerOf, namedOf, refuseBeginner } from '../access/caller.js';
import type { Handlers } from '../access/admit.js';
import { HttpProblem } from '../http/problem.js';
import { bodyOf } from '../http/validate.js';
import type { AccountService } from './service.js';
import type { Sessions } from './sessions.js';
import type { Tries } from './tries.js';

export function accountHandlers(
  accounts: AccountService,
  sessions: Sessions,
  tries: Tries,
  demo: readonly DemoAccount[],
) {
  const told = (account: Session['account'], begins = false): Session => ({
    account,
    ...(begins ? { begins } : {}),
    demo: [...demo],
  });

  /** Goes on if the phrase is that of the account that calls. */
  async function confirm(request: Request, account: Account, phrase: string): Promise<void> {
    const trier = { account: account.id, address: addressOf(request) };
    if (await tries.phrase(trier, () => accounts.isPhraseOf(account, phrase))) return;
    throw new HttpProblem(403, 'That is not your pass phrase; nothing was changed.');
  }

  return {
    'GET /api/session': async (request, response) => {
      await sessions.offerToken(request, response);
      response.json(told(namedOf(request) ?? null, callerOf(request)?.begins));
    },

    'POST /api/session': async (request, response) => {
      const given = bodyOf(request, signInSchema);
      const known = await accounts.named(given.name);
      const trier = {
        account: known?.id ?? `nobody called ${nameKey(given.name)}`,
        address: addressOf(request),
      };
      const account = await tries.phrase(trier, () => accounts.confirmed(known, given.phrase));
      if (!known || !account || !(await sessions.beginBy(request, response, known))) {
        throw new HttpProblem(
          401,
          'Name and pass phrase do not belong together. A coach can set a new phrase for a learner of their group.',
        );
      }
      const caller = callerOf(request);
      if (caller?.role === 'guest') await accounts.adopt(caller, account.id);
      response.json(told(account, known.begins));
    },

    'DELETE /api/session': async (request, response) => {
      await sessions.end(request);
      response.json(told(null));
    },

    'POST /api/accounts': async (request, response) => {
      const given = bodyOf(request, signUpSchema);
      await tries.made('signUp', addressOf(request));
      const account = await accounts.signUp(given, callerOf(request));
      await tries.settled(account.id, addressOf(request));
      await sessions.begin(request, response, account.id);
      response.status(201).json(told(account));
    },

    'PATCH /api/account': async (request, response) => {
      const change = bodyOf(request, changeAccountSchema);
      // One who has yet to choose a phrase can do this, and nothing else.
      if (!change.phrase) refuseBeginner(request);
      const before = accountOf(request);
      if (change.phrase) await confirm(request, before, change.phrase.now);
      const account = await accounts.change(before, change, async (transaction) => {
        if (!change.phrase) return;
        // Whoever knew the old phrase is out; this browser stays in.
        await sessions.endAll(before.id, transaction);
        await sessions.begin(request, response, before.id, transaction);
      });
      response.json(told(account));
    },

    'DELETE /api/account': async (request, response) => {
      const account = accountOf(request);
      await confirm(request, account, bodyOf(request, deleteAccountSchema).phrase);
      await accounts.remove(account);
      response.json(told(null));
    },

    'POST /api/account/sign-out-everywhere': async (request, response) => {
      await sessions.endAll(accountOf(request).id);
      response.json(told(null));
    },
  } satisfies Partial<Handlers>;
}
