import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { clear } from 'idb-keyval';
import { SessionApi } from '../account/account.actions';
import { openStore, until } from '../../app.spec-support';
import { GuestLog } from './guest-log';
import { LogBooks } from './log-books';
import { anEntry, FakeBook } from './log.spec-support';

class FakeGuest extends FakeBook {
  async some(count: number) {
    return this.entries.slice(0, count);
  }
  async moved(ids: readonly string[]) {
    this.entries = this.entries.filter(({ id }) => !ids.includes(id));
  }
}

describe('which log is one’s own', () => {
  let http: HttpTestingController;
  let books: LogBooks;
  let guest: FakeGuest;

  beforeEach(async () => {
    await clear();
    guest = new FakeGuest();
    const { store } = openStore(
      { provide: GuestLog, useValue: guest },
      provideHttpClient(),
      provideHttpClientTesting(),
    );
    http = TestBed.inject(HttpTestingController);
    books = TestBed.inject(LogBooks);
    const account = { id: '5f0f6a52-6f5c-4e53-9a43-30b2a4a7e101', name: 'Runa', role: 'coach' };
    signIn = () =>
      store.dispatch(SessionApi.signedIn({ session: { account: account as never, demo: [] } }));
  });
  afterEach(() => clear());
  let signIn: () => void;

  /** Answers the next request to an address as soon as it is made. */
  async function answer(url: string, body: object | null, status = 200): Promise<unknown> {
    let request = http.match(url)[0];
    await until(() => (request ??= http.match(url)[0]) !== undefined);
    request!.flush(body, { status, statusText: String(status) });
    return request!.request.body;
  }

  it('is the browser’s for a guest, the server’s for an account', () => {
    expect(books.own()).toBe(guest);
    signIn();
    expect(books.own()).not.toBe(guest);
  });

  it('keeps a time that cannot be sent, and sends it once the server answers', async () => {
    signIn();
    const entry = anEntry();
    const added = books.own().add(entry);
    await answer('/api/log', null, 503);
    expect(await added).toBe('waiting');
    expect(books.waiting()).toBe(1);
    // Changed while it waits, it is sent as it then is.
    const changed = await books.own().change(entry.id, { note: 'tired' });
    const settled = books.settle();
    expect(await answer('/api/log/batch', { added: 1, known: 0 })).toEqual({ entries: [changed] });
    await settled;
    expect([books.waiting(), books.arrivals()]).toEqual([0, 1]);
  });

  it('does not keep what the server refuses', async () => {
    signIn();
    const added = books.own().add(anEntry());
    await answer('/api/log', { type: 'about:blank', title: 'No', status: 422, detail: 'No.' }, 422);
    await expectAsync(added).toBeRejected();
    expect(books.waiting()).toBe(0);
  });

  it('moves in what a guest kept, and leaves it where it is while it cannot', async () => {
    guest.entries = [anEntry(), anEntry()];
    await books.settle();
    signIn();
    const first = books.settle();
    await answer('/api/log/batch', null, 503);
    await first;
    expect(guest.entries.length).toBe(2);
    const second = books.settle();
    await answer('/api/log/batch', { added: 2, known: 0 });
    await second;
    expect(guest.entries.length).toBe(0);
  });
});
