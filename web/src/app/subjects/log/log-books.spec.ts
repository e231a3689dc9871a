import {
  HttpErrorResponse,
  HttpResponse,
  provideHttpClient,
  withInterceptors,
  type HttpInterceptorFn,
  type HttpRequest,
} from '@angular/common/http';
import { TestBed } from '@angular/core/testing';
import type { Store } from '@ngrx/store';
import { type LogEntry, newestFirst } from '@sleetcrest/core/learner/log';
import { from } from 'rxjs';
import { v4 as uuid } from 'uuid';
import { openStore, until } from '../../app.spec-support';
import { Outbox } from '../../base/outbox/outbox';
import { SessionApi } from '../account';
import { GuestLog } from './guest-log';
import type { LogBook } from './log-book';
import { LogBooks } from './log-books';
import { anEntry, entriesIn, FakeBook } from './log.spec-support';

/** Answers as the server would, from a log in memory; while `away`, nothing is answered. */
class FakeServer {
  away = false;
  refusal: string | null = null;
  log = new FakeBook();

  readonly intercept: HttpInterceptorFn = (request) => from(this.answer(request));

  private async answer({ url, method, body, params }: HttpRequest<unknown>) {
    if (this.away) throw new HttpErrorResponse({ status: 0 });
    if (this.refusal !== null && method !== 'GET') {
      const error = { type: 'about:blank', title: 'No', status: 422, detail: this.refusal };
      throw new HttpErrorResponse({ status: 422, error });
    }
    const read: unknown = body instanceof Blob ? { entries: await entriesIn(body) } : body;
    const given = read as { ids: string[]; add: string[]; remove: string[]; entries: LogEntry[] };
    const number = (name: string): number => Number(params.get(name));
    const id = url.split('/')[4]!;
    const { log } = this;
    const change = async () => {
      const { told: _, ...fields } = body as { told: object };
      return log.change(id, fields);
    };
    const routes: [string, () => Promise<unknown>][] = [
      ['POST /api/log/batch', () => log.addAll(given.entries)],
      ['POST /api/log/remove', () => log.remove(given.ids).then(() => ({ changed: 1 }))],
      ['POST /api/log/restore', () => log.restore(given.ids).then(() => ({ changed: 1 }))],
      ['POST /api/log/tags', () => log.tag(given.ids, given.add).then(() => ({ changed: 1 }))],
      ['POST /api/log', () => log.add(body as LogEntry).then(() => body)],
      ['PATCH /api/log/entries', change],
      ['GET /api/log/entries', () => log.read(id)],
      [
        'GET /api/log/changes',
        async () => ({ items: [], next: { since: '2026-11-26T10:00:00Z' } }),
      ],
      ['GET /api/log/overview', () => log.overview({}, params.get('today')!)],
      ['GET /api/log/groups', async () => ({ items: await log.groups({}, 'day') })],
      ['GET /api/log', () => log.page({}, number('offset'), number('limit'))],
      ['GET /api/settings', async () => ({ settings: {} })],
    ];
    const route = routes.find(([one]) => `${method} ${url}`.startsWith(one));
    if (!route) throw new HttpErrorResponse({ status: 404 });
    return new HttpResponse({ status: 200, body: structuredClone(await route[1]()) });
  }
}

const PERSON = { name: 'Runa', role: 'coach' as const };
let server: FakeServer;
let store: Store;

async function open(): Promise<LogBooks> {
  server = new FakeServer();
  ({ store } = openStore(provideHttpClient(withInterceptors([(r, n) => server.intercept(r, n)]))));
  const guest = TestBed.inject(GuestLog);
  await guest.moved((await guest.some(1000)).map(({ id }) => id));
  return TestBed.inject(LogBooks);
}
const signIn = (id = uuid()): void =>
  store.dispatch(SessionApi.signedIn({ session: { account: { ...PERSON, id }, demo: [] } }));

/** What every log book does alike, wherever it keeps its records. */
function isALogBook(called: string, begin: () => Promise<LogBook>): void {
  describe(called, () => {
    let book: LogBook;
    beforeEach(async () => (book = await begin()));
    const all = async (): Promise<LogEntry[]> => (await book.page({}, 0, 50)).items;

    it('keeps a record once, changes it, and reads it back whole', async () => {
      const entry = anEntry({ turns: "R U R'", splits: [{ stage: 'daisy', time: 9, turns: 4 }] });
      expect(await book.add(entry)).toBe('kept');
      expect(await book.read(entry.id)).toEqual(entry);
      const changed = await book.change(entry.id, { note: 'tired', cube: 'red' });
      expect(changed).toEqual({ ...entry, note: 'tired', cube: 'red' });
      expect(await all()).toEqual([changed]);
    });

    it('deletes, brings back and tags many at once', async () => {
      const entries = [1, 2, 3].map((day) => anEntry({ beganAt: `2026-11-0${day}T10:00:00.000Z` }));
      await book.addAll(entries);
      const ids = entries.slice(0, 2).map(({ id }) => id);
      expect(await book.remove(ids)).toBe('kept');
      expect((await all()).map(({ id }) => id)).toEqual([entries[2]!.id]);
      await book.restore(ids);
      expect(await all()).toEqual([...entries].sort(newestFirst));
      await book.tag(ids, ['club'], []);
      expect((await all()).filter(({ tags }) => tags.includes('club')).length).toBe(2);
    });

    it('takes a batch of a file as it is, and counts the same', async () => {
      const entries = [anEntry({ time: 50 }), anEntry({ time: 70 })];
      const batch = new Blob([JSON.stringify({ entries })], { type: 'application/json' });
      expect(await book.addBatch(batch)).toEqual({ added: 2, known: 0 });
      const { summary } = await book.overview({}, '2026-11-02');
      expect([summary.timed, summary.best?.time]).toEqual([2, 50]);
      expect((await book.groups({}, 'day')).map(({ count }) => count)).toEqual([2]);
    });
  });
}

isALogBook('a log in memory, for specs', async () => new FakeBook());
isALogBook('a guest’s log', async () => {
  await open();
  return TestBed.inject(GuestLog);
});
isALogBook('an account’s log', async () => {
  const books = await open();
  signIn();
  return books.own();
});

describe('an account’s log', () => {
  let books: LogBooks;
  let outbox: Outbox;
  beforeEach(async () => {
    books = await open();
    signIn();
    outbox = TestBed.inject(Outbox);
  });
  const notes = async (): Promise<string[]> =>
    (await books.own().page({}, 0, 50)).items.map(({ note }) => note);

  it('is there without a network, with what is told meanwhile, and is sent after', async () => {
    const kept = anEntry({ note: 'before' });
    await books.own().add(kept);
    await books.settle();
    server.away = true;
    const later = anEntry({ note: 'offline', beganAt: '2026-11-02T10:00:00.000Z' });
    expect(await books.own().add(later)).toBe('waiting');
    await books.own().change(kept.id, { note: 'changed' });
    expect(await notes()).toEqual(['offline', 'changed']);
    expect((await books.own().overview({}, '2026-11-02')).summary.timed).toBe(2);
    expect([books.waiting(), books.isCutOff()]).toEqual([2, true]);
    server.away = false;
    await books.settle();
    await until(() => books.waiting() === 0);
    expect(server.log.entries.map(({ note }) => note).sort()).toEqual(['changed', 'offline']);
  });

  it('does not bring back what was deleted while it waited', async () => {
    server.away = true;
    const entry = anEntry();
    await books.own().add(entry);
    expect(await books.own().remove([entry.id])).toBe('waiting');
    expect(await notes()).toEqual([]);
    server.away = false;
    await books.settle();
    expect(server.log.entries).toEqual([]);
  });

  it('tells anew what is brought back and the server never heard of', async () => {
    server.away = true;
    const entry = anEntry({ note: 'mine' });
    // Told before it could be tried, as in the moment of the press.
    store.dispatch(SessionApi.sessionUnknown());
    await outbox.put('record', [entry.id], { do: 'add', entry });
    await books.own().remove([entry.id]);
    await books.own().restore([entry.id]);
    server.away = false;
    await books.settle();
    await until(() => server.log.entries.some(({ note }) => note === 'mine'));
  });

  it('shows what is refused, leaves the record as it was, and tries it again', async () => {
    const entry = anEntry({ note: 'before' });
    await books.own().add(entry);
    server.refusal = 'The log is full.';
    await expectAsync(books.own().change(entry.id, { note: 'after' })).toBeRejectedWithError(
      'The log is full.',
    );
    expect(await notes()).toEqual(['before']);
    expect(books.refused().map(({ refused }) => refused)).toEqual(['The log is full.']);
    server.refusal = null;
    await books.tryAgain();
    await until(() => books.refused().length === 0);
    expect(await notes()).toEqual(['after']);
  });

  it('takes in what a guest kept, and leaves it where it is while it cannot', async () => {
    const guest = TestBed.inject(GuestLog);
    await guest.addAll([anEntry(), anEntry()]);
    server.away = true;
    await books.settle();
    expect((await guest.some(10)).length).toBe(2);
    server.away = false;
    await books.settle();
    expect((await guest.some(10)).length).toBe(0);
    expect(server.log.entries.length).toBe(2);
  });
});
