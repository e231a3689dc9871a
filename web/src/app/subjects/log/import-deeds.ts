import {
  BATCH,
  charactersOf,
  MOST_CHARACTERS,
  entryOf,
  LOG_COLUMNS,
  logEntrySchema,
  type BatchAnswer,
  type LogColumn,
  type LogCells,
} from '@sleetcrest/contract/log';
import { describeErrors, fieldErrors } from '@sleetcrest/contract';
import type { LogEntry } from '@sleetcrest/core/learner/log';
import { JSONParser } from '@streamparser/json';
import Papa from 'papaparse';
import { v5 as uuidFrom } from 'uuid';
import { momentHere } from '../../base/words/days';
import { SAY } from './words';

/** Which column of the file holds what; `null` where none does. */
export type Mapping = Record<LogColumn, number | null>;

/** The beginning of a file, and what its columns are taken for. */
export type Preview =
  { kind: 'csv'; header: string[]; rows: string[][]; mapping: Mapping } | { kind: 'json' };

/** A row that cannot be read: where it is in the file, and what to mend. */
export interface BadRow {
  /** `line 17` of a CSV file, `record 17` of a JSON file. */
  where: string;
  says: string;
}

export interface Checked {
  good: number;
  bad: number;
  /** The first of the bad ones. */
  first: BadRow[];
}

const SHOWN_ROWS = 5;
const MOST_TOLD = 200;
/** The ids of rows that have none are made from what is in them, within this namespace. */
const NAMESPACE = '5d2f4c52-0c6b-4f0b-9a4c-3a3a6d0b7c11';

/** What other files call a column. */
const ALSO_CALLED: Partial<Record<LogColumn, readonly string[]>> = {
  began_at: ['date', 'when', 'started', 'start', 'timestamp', 'day and time'],
  time: ['seconds', 'result', 'duration'],
  note: ['comment', 'notes', 'remark'],
  turns: ['solution', 'moves'],
  scramble: ['mix'],
  tags: ['tag', 'labels'],
};

const plain = (name: string): string =>
  name
    .toLowerCase()
    .replaceAll(/[\s_-]+/g, ' ')
    .trim();

/** What each column of a file is taken for, by its name. */
export function guessMapping(header: readonly string[]): Mapping {
  const names = header.map(plain);
  return Object.fromEntries(
    LOG_COLUMNS.map(({ name }) => {
      const called = [plain(name), ...(ALSO_CALLED[name] ?? [])];
      const at = names.findIndex((one) => called.includes(one));
      return [name, at < 0 ? null : at];
    }),
  ) as Mapping;
}

/** A moment told without an offset is meant where this browser is. */
const withOffset = (cell: string): string =>
  /^\d{4}-\d{2}-\d{2}[T ]\d{2}:\d{2}(:\d{2}(\.\d+)?)?$/.test(cell.trim())
    ? momentHere(new Date(cell.trim().replace(' ', 'T')))
    : cell;

/** The same row of the same file has the same id, and so is added once. */
function idsOfRows(): (row: LogCells) => string {
  const seen = new Map<string, number>();
  return (row) => {
    const id = uuidFrom(JSON.stringify(row), NAMESPACE);
    const before = seen.get(id) ?? 0;
    seen.set(id, before + 1);
    return before === 0 ? id : uuidFrom(`${id} ${before}`, NAMESPACE);
  };
}

/** A record read, or what is wrong, and where it was. */
type Read = { entry: LogEntry } | { bad: BadRow };

/** Reads a file record by record, however large it is; `each` may take its time. */
export class LogFile {
  constructor(
    private readonly file: Blob & { name?: string },
    private readonly mapping: Mapping | null,
    private readonly progress: (share: number) => void = () => undefined,
    /** Makes the id of a row that has none. */
    private readonly idFor: (row: LogCells) => string = idsOfRows(),
  ) {}

  async each(take: (read: Read) => Promise<void> | void): Promise<void> {
    if (this.mapping) await this.eachRow(this.mapping, take);
    else await this.eachEntry(take);
    this.progress(1);
  }

  private eachRow(mapping: Mapping, take: (read: Read) => Promise<void> | void): Promise<void> {
    let line = 1;
    let isHeader = true;
    return new Promise((resolve, reject) => {
      Papa.parse<string[]>(this.file as File, {
        chunkSize: 1 << 16,
        chunk: ({ data, meta }, parser) => {
          parser.pause();
          const rows = async (): Promise<void> => {
            for (const cells of data) {
              const at = line;
              // A quoted cell may go over several lines.
              line += 1 + cells.reduce((sum, cell) => sum + (cell.match(/\n/g)?.length ?? 0), 0);
              if (isHeader) {
                isHeader = false;
                continue;
              }
              if (cells.length === 1 && cells[0]!.trim() === '') continue;
              await take(this.readRow(cells, mapping, at));
            }
            this.progress(Math.min(1, meta.cursor / this.file.size));
          };
          rows().then(
            () => parser.resume(),
            (error: Error) => {
              parser.abort();
              reject(error);
            },
          );
        },
        complete: () => resolve(),
        error: (error) => reject(error),
      });
    });
  }

  private readRow(cells: readonly string[], mapping: Mapping, line: number): Read {
    const row: LogCells = {};
    for (const { name } of LOG_COLUMNS) {
      const at = mapping[name];
      if (at !== null && cells[at] !== undefined) row[name] = cells[at];
    }
    row.began_at = withOffset(row.began_at ?? '');
    const read = entryOf(row, this.idFor);
    if (read.ok) return { entry: read.entry };
    return { bad: { where: SAY.line({ line }), says: describeErrors(read.errors) } };
  }

  private async eachEntry(take: (read: Read) => Promise<void> | void): Promise<void> {
    const parser = new JSONParser({ paths: ['$.format', '$.entries.*'], keepStack: false });
    let waiting: unknown[] = [];
    let count = 0;
    let format: unknown;
    parser.onValue = ({ value, stack }) => {
      if (stack.length === 1) format = value;
      else waiting.push(value);
    };
    const reader = this.file.stream().pipeThrough(new TextDecoderStream()).getReader();
    let read = 0;
    for (;;) {
      const { done, value } = await reader.read();
      if (done) break;
      try {
        parser.write(value);
      } catch {
        throw cutOff(count);
      }
      read += value.length;
      const some = waiting;
      waiting = [];
      for (const one of some) {
        count++;
        const parsed = logEntrySchema.safeParse(one);
        await take(
          parsed.success
            ? { entry: parsed.data }
            : {
                bad: {
                  where: SAY.record({ count }),
                  says: describeErrors(fieldErrors(parsed.error)),
                },
              },
        );
      }
      this.progress(Math.min(1, read / this.file.size));
    }
    if (!parser.isEnded) throw cutOff(count);
    if (format !== 'sleetcrest/log@1') {
      throw new Error(SAY.thisIsNoLogDocument);
    }
  }
}

const cutOff = (count: number): Error => new Error(SAY.theFileIsNoJson({ count }));

/** What the import does with files; runs in a worker. */
export const importDeeds = {
  /** The beginning of a file. @throws Error when it is neither CSV nor JSON. */
  async preview(file: Blob & { name?: string }): Promise<Preview> {
    const start = (await file.slice(0, 1 << 16).text()).replace(/^\uFEFF/, '');
    if (start.trim() === '') throw new Error(SAY.theFileIsEmpty);
    if (/^\s*[{[]/.test(start)) return { kind: 'json' };
    const { data } = Papa.parse<string[]>(start, { preview: SHOWN_ROWS + 1 });
    const [header = [], ...rows] = data;
    if (header.length < 2) {
      throw new Error(SAY.theFirstLineMustName);
    }
    return { kind: 'csv', header, rows, mapping: guessMapping(header) };
  },

  /** Reads the whole file and keeps nothing. */
  async check(
    file: Blob,
    mapping: Mapping | null,
    progress: (share: number) => void,
  ): Promise<Checked> {
    const checked: Checked = { good: 0, bad: 0, first: [] };
    // What is only looked at needs no id of its own.
    await new LogFile(file, mapping, progress, () => NAMESPACE).each((read) => {
      if ('entry' in read) checked.good++;
      else {
        checked.bad++;
        if (checked.first.length < MOST_TOLD) checked.first.push(read.bad);
      }
    });
    return checked;
  },

  /**
   * Sends the good records, a batch at a time, and reads on meanwhile; what was sent already adds
   * nothing.
   */
  async send(
    file: Blob,
    mapping: Mapping | null,
    keep: (batch: Blob) => Promise<BatchAnswer>,
    progress: (share: number) => void,
  ): Promise<BatchAnswer> {
    const total: BatchAnswer = { added: 0, known: 0 };
    let batch: LogEntry[] = [];
    let together = 0;
    let underWay: Promise<BatchAnswer> | undefined;
    const arrived = async (): Promise<void> => {
      const answer = await underWay;
      total.added += answer?.added ?? 0;
      total.known += answer?.known ?? 0;
      underWay = undefined;
    };
    const flush = async (): Promise<void> => {
      await arrived();
      underWay = keep(new Blob([JSON.stringify({ entries: batch })], { type: 'application/json' }));
      // Told where it is waited for; until then nobody does.
      underWay.catch(() => undefined);
      batch = [];
      together = 0;
    };
    await new LogFile(file, mapping, progress).each(async (read) => {
      if ('bad' in read) return;
      const characters = charactersOf(read.entry);
      if (batch.length > 0 && together + characters > MOST_CHARACTERS) await flush();
      batch.push(read.entry);
      together += characters;
      if (batch.length === SENT_AT_ONCE) await flush();
    });
    if (batch.length > 0) await flush();
    await arrived();
    return total;
  },
};

/** Some 200 kB: larger pieces take a browser longer to hand over, and smaller ones are more answers to wait for. */
const SENT_AT_ONCE = Math.min(BATCH, 400);
