import { randomUUID } from 'node:crypto';
import { entryHistorySchema, logChangesSchema, logEntrySchema } from '@sleetcrest/contract/log';
import type { LogEntry } from '@sleetcrest/core/learner/log';
import { aRecord, TestApp, type Visitor } from '../app.spec-support.js';

describe('a record that two devices change', () => {
  let app: TestApp;
  let visitor: Visitor;
  let record: LogEntry;
  beforeEach(async () => {
    app = await TestApp.start();
    visitor = app.somebody();
    await visitor.signUp('Amalie');
    record = aRecord({ note: 'at first' });
    await visitor.ask('POST', '/api/log', record);
  });
  afterEach(() => app.stop());

  const at = (minute: number): string =>
    new Date(Date.now() - (60 - minute) * 60_000).toISOString();
  const tell = async (change: object, minute: number, id: string = randomUUID()) => {
    const answer = await visitor.ask('PATCH', `/api/log/entries/${record.id}`, {
      ...change,
      told: { id, at: at(minute) },
    });
    return logEntrySchema.parse(answer.body);
  };
  const history = async () =>
    entryHistorySchema.parse(
      (await visitor.ask('GET', `/api/log/entries/${record.id}/history`)).body,
    ).items;

  it('says in each field what was told last, whichever came first', async () => {
    await tell({ note: 'told later', cube: 'red' }, 30);
    const merged = await tell({ note: 'told before', method: 'step-up' }, 20);
    expect(merged).toEqual({ ...record, note: 'told later', cube: 'red', method: 'step-up' });
  });

  it('keeps what was before and what lost, and takes it back by telling it again', async () => {
    await tell({ note: 'told later' }, 30);
    await tell({ note: 'told before' }, 20);
    const told = (await history()).map(({ change, counts }) => [change.note, counts]);
    expect(told).toEqual([
      ['told later', true],
      ['told before', false],
      ['at first', false],
    ]);
    expect((await tell({ note: 'told before' }, 40)).note).toBe('told before');
    expect((await history()).filter(({ counts }) => counts).length).toBe(1);
  });

  it('is changed once by a change that is sent again, and by nothing older than it', async () => {
    const id = randomUUID();
    await tell({ note: 'once' }, 20, id);
    await tell({ note: 'since' }, 30);
    expect((await tell({ note: 'once' }, 20, id)).note).toBe('since');
    expect((await history()).length).toBe(3);
  });

  it('never has the outcome of one and the reason of the other', async () => {
    await tell({ outcome: 'aside', reason: 'a piece popped out' }, 30);
    const merged = await tell({ outcome: 'unfinished', reason: '' }, 20);
    expect([merged.outcome, merged.reason]).toEqual(['aside', 'a piece popped out']);
  });

  it('is not won for ever by a clock that runs ahead', async () => {
    await tell({ note: 'from tomorrow' }, 60 * 24);
    const answer = await visitor.ask('PATCH', `/api/log/entries/${record.id}`, { note: 'now' });
    expect(logEntrySchema.parse(answer.body).note).toBe('now');
  });

  it('is among the changes since a moment, as is one that was deleted', async () => {
    const changes = async (query: string) =>
      logChangesSchema.parse((await visitor.ask('GET', `/api/log/changes${query}`)).body);
    const begin = await changes('');
    expect(begin.items).toEqual([]);
    await tell({ note: 'changed' }, 50);
    const gone = aRecord();
    await visitor.ask('POST', '/api/log', gone);
    await visitor.ask('POST', '/api/log/remove', { ids: [gone.id] });
    const { items } = await changes(`?since=${begin.next.since}`);
    expect(items.map(({ entry, deleted }) => [entry.id, deleted])).toEqual([
      [record.id, false],
      [gone.id, true],
    ]);
    const later = new Date(Date.now() + 1000).toISOString();
    expect((await changes(`?since=${later}`)).items).toEqual([]);
    expect((await app.somebody().ask('GET', '/api/log/changes')).status).toBe(401);
  });

  it('is told page by page where much was changed', async () => {
    const entries = Array.from({ length: 350 }, () => aRecord());
    await visitor.ask('POST', '/api/log/batch', { entries });
    const seen = new Set<string>();
    let query = `?since=${new Date(Date.now() - 60_000).toISOString()}`;
    for (let pages = 0; pages < 5; pages++) {
      const { items, next } = logChangesSchema.parse(
        (await visitor.ask('GET', `/api/log/changes${query}`)).body,
      );
      for (const { entry } of items) seen.add(entry.id);
      if (!next.after) break;
      query = `?since=${next.since}&after=${next.after}`;
    }
    expect(seen.size).toBe(351);
  });
});
