import { inject, Injectable } from '@angular/core';
import {
  savedSolveSchema,
  solvePageSchema,
  type CreateSolve,
  type SavedSolve,
  type SolvePage,
  type UpdateSolve,
} from '@sleetcrest/contract';
import { Client } from '../../base/api/client';

/** The saved solves on the server. */
@Injectable({ providedIn: 'root' })
export class SolvesApi {
  private readonly client = inject(Client);

  list(page: number, size: number): Promise<SolvePage> {
    return this.client.get('/api/solves', solvePageSchema, { page, size });
  }

  read(id: string): Promise<SavedSolve> {
    return this.client.get(`/api/solves/${id}`, savedSolveSchema);
  }

  create(solve: CreateSolve): Promise<SavedSolve> {
    return this.client.send('POST', '/api/solves', savedSolveSchema, solve);
  }

  update(id: string, change: UpdateSolve): Promise<SavedSolve> {
    return this.client.send('PATCH', `/api/solves/${id}`, savedSolveSchema, change);
  }

  remove(id: string): Promise<unknown> {
    return this.client.tell('DELETE', `/api/solves/${id}`);
  }

  restore(id: string): Promise<SavedSolve> {
    return this.client.send('POST', `/api/solves/${id}/restore`, savedSolveSchema);
  }
}
