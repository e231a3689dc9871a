import {
  HttpErrorResponse,
  HttpResponse,
  provideHttpClient,
  withInterceptors,
} from '@angular/common/http';
import { TestBed } from '@angular/core/testing';
import { aReview } from '@sleetcrest/contract/testing';
import type { Review } from '@sleetcrest/core/learner/answers';
import { from } from 'rxjs';
import { v4 as uuid } from 'uuid';
import { GUEST, openStore, until } from '../../app.spec-support';
import { OutboxStore } from '../../base/outbox/outbox-store';
import { SessionApi } from '../account';
import { PracticeBook } from './practice-book';

describe('the book of practice', () => {
  const kept = new Map<string, Review>();
  let away = false;
  let account: string;
  let store: ReturnType<typeof openStore>['store'];
  let book: PracticeBook;

  beforeEach(() => {
    kept.clear();
    away = false;
    account = uuid();
    ({ store } = openStore(
      provideHttpClient(
        withInterceptors([
          ({ method, body }) =>
            from(
              (async () => {
                if (away) throw new HttpErrorResponse({ status: 0 });
                const { reviews = [] } = (body ?? {}) as { reviews?: Review[] };
                for (const one of reviews) kept.set(one.id, one);
                const answer =
                  method === 'GET'
                    ? { items: [...kept.values()], next: { since: '2026-11-26T10:00:00Z' } }
                    : { added: reviews.length, known: 0 };
                return new HttpResponse({ status: 200, body: answer });
              })(),
            ),
        ]),
      ),
    ));
    store.dispatch(GUEST);
    book = TestBed.inject(PracticeBook);
  });
  afterEach(async () => {
    await book.forget(account);
    await book.ask((practice) => practice.forget());
  });

  const enter = (): void => {
    const who = { id: account, name: 'Amalie', role: 'learner' } as const;
    store.dispatch(SessionApi.signedIn({ session: { account: who, demo: [] } }));
  };
  const count = async (): Promise<number> =>
    (await book.ask((practice) => practice.knowledge(0, 1))).answers;

  it('keeps a guest’s answers here, and moves them into the account once there is one', async () => {
    const review = aReview({ id: uuid() });
    await book.add(review);
    expect(kept.size).toBe(0);
    enter();
    expect(await count()).toBe(0);
    await book.settle();
    expect([...kept.values()]).toEqual([review]);
    expect(await count()).toBe(1);
    store.dispatch(GUEST);
    expect(await count()).toBe(0);
  });

  it('keeps an account’s answers here at once, and sends them when the server can be reached', async () => {
    enter();
    away = true;
    const review = aReview({ id: uuid() });
    await book.add(review);
    expect(await count()).toBe(1);
    expect(kept.size).toBe(0);
    away = false;
    await book.settle();
    await until(() => kept.size === 1);
    expect([...kept.keys()]).toEqual([review.id]);
  });

  it('holds no answer of an account that is not sure to be told: the page may go at any moment', async () => {
    enter();
    const store = TestBed.inject(OutboxStore);
    let keep = (): void => undefined;
    const edit = store.edit.bind(store);
    store.edit = async (plan) => {
      await new Promise<void>((done) => (keep = done));
      return edit(plan);
    };
    const adding = book.add(aReview({ id: uuid() }));
    expect(await count()).toBe(0);
    store.edit = edit;
    keep();
    await adding;
    expect(await count()).toBe(1);
    expect(kept.size).toBe(1);
  });

  it('fetches what was answered on another device', async () => {
    const elsewhere = aReview({ id: uuid() });
    kept.set(elsewhere.id, elsewhere);
    enter();
    const before = book.arrivals();
    await book.settle();
    expect(await count()).toBe(1);
    expect(book.arrivals()).toBe(before + 1);
  });
});
