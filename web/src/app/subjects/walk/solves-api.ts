import { inject, Injectable } from '@angular/core';
import type { CreateSolve, SavedSolve, SolvePage, UpdateSolve } from '@sleetcrest/contract';
import { Client } from '../../base/api/client';

// Fetched with the first answer: nothing is checked before the page is usable.
const savedSolve = async () => (await import('./solve-answers')).savedSolveSchema;
const solvePage = async () => (await import('./solve-answers')).solvePageSchema;

/** The saved solves on the server. */
@Injectable({ providedIn: 'root' })
export class SolvesApi {
  private readonly client = inject(Client);

  list(page: number, size: number): Promise<SolvePage> {
    return this.client.get('/api/solves', solvePage, { page, size });
  }

  read(id: string): Promise<SavedSolve> {
    return this.client.get(`/api/solves/${id}`, savedSolve);
  }

  create(solve: CreateSolve): Promise<SavedSolve> {
    return this.client.send('POST', '/api/solves', savedSolve, solve);
  }

  update(id: string, change: UpdateSolve): Promise<SavedSolve> {
    return this.client.send('PATCH', `/api/solves/${id}`, savedSolve, change);
  }

  remove(id: string): Promise<unknown> {
    return this.client.tell('DELETE', `/api/solves/${id}`);
  }

  restore(id: string): Promise<SavedSolve> {
    return this.client.send('POST', `/api/solves/${id}/restore`, savedSolve);
  }
}
