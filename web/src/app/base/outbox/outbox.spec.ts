import { HttpErrorResponse, provideHttpClient } from '@angular/common/http';
import { signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { anEntry } from '@sleetcrest/contract/testing';
import * as fc from 'fast-check';
import { v4 as uuid } from 'uuid';
import type { Change, Deeds, Kind, Posted, Sender } from './change';
import { Outbox } from './outbox';
import { OutboxStore } from './outbox-store';
import { MemoryStore } from './outbox.spec-support';
import { provideSenders } from '../../frame/senders';
import { SENDERS } from './senders';
import { WHOSE } from './whose';

describe('the outbox', () => {
  const whose = signal<string | null | undefined>('runa');
  let store: MemoryStore;
  let outbox: Outbox;
  let sent: Change[];
  /** By what the next requests fail; the last one stays. */
  let failures: unknown[];

  beforeEach(() => {
    whose.set('runa');
    sent = [];
    failures = [];
    store = new MemoryStore();
    begin();
  });

  /** Begins the page anew, over what the browser keeps. */
  function begin(): void {
    TestBed.resetTestingModule().configureTestingModule({
      providers: [
        provideHttpClient(),
        provideSenders(),
        { provide: OutboxStore, useValue: store },
        { provide: WHOSE, useValue: whose },
      ],
    });
    const of = TestBed.inject(SENDERS);
    for (const sender of Object.values(of) as Sender<Kind>[]) {
      sender.send = async (change) => {
        sent.push(change);
        const failure = failures.length > 1 ? failures.shift() : failures[0];
        if (failure) throw failure as Error;
        return `answer ${sent.length}`;
      };
    }
    outbox = TestBed.inject(Outbox);
  }

  const away = new HttpErrorResponse({ status: 0 });
  const refusal = new HttpErrorResponse({
    status: 422,
    error: { type: 'about:blank', title: 'No', status: 422, detail: 'The log is full.' },
  });
  const entry = anEntry();
  const add = { do: 'add', entry } as const;
  const note = (text: string) => ({ do: 'change', change: { note: text } }) as const;
  const deeds = () => sent.map(({ deed }) => deed.do);

  it('sends at once, and tells the answer', async () => {
    expect(await outbox.put('record', [entry.id], add)).toEqual({ is: 'kept', answer: 'answer 1' });
    expect([outbox.waiting().length, store.rows.length]).toEqual([0, 0]);
  });

  it('keeps what cannot be sent, over a reload, and sends it in the order it was told', async () => {
    failures = [away];
    expect((await outbox.put('record', ['a'], note('one'))).is).toBe('waiting');
    await outbox.put('walk', ['b'], { do: 'remove' });
    await outbox.put('record', ['a'], { do: 'remove' });
    expect([outbox.isCutOff(), outbox.waiting().length]).toEqual([true, 3]);
    begin();
    failures = [];
    sent = [];
    await outbox.flush();
    expect(sent.map(({ kind, deed }) => `${kind} ${deed.do}`)).toEqual([
      'record change',
      'walk remove',
      'record remove',
    ]);
    expect(store.rows).toEqual([]);
  });

  it('changes, tags and deletes what still waits, so that it is sent as it then is', async () => {
    store.rows = [];
    whose.set(undefined);
    const waits = async (deed: Deeds['record']) => {
      await outbox.put('record', [entry.id], deed);
      return store.rows.map(([, change]) => change.deed as Deeds['record']);
    };
    await waits(add);
    await waits(note('tired'));
    const [tagged, ...others] = await waits({ do: 'tag', add: ['club'], remove: [] });
    expect(others).toEqual([]);
    const told = { ...entry, note: 'tired', tags: ['club'] };
    expect(tagged).toEqual({ do: 'add', entry: told });
    expect(await waits({ do: 'remove' })).toEqual([]);
    expect(sent).toEqual([]);
  });

  it('does not touch what may have arrived: it is told after it', async () => {
    failures = [away];
    await outbox.put('record', [entry.id], add);
    await outbox.put('record', [entry.id], { do: 'remove' });
    failures = [];
    sent = [];
    await outbox.flush();
    expect(deeds()).toEqual(['add', 'remove']);
    expect(sent[0]!.told.id).not.toBe(sent[1]!.told.id);
  });

  it('keeps the id of a change however often it is sent', async () => {
    failures = [away, away, undefined];
    await outbox.put('record', ['a'], note('one'));
    await outbox.flush();
    await outbox.flush();
    expect(sent.length).toBe(3);
    expect(new Set(sent.map(({ told }) => told.id)).size).toBe(1);
  });

  it('deletes many at once, but for those that never were sent', async () => {
    whose.set(undefined);
    await outbox.put('record', ['a'], { do: 'add', entry: { ...entry, id: 'a' } });
    await outbox.put('record', ['a', 'b', 'c'], { do: 'remove' });
    expect(store.rows.map(([, { things, deed }]) => [things, deed.do])).toEqual([
      [['b', 'c'], 'remove'],
    ]);
  });

  it('shows what was refused where it was told, tries it again, and forgets it when told so', async () => {
    failures = [refusal];
    const outcome = await outbox.put('record', [entry.id], add);
    expect(outcome).toEqual({ is: 'refused', message: 'The log is full.' });
    expect(outbox.refused().map(({ refused }) => refused)).toEqual(['The log is full.']);
    // Others are sent all the same.
    failures = [undefined];
    expect((await outbox.put('record', ['b'], note('b'))).is).toBe('kept');
    failures = [refusal];
    await outbox.tryAgain();
    expect(outbox.refused().length).toBe(1);
    await outbox.forget();
    expect(store.rows).toEqual([]);
  });

  it('lets others pass where the server stumbles over one thing, but nothing of that thing', async () => {
    failures = [away];
    await outbox.put('record', ['a'], note('one'));
    await outbox.put('walk', ['b'], { do: 'remove' });
    await outbox.put('record', ['a'], { do: 'remove' });
    sent = [];
    failures = [new HttpErrorResponse({ status: 500 }), undefined];
    await outbox.flush();
    expect(deeds()).toEqual(['change', 'remove']);
    expect(store.rows.map(([, { things }]) => things)).toEqual([['a'], ['a']]);
  });

  it('waits for whoever told it: nobody else sees or sends it', async () => {
    failures = [away];
    await outbox.put('record', ['a'], note('of Runa'));
    failures = [undefined];
    sent = [];
    whose.set('teo');
    await outbox.flush();
    expect([sent.length, outbox.own().length]).toEqual([0, 0]);
    whose.set('runa');
    await outbox.flush();
    expect(sent.length).toBe(1);
  });

  it('keeps it while the session has ended', async () => {
    failures = [new HttpErrorResponse({ status: 401 })];
    expect((await outbox.put('record', ['a'], note('one'))).is).toBe('waiting');
    expect(outbox.refused()).toEqual([]);
  });

  it('holds in the page what the browser has no room for, says so, and loses nothing of it', async () => {
    store.full = true;
    failures = [away];
    expect((await outbox.put('record', [entry.id], add)).is).toBe('waiting');
    await outbox.put('record', [entry.id], note('later'));
    expect([outbox.isFull(), outbox.waiting().length, store.rows.length]).toEqual([true, 2, 0]);
    // There is room again: it is kept with the next thing told.
    store.full = false;
    await outbox.put('walk', ['b'], { do: 'remove' });
    expect([outbox.isFull(), store.rows.length]).toEqual([false, 3]);
    failures = [undefined];
    sent = [];
    await outbox.flush();
    expect(deeds()).toEqual(['add', 'change', 'remove']);
  });

  it('tries again when the browser is back on the network', async () => {
    failures = [away];
    await outbox.put('record', ['a'], note('one'));
    failures = [undefined];
    window.dispatchEvent(new Event('online'));
    await outbox.flush();
    expect(outbox.waiting()).toEqual([]);
  });

  it('comes to the same whether deeds are joined or told one by one', async () => {
    const deed = fc.oneof(
      fc.string({ maxLength: 3 }).map((text) => note(text)),
      fc
        .constantFrom('club', 'tired')
        .map((tag) => ({ do: 'tag', add: [tag], remove: [] }) as const),
      fc
        .constantFrom('club', 'tired')
        .map((tag) => ({ do: 'tag', add: [], remove: [tag] }) as const),
      fc.constantFrom({ do: 'remove' } as const, { do: 'restore' } as const),
    );
    const of = TestBed.inject(SENDERS);
    /** A record of the server's, after it was told so. */
    type Row = { entry: typeof entry; deleted: boolean } | undefined;
    const after = (row: Row, told: Deeds['record']): Row => {
      if (told.do === 'add') return row ?? { entry: told.entry, deleted: false };
      if (!row) return undefined;
      if (told.do === 'remove') return { ...row, deleted: true };
      if (told.do === 'restore') return { ...row, deleted: false };
      if (row.deleted) return row;
      if (told.do === 'change') return { ...row, entry: { ...row.entry, ...told.change } };
      const tags = [...new Set([...row.entry.tags, ...told.add])];
      return {
        ...row,
        entry: { ...row.entry, tags: tags.filter((one) => !told.remove.includes(one)) },
      };
    };
    fc.assert(
      fc.property(fc.array(deed, { maxLength: 6 }), fc.boolean(), (told, isNew) => {
        const all: Deeds['record'][] = isNew ? [add, ...told] : told;
        const row: Row = isNew ? undefined : { entry, deleted: false };
        let joined: Deeds['record'][] = [];
        for (const [k, then] of all.entries()) {
          // A person changes, tags and deletes what is there, and brings back what is deleted.
          const now = all.slice(0, k).reduce(after, row);
          const can = then.do === 'add' || (now && (then.do === 'restore') === now.deleted);
          if (!can) return;
          // What the server never heard of is told anew when it is brought back.
          if (isNew && joined.length === 0 && then.do === 'restore') {
            joined = [{ do: 'add', entry: now!.entry }];
            continue;
          }
          const last = joined.at(-1);
          const both = last && of.record.join(last, then);
          if (both === undefined) joined = [...joined, then];
          else joined = both === null ? joined.slice(0, -1) : [...joined.slice(0, -1), both];
        }
        const [one, other] = [all.reduce(after, row), joined.reduce(after, row)];
        // One that was deleted before it was ever sent is not there, which is as good as deleted.
        expect(other ?? { deleted: true }).toEqual(
          one?.deleted && !other ? { deleted: true } : one!,
        );
      }),
      { numRuns: 400, seed: 4180 },
    );
  });

  it('keeps what is told before it says so, and sends what is told while the last is being sent', async () => {
    const second = anEntry({ id: uuid() });
    let posted: Promise<Posted> | undefined;
    const of = TestBed.inject(SENDERS).record;
    of.send = async (change) => {
      sent.push(change);
      return null;
    };
    // The last look at what waits is over when the next is told.
    const look = store.all;
    store.all = async () => {
      const seen = await look();
      if (sent.length === 1 && seen.length === 0) {
        posted ??= outbox.post('record', [second.id], { do: 'add', entry: second });
      }
      return seen;
    };
    await outbox.put('record', [entry.id], add);
    expect(posted).toBeDefined();
    const { outcome } = await posted!;
    expect((await outcome).is).toBe('kept');
    expect(sent.map(({ things }) => things)).toEqual([[entry.id], [second.id]]);
    expect(store.rows).toEqual([]);
  });
});
