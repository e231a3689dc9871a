import { solvedCube, writeCubeDocument } from '@sleetcrest/core';
import { LEAST_MINUTES, MOST_MINUTES } from '@sleetcrest/core/group/planning';
import type * as z from 'zod';
import { describeErrors, fieldErrors } from '../index.js';
import {
  addLearnersSchema,
  calendarParamsSchema,
  changeLiveSchema,
  hereSchema,
  joinLiveSchema,
  matrixQuerySchema,
  MOST_AT_ONCE,
  sessionPlanSchema,
  setAssignmentSchema,
  taskSchema,
  writeNoteSchema,
  type SessionPlanDocument,
} from './index.js';

const id = (k: number): string => `5f0f6a52-6f5c-4e53-9a43-30b2a4a7e${String(k).padStart(3, '0')}`;
const cube = writeCubeDocument(solvedCube());

/** The field that is refused, with the sentence. */
function refused(schema: z.ZodType, given: unknown): [path: string, says: string] | undefined {
  const parsed = schema.safeParse(given);
  if (parsed.success) return undefined;
  const [first] = fieldErrors(parsed.error);
  return [first!.path, describeErrors(fieldErrors(parsed.error))];
}

describe('a planned session', () => {
  const plan = (change: object = {}): SessionPlanDocument => ({
    id: id(1),
    on: '2026-12-03',
    at: '17:30',
    minutes: 60,
    repeats: 'weekly',
    until: null,
    cubes: 6,
    comes: [id(2)],
    warmUp: [],
    tables: [],
    note: '',
    seed: 4,
    ...change,
  });
  const table = (kind: string, one: string, other: string) => ({
    tables: [{ learners: [id(2)], slots: [{ kind, case: one, other }] }],
  });

  it('ends on its first day or later, if it ends at all', () => {
    for (const until of [null, '2026-12-03', '2027-06-03']) {
      expect(refused(sessionPlanSchema, plan({ until }))).toBeUndefined();
    }
    for (const repeats of ['weekly', 'never']) {
      const [path, says] = refused(sessionPlanSchema, plan({ repeats, until: '2026-12-02' }))!;
      expect([path, says]).toEqual(['until', jasmine.stringContaining('before the first')]);
    }
  });

  it('begins at every minute of a day, and at none beside', () => {
    for (let minute = 0; minute < 24 * 60; minute++) {
      const at = `${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`;
      expect(sessionPlanSchema.safeParse(plan({ at })).success)
        .withContext(at)
        .toBeTrue();
    }
    for (const at of ['24:00', '7:30', '17:60', '17.30', '17:30:00', '']) {
      expect(refused(sessionPlanSchema, plan({ at }))?.[0])
        .withContext(at)
        .toBe('at');
    }
  });

  it('lasts as long as one can be planned', () => {
    for (const minutes of [LEAST_MINUTES, MOST_MINUTES]) {
      expect(refused(sessionPlanSchema, plan({ minutes }))).toBeUndefined();
    }
    for (const minutes of [LEAST_MINUTES - 1, MOST_MINUTES + 1, 45.5]) {
      expect(refused(sessionPlanSchema, plan({ minutes }))?.[0]).toBe('minutes');
    }
  });

  it('names in each block the cases that are done in it, and no others', () => {
    const right: Record<string, (readonly [string, string])[]> = {
      solve: [['', '']],
      new: [['bar', '']],
      firm: [['bar', '']],
      apart: [['bar', 'hook']],
    };
    const pairs = ['', 'bar'].flatMap((one) => ['', 'hook'].map((other) => [one, other] as const));
    for (const kind of ['solve', 'new', 'firm', 'apart']) {
      for (const [one, other] of pairs) {
        const may = right[kind]!.some(([a, b]) => a === one && b === other);
        expect(sessionPlanSchema.safeParse(plan(table(kind, one, other))).success)
          .withContext(`${kind} ${one} ${other}`)
          .toBe(may);
      }
    }
    const path = refused(sessionPlanSchema, plan(table('apart', 'bar', '')))![0];
    expect(path).toBe('tables.0.slots.0');
  });
});

describe('what is set', () => {
  const set = (task: unknown, change: object = {}) => ({
    id: id(1),
    task,
    note: '',
    until: null,
    for: null,
    ...change,
  });

  it('is one of six things, each with what it needs', () => {
    const tasks = [
      { do: 'lesson', case: 'a/1' },
      { do: 'cases', cases: ['a/1', 'a/2'], times: 3 },
      { do: 'stage', stage: 'daisy', times: 5 },
      { do: 'scramble', scramble: "R U' F2" },
      { do: 'cube', cube },
      { do: 'plan', times: 5 },
    ];
    for (const task of tasks) {
      expect(refused(setAssignmentSchema, set(task)))
        .withContext(task.do)
        .toBeUndefined();
      for (const key of Object.keys(task).filter((one) => one !== 'do')) {
        const { [key]: _, ...less } = task as Record<string, unknown>;
        expect(refused(setAssignmentSchema, set(less))?.[0])
          .withContext(`${task.do} without ${key}`)
          .toBe(`task.${key}`);
      }
      expect(taskSchema.safeParse({ ...task, reward: 'a sweet' }).success).toBeFalse();
    }
  });

  it('is turns that can be read, here and where they are put before everybody', () => {
    const offer = (scramble: string) => ({
      offer: { id: id(1), words: 'The same for all', show: { what: 'mixed', scramble } },
    });
    for (const [scramble, may] of [
      ["R U' F2", true],
      ["  R U'\n F2 ", true],
      ['', false],
      ['   ', false],
      ['turn it', false],
      ['R U Q', false],
    ] as const) {
      const task = { do: 'scramble', scramble };
      expect(taskSchema.safeParse(task).success).withContext(scramble).toBe(may);
      expect(changeLiveSchema.safeParse(offer(scramble)).success)
        .withContext(scramble)
        .toBe(may);
    }
    const [path, says] = refused(setAssignmentSchema, set({ do: 'scramble', scramble: 'Q' }))!;
    expect(path).toBe('task.scramble');
    expect(says).toContain('write the turns that mix the cube');
  });

  it('is for somebody or for all, never for nobody', () => {
    const task = { do: 'plan', times: 1 };
    expect(refused(setAssignmentSchema, set(task, { for: [id(2)] }))).toBeUndefined();
    expect(refused(setAssignmentSchema, set(task, { for: [] }))?.[0]).toBe('for');
    expect(refused(setAssignmentSchema, set({ ...task, times: 0 }))?.[0]).toBe('task.times');
    expect(refused(setAssignmentSchema, set({ ...task, times: 51 }))?.[0]).toBe('task.times');
  });
});

describe('what is told at the table', () => {
  const told = (change: object = {}) => ({
    doing: 'walk',
    title: 'Daisy',
    at: 1,
    of: 9,
    forSeconds: 3,
    usualSeconds: 180,
    hand: false,
    cube: null,
    ...change,
  });

  it('is where somebody is, with the cube as far as it is known', () => {
    expect(refused(hereSchema, told())).toBeUndefined();
    expect(refused(hereSchema, told({ cube }))).toBeUndefined();
    for (const [change, path] of [
      [{ doing: 'asleep' }, 'doing'],
      [{ at: -1 }, 'at'],
      [{ forSeconds: 86_401 }, 'forSeconds'],
      [{ usualSeconds: 0 }, 'usualSeconds'],
      [{ hand: 'up' }, 'hand'],
      [{ title: 'x'.repeat(121) }, 'title'],
      [{ cube: { ...cube, format: 'sleetcrest/cube@9' } }, 'cube.format'],
    ] as const) {
      expect(refused(hereSchema, told(change))?.[0])
        .withContext(path)
        .toBe(path);
    }
  });

  it('is a code as it is read from the board, in small letters too', () => {
    const joined = (code: string) => joinLiveSchema.safeParse({ code, nickname: 'Jon' });
    expect(joined(' acdefh ').data?.code).toBe('ACDEFH');
    for (const code of ['ACDEF', 'ACDEFHJ', 'ACD FH', '']) {
      expect(refused(joinLiveSchema, { code, nickname: null })?.[1]).toContain('six letters');
    }
    // Letters and digits that are taken for each other are in no code.
    for (const one of '01OIL')
      expect(joined(`ACDEF${one}`).success)
        .withContext(one)
        .toBeFalse();
  });

  it('is a nickname that can be seen, or none for who has an account', () => {
    const by = (nickname: unknown) => refused(joinLiveSchema, { code: 'ACDEFH', nickname });
    expect([by('Jon'), by(null)]).toEqual([undefined, undefined]);
    expect(by('  ')?.[0]).toBe('nickname');
    expect(by('\u200b')?.[0]).toBe('nickname');
    expect(by('x'.repeat(41))?.[1]).toContain('at most 40');
  });
});

describe('other things asked of the table', () => {
  it('are words that say something, at a turn from the first on', () => {
    const note = (words: string, turn: number | null) => ({
      id: id(1),
      place: { turn, stage: null },
      words,
    });
    expect(refused(writeNoteSchema, note('Well done', 1))).toBeUndefined();
    expect(refused(writeNoteSchema, note(' \n ', null))?.[0]).toBe('words');
    expect(refused(writeNoteSchema, note('Well done', 0))?.[0]).toBe('place.turn');
  });

  it('are as many learners as are made at once', () => {
    const some = (count: number) => ({
      learners: Array.from({ length: count }, (_, k) => ({ id: id(k), name: `Learner ${k}` })),
    });
    expect(refused(addLearnersSchema, some(MOST_AT_ONCE))).toBeUndefined();
    for (const count of [0, MOST_AT_ONCE + 1]) {
      expect(refused(addLearnersSchema, some(count))?.[0]).toBe('learners');
    }
  });

  it('are a day there is, and an address that could be a calendar’s', () => {
    expect(refused(matrixQuerySchema, { day: '2028-02-29' })).toBeUndefined();
    expect(refused(matrixQuerySchema, { day: '2026-02-29' })?.[0]).toBe('day');
    const secret = `${'x'.repeat(43)}.ics`;
    expect(refused(calendarParamsSchema, { id: id(1), secret })).toBeUndefined();
    for (const wrong of ['x.ics', `${'x'.repeat(43)}`, `../${secret}`]) {
      expect(refused(calendarParamsSchema, { id: id(1), secret: wrong })?.[0]).toBe('secret');
    }
  });
});
