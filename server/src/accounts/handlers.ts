import type { Account, DemoAccount, Session } from '@sleetcrest/contract/accounts';
import {
  changeAccountSchema,
  codeParamsSchema,
  deleteAccountSchema,
  nameKey,
  signedInParamsSchema,
  signInSchema,
  signUpSchema,
} from '@sleetcrest/contract/accounts';
import type { Request } from 'express';
import { accountOf, addressOf, callerOf, namedOf, refuseBeginner } from '../access/caller.js';
import type { Handlers } from '../access/admit.js';
import { HttpProblem } from '../http/problem.js';
import { readsLoosely } from '../http/reads.js';
import { bodyOf, paramsOf } from '../http/validate.js';
import type { Jobs } from '../jobs/jobs.js';
import type { AccountService } from './service.js';
import type { Sessions } from './sessions.js';
import type { Tries } from './tries.js';
import { SAY } from './words.js';

/** Parts of a deleted account that go before it is answered. */
const PARTS_AT_ONCE = 1;

export function accountHandlers(
  accounts: AccountService,
  sessions: Sessions,
  tries: Tries,
  jobs: Pick<Jobs, 'send'>,
  demo: readonly DemoAccount[],
) {
  const told = (request: Request, account: Session['account'], begins = false): Session => ({
    account,
    ...(begins ? { begins } : {}),
    demo: [...demo],
    ...(readsLoosely(request) ? { coaches: accounts.coaches } : {}),
  });

  /** Goes on if the phrase is that of the account that calls. */
  async function confirm(request: Request, account: Account, phrase: string): Promise<void> {
    const trier = { account: account.id, address: addressOf(request) };
    if (await tries.phrase(trier, () => accounts.isPhraseOf(account, phrase))) return;
    throw new HttpProblem(403, SAY.wrongPhrase);
  }

  return {
    'GET /api/session': async (request, response) => {
      await sessions.offerToken(request, response);
      response.json(told(request, namedOf(request) ?? null, callerOf(request)?.begins));
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
        throw new HttpProblem(401, SAY.wrongNameOrPhrase);
      }
      const caller = callerOf(request);
      if (caller?.role === 'guest') await accounts.adopt(caller, account.id);
      response.json(told(request, account, known.begins));
    },

    'DELETE /api/session': async (request, response) => {
      await sessions.end(request);
      response.json(told(request, null));
    },

    'POST /api/accounts': async (request, response) => {
      const given = bodyOf(request, signUpSchema);
      const account = await tries.signUp(addressOf(request), () =>
        accounts.signUp(given, callerOf(request)),
      );
      await tries.settled(account.id, addressOf(request));
      await sessions.begin(request, response, account.id);
      response.status(201).json(told(request, account));
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
        await sessions.renew(request, response, before.id, transaction);
      });
      response.json(told(request, account));
    },

    'DELETE /api/account': async (request, response) => {
      const account = accountOf(request);
      await confirm(request, account, bodyOf(request, deleteAccountSchema).phrase);
      await accounts.remove(account);
      // Of most that is all; what is more goes after, and where that cannot be told the purge finds it.
      const isGone = await accounts.removeRest(account.id, PARTS_AT_ONCE);
      if (!isGone) void jobs.send('remove-account', { account: account.id }).catch(() => undefined);
      response.json(told(request, null));
    },

    'GET /api/account/sessions': async (request, response) => {
      response.json(await sessions.of(accountOf(request).id, request));
    },

    'DELETE /api/account/sessions/:session': async (request, response) => {
      const { session } = paramsOf(request, signedInParamsSchema);
      await sessions.endOne(accountOf(request).id, session);
      response.status(204).end();
    },

    'GET /api/account/leaving': async (request, response) => {
      response.json(await accounts.leaving(accountOf(request).id));
    },

    'GET /api/coach-invitations': async (request, response) => {
      response.json(await accounts.invitedCoaches(accountOf(request).id));
    },

    'POST /api/coach-invitations': async (request, response) => {
      response.status(201).json(await accounts.inviteCoach(accountOf(request).id));
    },

    'DELETE /api/coach-invitations/:code': async (request, response) => {
      const { code } = paramsOf(request, codeParamsSchema);
      await accounts.withdrawCoach(accountOf(request).id, code);
      response.status(204).end();
    },

    'POST /api/account/sign-out-everywhere': async (request, response) => {
      await sessions.endAll(accountOf(request).id);
      response.json(told(request, null));
    },
  } satisfies Partial<Handlers>;
}
