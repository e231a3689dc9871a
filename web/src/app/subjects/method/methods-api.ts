import { HttpClient } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import {
  methodListSchema,
  savedMethodSchema,
  type Handout,
  type KeepMethod,
  type SavedMethod,
} from '@sleetcrest/contract';
import { map, type Observable } from 'rxjs';
import { readAnswer } from '../../base/api/read-answer';

/** People's own methods on the server, and what it prints; answers are checked by the contract. */
@Injectable({ providedIn: 'root' })
export class MethodsApi {
  private readonly http = inject(HttpClient);

  list(): Observable<SavedMethod[]> {
    return this.http
      .get('/api/methods')
      .pipe(map((body) => readAnswer(methodListSchema, body).items));
  }

  keep(kept: KeepMethod): Observable<SavedMethod> {
    return this.http
      .put(`/api/methods/${kept.method.id}`, kept)
      .pipe(map((body) => readAnswer(savedMethodSchema, body)));
  }

  remove(id: string): Observable<unknown> {
    return this.http.delete(`/api/methods/${id}`);
  }

  restore(id: string): Observable<SavedMethod> {
    return this.http
      .post(`/api/methods/${id}/restore`, null)
      .pipe(map((body) => readAnswer(savedMethodSchema, body)));
  }

  /** The printed guide as a PDF file. */
  handout(handout: Handout): Observable<Blob> {
    return this.http.post('/api/handouts', handout, { responseType: 'blob' });
  }
}
