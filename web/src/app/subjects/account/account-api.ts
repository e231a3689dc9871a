import { inject, Injectable } from '@angular/core';
import type {
  ChangeAccount,
  CoachInvitations,
  Leaving,
  Session,
  SignedIn,
  SignIn,
  SignUp,
} from '@sleetcrest/contract/accounts';
import { Client } from '../../base/api/client';

// Fetched with the first answer: nothing is checked before the page is usable.
const coachInvitations = async () => (await import('./account-answers')).coachInvitationsSchema;
const leaving = async () => (await import('./account-answers')).leavingSchema;
const session = async () => (await import('./account-answers')).sessionSchema;
const signedIn = async () => (await import('./account-answers')).signedInSchema;

/** Accounts on the server: who is signed in, and where. */
@Injectable({ providedIn: 'root' })
export class AccountApi {
  private readonly client = inject(Client);

  signUp(given: SignUp): Promise<Session> {
    return this.client.send('POST', '/api/accounts', session, given);
  }

  /** Who is signed in here. */
  session(): Promise<Session> {
    return this.client.get('/api/session', session);
  }

  signIn(given: SignIn): Promise<Session> {
    return this.client.send('POST', '/api/session', session, given);
  }

  signOut(): Promise<Session> {
    return this.client.send('DELETE', '/api/session', session);
  }

  signOutEverywhere(): Promise<Session> {
    return this.client.send('POST', '/api/account/sign-out-everywhere', session);
  }

  change(change: ChangeAccount): Promise<Session> {
    return this.client.send('PATCH', '/api/account', session, change);
  }

  remove(phrase: string): Promise<Session> {
    return this.client.send('DELETE', '/api/account', session, { phrase });
  }

  /** Everything that is kept for the account, as a ZIP file. */
  everything(): Promise<Blob> {
    return this.client.file('/api/account/export');
  }

  /** Where one is signed in. */
  async signedIn(): Promise<SignedIn['items']> {
    return (await this.client.get('/api/account/sessions', signedIn)).items;
  }

  /** Signs one browser out. */
  signOutOf(session: string): Promise<unknown> {
    return this.client.tell('DELETE', `/api/account/sessions/${session}`);
  }

  /** What of others’ goes with the account. */
  leaving(): Promise<Leaving> {
    return this.client.get('/api/account/leaving', leaving);
  }

  /** Codes by which coaches may sign up. */
  async coachCodes(): Promise<CoachInvitations['items']> {
    return (await this.client.get('/api/coach-invitations', coachInvitations)).items;
  }

  async inviteCoach(): Promise<CoachInvitations['items']> {
    const path = '/api/coach-invitations';
    return (await this.client.send('POST', path, coachInvitations, {})).items;
  }

  withdrawCoach(code: string): Promise<unknown> {
    return this.client.tell('DELETE', `/api/coach-invitations/${code}`);
  }
}
