import { HttpClient } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import {
  savedSolveSchema,
  solvePageSchema,
  type CreateSolve,
  type SavedSolve,
  type SolvePage,
  type UpdateSolve,
} from '@sleetcrest/contract';
import { map, type Observable } from 'rxjs';
import { readAnswer } from '../../base/api/read-answer';

/** The saved solves on the server; every answer is checked against the contract. */
@Injectable({ providedIn: 'root' })
export class SolvesApi {
  private readonly http = inject(HttpClient);

  list(page: number, size: number): Observable<SolvePage> {
    return this.http
      .get('/api/solves', { params: { page, size } })
      .pipe(map((body) => readAnswer(solvePageSchema, body)));
  }

  read(id: string): Observable<SavedSolve> {
    return this.http
      .get(`/api/solves/${id}`)
      .pipe(map((body) => readAnswer(savedSolveSchema, body)));
  }

  create(solve: CreateSolve): Observable<SavedSolve> {
    return this.http
      .post('/api/solves', solve)
      .pipe(map((body) => readAnswer(savedSolveSchema, body)));
  }

  update(id: string, change: UpdateSolve): Observable<SavedSolve> {
    return this.http
      .patch(`/api/solves/${id}`, change)
      .pipe(map((body) => readAnswer(savedSolveSchema, body)));
  }

  remove(id: string): Observable<unknown> {
    return this.http.delete(`/api/solves/${id}`);
  }

  restore(id: string): Observable<SavedSolve> {
    return this.http
      .post(`/api/solves/${id}/restore`, null)
      .pipe(map((body) => readAnswer(savedSolveSchema, body)));
  }
}
