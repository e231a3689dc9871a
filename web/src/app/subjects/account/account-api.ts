import { HttpClient } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import {
  coachInvitationsSchema,
  groupListSchema,
  groupSchema,
  leavingSchema,
  movesSchema,
  sessionSchema,
  signedInSchema,
  type ChangeAccount,
  type CoachInvitations,
  type Group,
  type Leaving,
  type Moves,
  type Session,
  type SignedIn,
  type SignIn,
  type SignUp,
} from '@sleetcrest/contract/accounts';
import { map, type Observable } from 'rxjs';
import { v4 as uuid } from 'uuid';
import { readAnswer } from '../../base/api/read-answer';

/** Accounts and groups on the server; answers are checked by the contract. */
@Injectable({ providedIn: 'root' })
export class AccountApi {
  private readonly http = inject(HttpClient);

  signUp(given: SignUp): Observable<Session> {
    return this.http
      .post('/api/accounts', given)
      .pipe(map((body) => readAnswer(sessionSchema, body)));
  }

  signIn(given: SignIn): Observable<Session> {
    return this.http
      .post('/api/session', given)
      .pipe(map((body) => readAnswer(sessionSchema, body)));
  }

  signOut(): Observable<Session> {
    return this.http.delete('/api/session').pipe(map((body) => readAnswer(sessionSchema, body)));
  }

  signOutEverywhere(): Observable<Session> {
    return this.http
      .post('/api/account/sign-out-everywhere', null)
      .pipe(map((body) => readAnswer(sessionSchema, body)));
  }

  change(change: ChangeAccount): Observable<Session> {
    return this.http
      .patch('/api/account', change)
      .pipe(map((body) => readAnswer(sessionSchema, body)));
  }

  remove(phrase: string): Observable<Session> {
    return this.http
      .delete('/api/account', { body: { phrase } })
      .pipe(map((body) => readAnswer(sessionSchema, body)));
  }

  /** Everything that is kept for the account, as a ZIP file. */
  everything(): Observable<Blob> {
    return this.http.get('/api/account/export', { responseType: 'blob' });
  }

  groups(): Observable<Group[]> {
    return this.http
      .get('/api/groups')
      .pipe(map((body) => readAnswer(groupListSchema, body).items));
  }

  makeGroup(name: string): Observable<Group> {
    return this.http
      .post('/api/groups', { id: uuid(), name })
      .pipe(map((body) => readAnswer(groupSchema, body)));
  }

  joinGroup(code: string): Observable<Group> {
    return this.http
      .post('/api/groups/join', { code })
      .pipe(map((body) => readAnswer(groupSchema, body)));
  }

  dissolve(group: string): Observable<unknown> {
    return this.http.delete(`/api/groups/${group}`);
  }

  leave(group: string, learner: string): Observable<unknown> {
    return this.http.delete(`/api/groups/${group}/learners/${learner}`);
  }

  setPhrase(learner: string, phrase: string): Observable<unknown> {
    return this.http.post(`/api/learners/${learner}/phrase`, { phrase });
  }

  /** Where one is signed in. */
  signedIn(): Observable<SignedIn['items']> {
    return this.http
      .get('/api/account/sessions')
      .pipe(map((body) => readAnswer(signedInSchema, body).items));
  }

  /** Signs one browser out. */
  signOutOf(session: string): Observable<unknown> {
    return this.http.delete(`/api/account/sessions/${session}`);
  }

  /** What of others’ goes with the account. */
  leaving(): Observable<Leaving> {
    return this.http
      .get('/api/account/leaving')
      .pipe(map((body) => readAnswer(leavingSchema, body)));
  }

  /** Codes by which coaches may sign up. */
  coachCodes(): Observable<CoachInvitations['items']> {
    return this.http
      .get('/api/coach-invitations')
      .pipe(map((body) => readAnswer(coachInvitationsSchema, body).items));
  }

  inviteCoach(): Observable<CoachInvitations['items']> {
    return this.http
      .post('/api/coach-invitations', {})
      .pipe(map((body) => readAnswer(coachInvitationsSchema, body).items));
  }

  withdrawCoach(code: string): Observable<unknown> {
    return this.http.delete(`/api/coach-invitations/${code}`);
  }

  /** Moves to another coach’s group that wait for one’s word. */
  moves(): Observable<Moves['items']> {
    return this.http.get('/api/moves').pipe(map((body) => readAnswer(movesSchema, body).items));
  }

  answerMove(to: string, agrees: boolean): Observable<unknown> {
    const path = `/api/moves/${to}`;
    return agrees ? this.http.post(path, {}) : this.http.delete(path);
  }
}
