import { createFeature, createReducer, on } from '@ngrx/store';
import type { Account, DemoAccount } from '@sleetcrest/contract/accounts';
import { SessionApi } from './account.actions';

export interface AccountState {
  /** `unknown` until the server has answered, or while it cannot be reached. */
  status: 'unknown' | 'guest' | 'signed-in';
  account: Account | null;
  demo: readonly DemoAccount[];
}

const initial: AccountState = { status: 'unknown', account: null, demo: [] };

/** Who is signed in here. */
export const accountFeature = createFeature({
  name: 'account',
  reducer: createReducer(
    initial,
    on(
      SessionApi.sessionTold,
      SessionApi.signedIn,
      SessionApi.signedOut,
      (_, { session: { account, demo } }): AccountState => ({
        ...{ account, demo },
        status: account ? 'signed-in' : 'guest',
      }),
    ),
  ),
});
