import * as z from 'zod';
import * as accounts from './accounts/index.js';
import * as documents from './index.js';
import * as log from './log/index.js';
import * as table from './table/index.js';
import { nameKey, signUpSchema } from './accounts/index.js';
import { line, name, text } from './documents/text.js';

/** Written by us and never taken from anybody. */
const ANSWERS: readonly unknown[] = [
  documents.problemSchema,
  documents.inspectionSchema,
  documents.slipAnswerSchema,
];

/** What databases, files or readers choke on, or what comes back other than it was sent. */
const HOSTILE = [
  '\0',
  'a\0b',
  '\u0001',
  'a\u0008',
  '\u007f',
  '\ud83d',
  'a\udc00',
  '\ud800\ud800',
  'e\u0301',
  '\u212b',
  'a\u0958',
  '\ufb2c',
];

const isKeepable = (given: string): boolean =>
  given === given.normalize('NFC') && !/[\p{Cs}\0]|[^\P{Cc}\t\n\r]/u.test(given);

type Def = Record<string, unknown> & { type: string };

/** Every schema of a string below one, with its path. */
function stringsBelow(schema: z.core.$ZodType, path: string): [string, z.core.$ZodType][] {
  const def = schema._zod.def as unknown as Def;
  const inner = (key: string, to = path) =>
    def[key] ? stringsBelow(def[key] as z.core.$ZodType, to) : [];
  if (def.type === 'string') return [[path, schema]];
  const shape = (def['shape'] ?? {}) as Record<string, z.core.$ZodType>;
  return [
    ...Object.entries(shape).flatMap(([key, one]) => stringsBelow(one, `${path}.${key}`)),
    ...((def['options'] ?? []) as z.core.$ZodType[]).flatMap((one) => stringsBelow(one, path)),
    ...['innerType', 'element', 'keyType', 'valueType', 'in', 'out'].flatMap((key) => inner(key)),
  ];
}

describe('no string of the contract', () => {
  const all = Object.entries({ ...documents, ...accounts, ...log, ...table } as Record<
    string,
    unknown
  >).filter(
    (one): one is [string, z.ZodType] => one[1] instanceof z.ZodType && !ANSWERS.includes(one[1]),
  );
  const strings = all.flatMap(([called, schema]) => stringsBelow(schema, called));

  it('is found only where this looks', () => {
    expect(strings.length).toBeGreaterThan(100);
    const paths = strings.map(([path]) => path);
    for (const known of [
      'createSolveSchema.name',
      'logBatchSchema.entries.note',
      'approachSchema.cases.look',
    ])
      expect(paths).toContain(known);
  });

  it('lets in what cannot be kept, or keeps it other than composed', () => {
    for (const [path, schema] of strings) {
      for (const hostile of HOSTILE) {
        for (const given of [hostile, `twelve letters ${hostile}`]) {
          const parsed = z.safeParse(schema, given);
          if (parsed.success)
            expect(isKeepable(parsed.data as string))
              .withContext(`${path} took ${JSON.stringify(given)}`)
              .toBeTrue();
        }
      }
    }
  });

  it('is longer once it is composed than it may be', () => {
    expect(text({ most: 3 }).safeParse('\ufb2c').success).toBeTrue();
    expect(text({ most: 2 }).safeParse('\ufb2c').success).toBeFalse();
    expect(text({ most: 1 }).parse('e\u0301')).toBe('é');
  });
});

describe('what people write', () => {
  it('keeps its lines and tabs, whole emoji and every alphabet', () => {
    const kept = 'two\r\nlines\tand a tab, 🧊, Åse, 雪, שלום';
    expect(text({ most: 200 }).parse(kept)).toBe(kept);
  });

  it('is one line where it is a line', () => {
    expect(line({ most: 20 }).parse(' two\r\nlines\t ')).toBe('two lines');
  });

  it('names something by letters that can be seen', () => {
    const named = name({ least: 'give a name', most: 40 });
    for (const unseen of ['\u3164', '\u2800\u2800', '\u200b', 'A\u202eB', '\u0301', '\u115f', ' '])
      expect(named.safeParse(unseen).success).withContext(JSON.stringify(unseen)).toBeFalse();
    for (const seen of ['Åse', '雪', 'Teo 2', '❤️', '🧊', 'Ana-Maria'])
      expect(named.parse(seen)).toBe(seen);
  });

  it('is a name no longer than it can be compared by', () => {
    const wide = '\ufdfa'.repeat(40);
    expect(nameKey(wide).length).toBeGreaterThan(120);
    const given = { name: wide, phrase: 'three larches', role: 'learner' };
    expect(signUpSchema.safeParse(given).success).toBeFalse();
    expect(signUpSchema.safeParse({ ...given, name: '\ufdfa' }).success).toBeTrue();
  });
});

describe('what is sent again as it was', () => {
  const record = {
    id: '5F0F6A52-6F5C-4E53-9A43-30B2A4A7E101',
    kind: 'solve',
    stage: null,
    time: -0,
    beganAt: '2026-11-25T18:03:00.1234+00:00',
    outcome: 'finished',
    reason: '',
    note: '',
    method: '',
    cube: '',
    scramble: '',
    turns: '',
    splits: [],
    tags: [],
  };

  it('is read in the one way it is kept: ids, moments, and no less than nothing', () => {
    const read = log.logEntrySchema.parse(record);
    expect(read.id).toBe('5f0f6a52-6f5c-4e53-9a43-30b2a4a7e101');
    expect(read.beganAt).toBe('2026-11-25T18:03:00.123Z');
    expect(Object.is(read.time, 0)).toBeTrue();
    expect(log.logEntrySchema.parse(read)).toEqual(read);
  });

  it('is of a year and a place there are', () => {
    for (const beganAt of [
      '0000-01-01T00:00:00Z',
      '0001-01-01T00:00:00+14:00',
      '1899-12-31T23:59:59Z',
      '3000-01-01T00:00:00Z',
      '2026-11-25T18:03:00+16:00',
      '2026-11-25T18:03:00-23:59',
    ]) {
      expect(log.logEntrySchema.safeParse({ ...record, beganAt }).success)
        .withContext(beganAt)
        .toBeFalse();
    }
    expect(log.summaryQuerySchema.safeParse({ today: '0000-01-01' }).success).toBeFalse();
  });
});
