import { createFeature, createReducer, createSelector, on } from '@ngrx/store';
import type { Account, DemoAccount } from '@sleetcrest/contract/accounts';
import { SessionApi } from './account.actions';

export interface AccountState {
  /** `unknown` until the server has answered, or while it cannot be reached. */
  status: 'unknown' | 'guest' | 'signed-in';
  account: Account | null;
  demo: readonly DemoAccount[];
  /** Whether anybody may sign up as a coach, or who was invited. */
  coaches: 'open' | 'invited';
}

const initial: AccountState = {
  status: 'unknown',
  account: null,
  demo: [],
  coaches: 'open',
};

/** Who is signed in here. */
export const accountFeature = createFeature({
  name: 'account',
  reducer: createReducer(
    initial,
    on(
      SessionApi.sessionTold,
      SessionApi.signedIn,
      SessionApi.signedOut,
      (_, { session: { account, demo, coaches = 'open' } }): AccountState => ({
        account,
        demo,
        coaches,
        status: account ? 'signed-in' : 'guest',
      }),
    ),
  ),
  extraSelectors: ({ selectStatus, selectAccount }) => ({
    /** The id of the account; null for a guest, undefined while it is not known. */
    selectWhose: createSelector(selectStatus, selectAccount, (status, account) =>
      status === 'unknown' ? undefined : (account?.id ?? null),
    ),
  }),
});
