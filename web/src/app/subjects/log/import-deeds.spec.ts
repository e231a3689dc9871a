import type { LogEntry } from '@sleetcrest/core/learner/log';
import { guessMapping, importDeeds, LogFile, type Mapping } from './import-deeds';
import { anEntry, entriesIn } from './log.spec-support';

const file = (...lines: string[]): Blob => new Blob([lines.join('\r\n')]);
const quiet = (): void => undefined;

async function read(blob: Blob): Promise<{ entries: LogEntry[]; bad: string[] }> {
  const preview = await importDeeds.preview(blob);
  const mapping = preview.kind === 'csv' ? preview.mapping : null;
  const entries: LogEntry[] = [];
  const bad: string[] = [];
  await new LogFile(blob, mapping).each((one) => {
    if ('entry' in one) entries.push(one.entry);
    else bad.push(`${one.bad.where}: ${one.bad.says}`);
  });
  return { entries, bad };
}

describe('a file of records', () => {
  it('has its columns known by what they are usually called', () => {
    const mapping = guessMapping(['Date', 'Result', 'Comment', 'Scramble', 'odd']);
    const known = Object.entries(mapping).filter(([, at]) => at !== null);
    expect(Object.fromEntries(known) as Partial<Mapping>).toEqual({
      began_at: 0,
      time: 1,
      note: 2,
      scramble: 3,
    });
  });

  it('is read row by row, bad ones told by the line they begin on', async () => {
    const { entries, bad } = await read(
      file(
        'began_at,time,note',
        '2026-11-01T10:00:00Z,1:02.50,"two\nlines, and a ""quote"""',
        '2026-11-01T10:05:00Z,soon,',
        '2026-13-01T10:05:00Z,60,',
        '',
        '2026-11-01 10:10+01:00,"59,5",',
      ),
    );
    expect(entries.map(({ time, note }) => [time, note])).toEqual([
      [62.5, 'two\nlines, and a "quote"'],
      [59.5, ''],
    ]);
    // The first record goes over two lines.
    expect(bad.map((one) => one.split(':')[0])).toEqual(['line 4', 'line 5']);
    expect(bad[0]).toContain('time: a time is written 83.42 or 1:23.42');
  });

  it('takes a moment without an offset as of this place', async () => {
    const { entries } = await read(file('when,seconds', '2026-11-01 10:00,60'));
    expect(new Date(entries[0]!.beganAt)).toEqual(new Date(2026, 10, 1, 10, 0));
    expect(entries[0]!.beganAt.slice(0, 10)).toBe('2026-11-01');
  });

  it('gives the same row the same id each time, and equal rows ids of their own', async () => {
    const rows = ['when,time', ...Array<string>(3).fill('2026-11-01T10:00:00Z,60')];
    const ids = (await read(file(...rows))).entries.map(({ id }) => id);
    expect(new Set(ids).size).toBe(3);
    expect((await read(file(...rows))).entries.map(({ id }) => id)).toEqual(ids);
  });

  it('may be a Log document, read record by record', async () => {
    const entries = [anEntry(), anEntry({ note: 'ç “x”' })];
    const document = {
      format: 'sleetcrest/log@1',
      entries: [...entries, { ...entries[0], time: -1 }],
    };
    const result = await read(new Blob([JSON.stringify(document, null, 2)]));
    expect(result.entries).toEqual(entries);
    expect(result.bad).toEqual(['record 3: time: a time is 0 or more seconds']);
    const other = JSON.stringify({ ...document, format: 'other' });
    await expectAsync(read(new Blob([other]))).toBeRejectedWithError(/no Log document/);
    const cut = JSON.stringify(document).slice(0, -30);
    await expectAsync(read(new Blob([`${cut}]]`]))).toBeRejectedWithError(/no JSON, or is cut off/);
  });

  it('is refused when it is empty or names no columns', async () => {
    await expectAsync(importDeeds.preview(file(''))).toBeRejectedWithError(/empty/);
    await expectAsync(importDeeds.preview(file('one'))).toBeRejectedWithError(/name the columns/);
  });

  it('is checked without keeping anything, and sent in batches with progress', async () => {
    const rows = Array.from({ length: 1203 }, (_, k) =>
      k % 400 === 7 ? '2026-11-01T10:00:00Z,never' : `2026-11-01T10:00:00Z,${k}`,
    );
    const blob = file('began_at,time', ...rows);
    const mapping = guessMapping(['began_at', 'time']);
    const shares: number[] = [];
    const checked = await importDeeds.check(blob, mapping, (share) => shares.push(share));
    expect([checked.good, checked.bad]).toEqual([1200, 3]);
    expect(checked.first.map(({ where }) => where)).toEqual(['line 9', 'line 409', 'line 809']);
    expect(shares.at(-1)).toBe(1);
    const sizes: number[] = [];
    const keep = async (batch: Blob) => {
      const entries = await entriesIn(batch);
      sizes.push(entries.length);
      return { added: entries.length - 1, known: 1 };
    };
    expect(await importDeeds.send(blob, mapping, keep, quiet)).toEqual({ added: 1197, known: 3 });
    expect(sizes).toEqual([400, 400, 400]);
  });

  it('is read on while a batch is on its way, one at a time, and ends where one is refused', async () => {
    const rows = Array.from({ length: 2000 }, (_, k) => `2026-11-01T10:00:00Z,${k}`);
    const blob = file('began_at,time', ...rows);
    const mapping = guessMapping(['began_at', 'time']);
    let underWay = 0;
    let sent = 0;
    const keep = async () => {
      expect(++underWay).toBe(1);
      if (++sent === 3) throw new Error('no room');
      await Promise.resolve();
      underWay--;
      return { added: 400, known: 0 };
    };
    await expectAsync(importDeeds.send(blob, mapping, keep, quiet)).toBeRejectedWithError(
      'no room',
    );
    expect(sent).toBe(3);
  });
});
