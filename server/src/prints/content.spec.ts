import { COLOURS, methodById, STANDARD_SCHEME, UP } from '@sleetcrest/core';
import { resolveMethod } from '@sleetcrest/core/engine/run';
import { type Standing, STANDINGS } from '@sleetcrest/core/learner/standing';
import { caseTitle, type PatternApproach } from '@sleetcrest/core/teaching/approaches';
import type { PageAsked } from './asked.js';
import { certificateContent } from './certificate.js';
import { letterContent } from './letter.js';
import { packContent } from './pack.js';
import { caseCalled } from './pictured.js';

const method = methodById('gentle')!;
const approaches = resolveMethod(method);
if (!approaches.ok) throw new Error(approaches.error);
const columns: PageAsked['columns'] = approaches.value.flatMap(({ stage, cases }) =>
  cases.map((one) => ({
    case: one.id,
    stage,
    title: caseTitle(one, UP, STANDARD_SCHEME),
    turns: 4,
  })),
);
const stages: PageAsked['stages'] = [...new Set(columns.map(({ stage }) => stage))].map(
  (stage) => ({ stage, title: `Stage ${stage}` }),
);

/** A learner who stands so with each case and each stage; the rest are sure, or not yet. */
function asked(
  cases: readonly Standing[],
  ofStages: readonly Standing[],
  change: Partial<PageAsked> = {},
  rest: Standing = 'new',
): PageAsked {
  return {
    kind: 'pack',
    paper: 'A4',
    day: '2026-11-27',
    group: 'Thursday',
    coach: 'Runa',
    method,
    firstColour: 'white',
    stages,
    columns,
    set: [],
    days: 12,
    row: {
      id: '5f0f6a52-6f5c-4e53-9a43-30b2a4a7e101',
      name: 'Teo',
      lastDay: 1,
      typical: 75,
      mixedUp: [],
      due: [],
      cases: columns.map((_, k) => ({
        standing: cases[k] ?? rest,
        answers: 1,
        rightDays: 1,
        lastDay: 1,
        recall: 1,
      })),
      stages: stages.map(({ stage }, k) => ({
        stage,
        standing: ofStages[k] ?? rest,
        times: 1,
        days: 1,
        lastDay: 1,
        typical: null,
      })),
    },
    ...change,
  };
}

/** All the words in some content, in their order. */
function wordsIn(content: unknown): string[] {
  if (typeof content === 'string') return [content];
  if (Array.isArray(content)) return content.flatMap(wordsIn);
  if (content === null || typeof content !== 'object') return [];
  const { text, stack, columns: beside, table, ul } = content as Record<string, unknown>;
  const body = (table as { body?: unknown } | undefined)?.body;
  return [text, stack, beside, body, ul].flatMap(wordsIn);
}
const said = (content: unknown): string => wordsIn(content).join(' | ');

describe('a learner’s pack', () => {
  it('has the two cases that are wanted most, what slips before what is begun', async () => {
    const words = said(await packContent(asked(['sure', 'begun', 'slipping', 'known'], [])));
    const at = (k: number): number => words.indexOf(columns[k]!.title);
    expect(at(2)).toBeGreaterThan(words.indexOf('To practise first'));
    expect(at(2)).toBeLessThan(words.indexOf('And then'));
    expect(words.indexOf(columns[1]!.title, words.indexOf('And then'))).toBeGreaterThan(0);
    expect(at(3)).toBe(-1);
  });

  it('tells for each how it is set up, and has a row to tick for seven days from its own on', async () => {
    const content = await packContent(asked(['begun', 'begun'], [], {}, 'sure'));
    const words = wordsIn(content);
    expect(words.filter((one) => one.includes('solved, white up and green in front')).length).toBe(
      2,
    );
    const ticks = words.slice(words.indexOf('Tick when you did it three times') + 1);
    expect(ticks.slice(0, 7)).toEqual(['Fri', 'Sat', 'Sun', 'Mon', 'Tue', 'Wed', 'Thu']);
    const rows = ticks.filter((one) => columns.some(({ title }) => title === one));
    expect(rows).toEqual([columns[0]!.title, columns[1]!.title]);
  });

  it('is for whole solves where everything is sure', async () => {
    const words = said(await packContent(asked([], ['sure'], {}, 'sure')));
    expect(words).toContain('Nothing is open: solve whole cubes');
    expect(words).not.toContain('Tick when');
  });

  it('has what is set, with its day and note where there are any', async () => {
    const set = [
      { words: 'Plan the first steps, once', until: null, note: '', cases: [] },
      { words: 'The lesson', until: '2026-12-03', note: 'slowly', cases: [columns[4]!.case] },
    ];
    const words = wordsIn(await packContent(asked(['begun'], [], { set })));
    expect(words).toContain('Plan the first steps, once');
    expect(words).toContain('The lesson, until 3 December 2026');
    expect(words).toContain('slowly');
    expect(words).toContain(columns[4]!.title);
    expect(said(await packContent(asked(['begun'], [])))).not.toContain('Until next time');
  });

  it('can be made for each case of the method, in every first colour', async () => {
    for (const [k, { case: id }] of columns.entries()) {
      const cases = columns.map((_, at): Standing => (at === k ? 'begun' : 'sure'));
      const firstColour = COLOURS[k % COLOURS.length]!;
      const words = said(await packContent(asked(cases, [], { firstColour })));
      expect(words)
        .withContext(id)
        .toContain(caseCalled(method, firstColour, id));
    }
  });
});

/** How many pictures are in some content. */
function picturesIn(content: unknown): number {
  if (Array.isArray(content)) return content.reduce<number>((sum, one) => sum + picturesIn(one), 0);
  if (content === null || typeof content !== 'object') return 0;
  const own = 'svg' in content && String(content.svg).includes('viewBox="0 0 ') ? 1 : 0;
  return own + Object.values(content).reduce<number>((sum, one) => sum + picturesIn(one), 0);
}

describe('a case that is named on paper', () => {
  const task = (id: string): PageAsked['set'] => [
    { words: 'Something', until: null, note: '', cases: [id] },
  ];
  const all = (change: Partial<PageAsked> = {}): PageAsked => asked([], [], change, 'sure');

  it('has its picture beside it: in what is set, among rows to tick, and in a letter', async () => {
    const plain = picturesIn(await packContent(all()));
    const withTask = await packContent(all({ set: task(columns[4]!.case) }));
    expect(picturesIn(withTask)).toBe(plain + 1);
    const ticks = (await packContent(asked(['begun', 'begun'], [], {}, 'sure'))).at(-2);
    expect(picturesIn(ticks)).toBe(2);
    const letters = letterContent(asked(['begun', 'begun'], [], {}, 'sure'));
    expect(picturesIn(letters)).toBe(picturesIn(letterContent(all())) + 2);
  });

  it('is called as the group’s method calls it', async () => {
    const [own] = approaches.value;
    const built = own as PatternApproach;
    const mine: PatternApproach = {
      ...built,
      id: 'mine',
      cases: built.cases.map((one, k) => ({
        ...one,
        id: one.id.replace(built.id, 'mine'),
        title: `{first} ${k}`,
      })),
    };
    const change = {
      method: { ...method, id: 'my-way', approaches: [mine, ...method.approaches.slice(1)] },
      firstColour: 'red' as const,
      set: task(mine.cases[1]!.id),
    };
    expect(wordsIn(await packContent(all(change)))).toContain('Red 1');
  });

  it('is named after the group took up another method, and never by its id', async () => {
    const other = methodById('white-up')!;
    const words = wordsIn(await packContent(all({ method: other, set: task(columns[0]!.case) })));
    expect(words).toContain(columns[0]!.title);
    const gone = said(await packContent(all({ set: task('gone/case') })));
    expect(gone).toContain('a case that is not there any more');
    expect(gone).not.toContain('gone/case');
  });
});

describe('a letter to a family', () => {
  const letter = (ofStages: readonly Standing[], change: Partial<PageAsked> = {}): string =>
    said(letterContent(asked([], ofStages, { kind: 'letters', ...change })));

  it('says each stage once: sure by now, under way, or not at all', () => {
    for (const standing of STANDINGS) {
      const words = letter([standing]);
      const [sure, under] = ['Sure by now: ', 'Under way: '].map((part) =>
        words.includes(`${part}Stage ${stages[0]!.stage}.`),
      );
      expect([sure, under])
        .withContext(standing)
        .toEqual([standing === 'sure', !['sure', 'new'].includes(standing)]);
    }
    expect(letter([])).toContain('Nothing is sure yet');
  });

  it('counts days as they are', () => {
    const days = (count: number): string => letter([], { days: count });
    expect(days(0)).toContain('Teo has not practised here in the last ten weeks.');
    expect(days(1)).toContain('on one day of the last ten weeks.');
    expect(days(12)).toContain('on 12 different days of the last ten weeks.');
  });

  it('tells a typical time in what a family would, and none where there is none', () => {
    const timed = (typical: number | null): string => {
      const of = asked([], []);
      return said(letterContent({ ...of, row: { ...of.row, typical } }));
    };
    expect(timed(75.4)).toContain('about 75 seconds');
    expect(timed(89)).toContain('about 89 seconds');
    expect(timed(192)).toContain('about 3 minutes');
    expect(timed(null)).not.toContain('A whole cube takes');
  });
});

describe('a certificate', () => {
  it('names the stages that are sure, and no other', () => {
    for (const standing of STANDINGS) {
      const words = said(certificateContent(asked([], [standing, 'sure'])));
      const names = stages.slice(0, 2).map(({ title }) => title);
      expect(words)
        .withContext(standing)
        .toContain(standing === 'sure' ? names.join(' · ') : `| ${names[1]!} |`);
      expect(words.includes(names[0]!)).toBe(standing === 'sure');
    }
  });

  it('says that somebody has set out where nothing is sure yet', () => {
    expect(said(certificateContent(asked([], [])))).toContain('has made a start');
    expect(said(certificateContent(asked([], ['sure'])))).toContain('is sure of');
  });
});
