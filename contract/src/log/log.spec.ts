import { STAGES } from '@sleetcrest/core';
import { ENTRY_KINDS, type LogEntry, OUTCOMES } from '@sleetcrest/core/learner/log';
import fc from 'fast-check';
import { entryOf, LOG_COLUMNS, logEntrySchema, rowOf, secondsIn, type LogCells } from './index.js';

const hundredths = fc.nat(8_640_000).map((count) => count / 100);
const words = fc.string({ maxLength: 30, unit: 'grapheme' });
const tag = words
  .map((text) => text.replaceAll(';', '').trim())
  .filter((text) => text !== '' && text.length <= 30);
const moves = fc
  .array(fc.constantFrom('R', "U'", 'F2', 'x', "y'"), { maxLength: 20 })
  .map((turns) => turns.join(' '));

/** Any record there can be. */
const anyEntry: fc.Arbitrary<LogEntry> = fc
  .record({
    id: fc.uuid(),
    kind: fc.constantFrom(...ENTRY_KINDS),
    stage: fc.constantFrom(...STAGES),
    beganAt: fc
      .date({ min: new Date('1990-01-01'), max: new Date('2090-01-01'), noInvalidDate: true })
      .map((at) => at.toISOString()),
    time: fc.option(hundredths),
    outcome: fc.constantFrom(...OUTCOMES),
    reason: words.map((text) => text.trim() || 'a piece popped out'),
    note: fc.string({ maxLength: 60, unit: 'grapheme' }),
    method: fc.constantFrom('gentle', 'two-ferries', ''),
    cube: words.map((text) => text.trim()),
    scramble: moves,
    turns: moves,
    splits: fc.uniqueArray(
      fc.record({
        stage: fc.constantFrom(...STAGES),
        time: hundredths,
        turns: fc.option(fc.nat(200)),
      }),
      { selector: ({ stage }) => stage, maxLength: 8 },
    ),
    tags: fc.uniqueArray(tag, { maxLength: 5 }),
  })
  .map((entry) => ({
    ...entry,
    stage: entry.kind === 'stage' ? entry.stage : null,
    reason: entry.outcome === 'aside' ? entry.reason : '',
  }))
  // As it is kept: its words composed, which may make them too long or two tags alike.
  .map((entry) => logEntrySchema.safeParse(entry))
  .filter(({ success }) => success)
  .map(({ data }) => data!);

const noId = (): never => {
  throw new Error('the row has an id');
};

describe('a record as a row of CSV', () => {
  it('comes back as it was, whatever it holds', () => {
    fc.assert(
      fc.property(anyEntry, (entry) => {
        const read = entryOf(rowOf(entry), noId);
        expect(read).toEqual({ ok: true, entry });
      }),
    );
  });

  it('may leave out all but when it was, and then has an id of its own', () => {
    const read = entryOf({ began_at: '2026-11-25 18:03+01' }, () => ID);
    expect(read.ok && read.entry).toEqual(
      jasmine.objectContaining({
        id: ID,
        kind: 'solve',
        stage: null,
        time: null,
        outcome: 'finished',
        beganAt: '2026-11-25T18:03:00.000+01:00',
      }),
    );
  });

  it('is refused with the column and the reason', () => {
    const good: LogCells = { began_at: '2026-11-25T18:03:00Z' };
    const wrong: [LogCells, string][] = [
      [{ ...good, began_at: 'yesterday' }, 'began_at'],
      [{ ...good, time: '1:75.00' }, 'time'],
      [{ ...good, time: '12.345' }, 'time'],
      [{ ...good, kind: 'stage' }, 'stage'],
      [{ ...good, stage: 'roof' }, 'stage'],
      [{ ...good, outcome: 'aside' }, 'reason'],
      [{ ...good, scramble: 'R Q' }, 'scramble'],
      [{ ...good, splits: 'daisy=ten' }, 'splits'],
      [{ ...good, method: 'My way' }, 'method'],
    ];
    for (const [row, column] of wrong) {
      const read = entryOf(row, () => ID);
      expect(read.ok).withContext(column).toBeFalse();
      expect(!read.ok && read.errors.map(({ path }) => path)).toContain(column);
    }
  });

  it('has a documented column for everything a record holds', () => {
    const entry = fc.sample(anyEntry, { numRuns: 1, seed: 4180 })[0]!;
    expect(Object.keys(rowOf(entry))).toEqual(LOG_COLUMNS.map(({ name }) => name));
    expect(Object.keys(logEntrySchema.parse(entry)).length).toBe(LOG_COLUMNS.length);
  });

  it('has no cell that a spreadsheet would run, and comes back with the words it had', () => {
    const [entry] = fc.sample(anyEntry, { numRuns: 1, seed: 4180 });
    for (const note of ['=1+1', "'=1+1", "''-2", '@home', '\ttab', "'quoted'", '-', 'a=b']) {
      const row = rowOf({ ...entry!, note, cube: note.trim(), tags: [note.trim()] });
      for (const cell of [row.note, row.cube, row.tags]) expect(cell).not.toMatch(/^[=+\-@\t\r]/);
      const read = entryOf(row, () => ID);
      expect(read.ok && [read.entry.note, read.entry.cube, read.entry.tags]).toEqual([
        note,
        note.trim(),
        [note.trim()],
      ]);
    }
  });

  it('tells a time in seconds or as a clock does', () => {
    expect(['83.42', '1:23.42', '1:02:03', '59,5', '0'].map(secondsIn)).toEqual([
      83.42, 83.42, 3723, 59.5, 0,
    ]);
    expect(['', 'soon', '-3', '1:60', '1.234', '1:2:3:4'].map(secondsIn)).toEqual(
      Array<number>(6).fill(NaN),
    );
  });
});

const ID = '5f0f6a52-6f5c-4e53-9a43-30b2a4a7e101';
