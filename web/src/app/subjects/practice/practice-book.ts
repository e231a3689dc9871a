import { computed, inject, Injectable, signal } from '@angular/core';
import { reviewsPageSchema } from '@sleetcrest/contract/practice';
import type { Review } from '@sleetcrest/core/learner/answers';
import type { Later } from '../../base/work/worker-of';
import { Client } from '../../base/api/client';
import { onceAtATime } from '../../base/replica/once';
import { moveAll, workersOf } from '../../base/replica/workers-of';
import { Outbox } from '../../base/outbox/outbox';
import { WHOSE } from '../../base/outbox/whose';
import type { LocalPractice } from './local-practice';
import { practiceWorker } from './practice-worker';

const GUESTS = 'sleetcrest-practice';
const REVIEWS = '/api/practice/reviews';
const AT_ONCE = 200;

/**
 * One's answers and what they leave: a guest's are in this browser, an account's also on the server.
 * An answer goes first into the outbox, and at once into what is held here; all is reckoned here.
 */
@Injectable({ providedIn: 'root' })
export class PracticeBook {
  private readonly client = inject(Client);
  private readonly outbox = inject(Outbox);
  private readonly whose = inject(WHOSE);
  private readonly worker = workersOf(practiceWorker);

  /** Goes up when there are answers that were not given here just now. */
  readonly arrivals = signal(0);
  /** The answers the server will not have, and why. */
  readonly refused = computed(() => this.outbox.refused().filter(({ kind }) => kind === 'answer'));
  /** Whose answers are read: to be asked anew when somebody signs in or out. */
  readonly reader = computed(() => this.whose() ?? null);

  /** Asks what is kept here of whoever this is. */
  ask<R>(question: (there: Later<LocalPractice>) => Promise<R>): Promise<R> {
    return this.worker(this.nameOf(this.whose())).ask(({ practice }) => question(practice));
  }

  /** Keeps an answer. */
  async add(review: Review): Promise<void> {
    // Whatever is held here of an account is told as well, should the page go at this very moment.
    const told = this.whose()
      ? await this.outbox.post('answer', [review.id], { do: 'add', review })
      : undefined;
    await this.ask((practice) => practice.add([review]));
    const outcome = await told?.outcome;
    if (outcome?.is === 'refused') throw new Error(outcome.message);
  }

  /** Moves into the account what a guest answered, and fetches what was answered elsewhere. */
  readonly settle = onceAtATime(() => this.send());

  /** Forgets what is held of an account that has signed out. */
  async forget(account: string): Promise<void> {
    await this.worker(this.nameOf(account)).ask(({ practice }) => practice.forget());
  }

  private async send(): Promise<void> {
    if (!this.whose()) return;
    await this.outbox.flush();
    const guest = this.worker(GUESTS);
    await moveAll(
      () => guest.ask(({ practice }) => practice.some(AT_ONCE)),
      async (some) => {
        await this.client.tell('POST', REVIEWS, { reviews: some });
        await this.ask((practice) => practice.add(some));
        this.arrivals.update((count) => count + 1);
      },
      (ids) => guest.ask(({ practice }) => practice.moved(ids)),
    );
    await this.fetch();
  }

  private async fetch(): Promise<void> {
    let since = await this.ask((practice) => practice.since());
    for (let after: string | undefined; ;) {
      const { items, next } = await this.client.get(REVIEWS, reviewsPageSchema, { since, after });
      const added = await this.ask((practice) => practice.add(items));
      if (added > 0) this.arrivals.update((count) => count + 1);
      ({ since, after } = next);
      const until = since;
      if (after === undefined) {
        await this.ask((practice) => practice.heardUntil(until));
        return;
      }
    }
  }

  private nameOf(account: string | null | undefined): string {
    return account ? `${GUESTS}-${account}` : GUESTS;
  }
}
