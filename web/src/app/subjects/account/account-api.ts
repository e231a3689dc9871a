import { inject, Injectable } from '@angular/core';
import {
  coachInvitationsSchema,
  leavingSchema,
  sessionSchema,
  signedInSchema,
  type ChangeAccount,
  type CoachInvitations,
  type Leaving,
  type Session,
  type SignedIn,
  type SignIn,
  type SignUp,
} from '@sleetcrest/contract/accounts';
import { Client } from '../../base/api/client';

/** Accounts on the server: who is signed in, and where. */
@Injectable({ providedIn: 'root' })
export class AccountApi {
  private readonly client = inject(Client);

  signUp(given: SignUp): Promise<Session> {
    return this.client.send('POST', '/api/accounts', sessionSchema, given);
  }

  /** Who is signed in here. */
  session(): Promise<Session> {
    return this.client.get('/api/session', sessionSchema);
  }

  signIn(given: SignIn): Promise<Session> {
    return this.client.send('POST', '/api/session', sessionSchema, given);
  }

  signOut(): Promise<Session> {
    return this.client.send('DELETE', '/api/session', sessionSchema);
  }

  signOutEverywhere(): Promise<Session> {
    return this.client.send('POST', '/api/account/sign-out-everywhere', sessionSchema);
  }

  change(change: ChangeAccount): Promise<Session> {
    return this.client.send('PATCH', '/api/account', sessionSchema, change);
  }

  remove(phrase: string): Promise<Session> {
    return this.client.send('DELETE', '/api/account', sessionSchema, { phrase });
  }

  /** Everything that is kept for the account, as a ZIP file. */
  everything(): Promise<Blob> {
    return this.client.file('/api/account/export');
  }

  /** Where one is signed in. */
  async signedIn(): Promise<SignedIn['items']> {
    return (await this.client.get('/api/account/sessions', signedInSchema)).items;
  }

  /** Signs one browser out. */
  signOutOf(session: string): Promise<unknown> {
    return this.client.tell('DELETE', `/api/account/sessions/${session}`);
  }

  /** What of others’ goes with the account. */
  leaving(): Promise<Leaving> {
    return this.client.get('/api/account/leaving', leavingSchema);
  }

  /** Codes by which coaches may sign up. */
  async coachCodes(): Promise<CoachInvitations['items']> {
    return (await this.client.get('/api/coach-invitations', coachInvitationsSchema)).items;
  }

  async inviteCoach(): Promise<CoachInvitations['items']> {
    const path = '/api/coach-invitations';
    return (await this.client.send('POST', path, coachInvitationsSchema, {})).items;
  }

  withdrawCoach(code: string): Promise<unknown> {
    return this.client.tell('DELETE', `/api/coach-invitations/${code}`);
  }
}
