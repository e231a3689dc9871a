import { HttpClient } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import {
  groupListSchema,
  groupSchema,
  sessionSchema,
  type ChangeAccount,
  type Group,
  type Session,
  type SignIn,
  type SignUp,
} from '@sleetcrest/contract/accounts';
import { map, type Observable } from 'rxjs';
import { v4 as uuid } from 'uuid';

/** Accounts and groups on the server; answers are checked by the contract. */
@Injectable({ providedIn: 'root' })
export class AccountApi {
  private readonly http = inject(HttpClient);

  signUp(given: SignUp): Observable<Session> {
    return this.http.post('/api/accounts', given).pipe(map((body) => sessionSchema.parse(body)));
  }

  signIn(given: SignIn): Observable<Session> {
    return this.http.post('/api/session', given).pipe(map((body) => sessionSchema.parse(body)));
  }

  signOut(): Observable<Session> {
    return this.http.delete('/api/session').pipe(map((body) => sessionSchema.parse(body)));
  }

  signOutEverywhere(): Observable<Session> {
    return this.http
      .post('/api/account/sign-out-everywhere', null)
      .pipe(map((body) => sessionSchema.parse(body)));
  }

  change(change: ChangeAccount): Observable<Session> {
    return this.http.patch('/api/account', change).pipe(map((body) => sessionSchema.parse(body)));
  }

  remove(phrase: string): Observable<Session> {
    return this.http
      .delete('/api/account', { body: { phrase } })
      .pipe(map((body) => sessionSchema.parse(body)));
  }

  /** Everything that is kept for the account, as a ZIP file. */
  everything(): Observable<Blob> {
    return this.http.get('/api/account/export', { responseType: 'blob' });
  }

  groups(): Observable<Group[]> {
    return this.http.get('/api/groups').pipe(map((body) => groupListSchema.parse(body).items));
  }

  makeGroup(name: string): Observable<Group> {
    return this.http
      .post('/api/groups', { id: uuid(), name })
      .pipe(map((body) => groupSchema.parse(body)));
  }

  joinGroup(code: string): Observable<Group> {
    return this.http
      .post('/api/groups/join', { code })
      .pipe(map((body) => groupSchema.parse(body)));
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
}
