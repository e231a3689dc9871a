import { inject, Injectable } from '@angular/core';
import type { Handout, KeepMethod, SavedMethod } from '@sleetcrest/contract';
import { Client } from '../../base/api/client';

// Fetched with the first answer: nothing is checked before the page is usable.
const methodList = async () => (await import('./method-answers')).methodListSchema;
const savedMethod = async () => (await import('./method-answers')).savedMethodSchema;

/** People's own methods on the server, and what it prints. */
@Injectable({ providedIn: 'root' })
export class MethodsApi {
  private readonly client = inject(Client);

  async list(): Promise<SavedMethod[]> {
    return (await this.client.get('/api/methods', methodList)).items;
  }

  keep(kept: KeepMethod): Promise<SavedMethod> {
    return this.client.send('PUT', `/api/methods/${kept.method.id}`, savedMethod, kept);
  }

  remove(id: string): Promise<unknown> {
    return this.client.tell('DELETE', `/api/methods/${id}`);
  }

  restore(id: string): Promise<SavedMethod> {
    return this.client.send('POST', `/api/methods/${id}/restore`, savedMethod);
  }

  /** The printed guide as a PDF file. */
  handout(handout: Handout): Promise<Blob> {
    return this.client.fileOf('/api/handouts', handout);
  }
}
