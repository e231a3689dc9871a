import { HttpClient } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import { firstValueFrom } from 'rxjs';
import type { Change, Deeds, Sender } from '../../base/outbox/change';

/** Answers given in practice: each is told once, and nothing more is told of it. */
@Injectable({ providedIn: 'root' })
export class AnswerSender implements Sender<'answer'> {
  private readonly http = inject(HttpClient);
  readonly keepsRefused = true;

  send({ deed: { review } }: Change<'answer'>): Promise<unknown> {
    return firstValueFrom(this.http.post('/api/practice/reviews', { reviews: [review] }));
  }

  join(first: Deeds['answer']): Deeds['answer'] {
    return first;
  }
}
