import { inject, Injectable } from '@angular/core';
import { Client } from '../../base/api/client';
import type { Change, Deeds, Sender } from '../../base/outbox/change';

/** Answers given in practice: each is told once, and nothing more is told of it. */
@Injectable({ providedIn: 'root' })
export class AnswerSender implements Sender<'answer'> {
  private readonly client = inject(Client);
  readonly keepsRefused = true;

  send({ deed: { review } }: Change<'answer'>): Promise<unknown> {
    return this.client.tell('POST', '/api/practice/reviews', { reviews: [review] });
  }

  join(first: Deeds['answer']): Deeds['answer'] {
    return first;
  }
}
