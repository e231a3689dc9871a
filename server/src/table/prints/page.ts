import type { Matrix, MatrixRow } from '@sleetcrest/contract/table';
import {
  sideOfColour,
  skyline,
  STANDARD_SCHEME,
  SWATCHES,
  type Colour,
  type Method,
  type Side,
} from '@sleetcrest/core';
import { gaze, glancePlan, lookPlace, seenWords, type GlanceNode } from '@sleetcrest/core/glance';
import { pictureHold, resolveMethod, setUpFor, type Approach } from '@sleetcrest/core/methods';
import { toPractise } from '@sleetcrest/core/table';
import { addDays, format, parseISO } from 'date-fns';
import { LRUCache } from 'lru-cache';
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces.js';
import { caseContent, inkOf, line, type Sheet } from '../../handouts/content.js';
import { TEXT_FONT } from '../../handouts/fonts.js';
import { pdfOf } from '../../handouts/pdf-of.js';

/** What a thread is asked to print for one learner. */
export interface PageAsked {
  kind: 'pack' | 'letters' | 'certificates';
  paper: 'A4' | 'LETTER';
  day: string;
  group: string;
  coach: string;
  method: Method;
  firstColour: Colour;
  stages: Matrix['stages'];
  columns: Matrix['columns'];
  row: MatrixRow;
  /** What is set for them, in words, each with the day until which. */
  set: { words: string; until: string | null; note: string }[];
  /** Days on which they practised or recorded anything since the season began. */
  days: number;
}

const QUIET = '#3c4d5e';
const DONE = '#2c6a5b';
const FAR = '#cdd9e3';
/** Days in the table to tick, from the day of the page on. */
const TICKED = 7;
const SET_UPS = 3;

/** The pages of one learner as a PDF of its own; the same for the same. Runs on a thread (thinking.ts). */
export default async function page(asked: PageAsked): Promise<Uint8Array> {
  const content =
    asked.kind === 'pack'
      ? packContent(asked)
      : asked.kind === 'letters'
        ? letterContent(asked)
        : certificateContent(asked);
  const { row, group, day } = asked;
  const document: TDocumentDefinitions = {
    pageSize: asked.paper,
    pageOrientation: asked.kind === 'certificates' ? 'landscape' : 'portrait',
    pageMargins: [42, 40, 42, 48],
    // A moment of its own would make every copy another one.
    info: {
      title: `${row.name}, ${group}`,
      creator: 'Sleetcrest',
      creationDate: new Date(`${day}T00:00:00Z`),
    },
    language: 'en',
    content,
    defaultStyle: { font: TEXT_FONT, fontSize: 10, color: '#1b2530', lineHeight: 1.15 },
    styles: {
      title: { fontSize: 19, bold: true },
      part: { fontSize: 13, bold: true, margin: [0, 10, 0, 3] },
      quiet: { color: QUIET },
    },
    footer: (at, count) => ({
      columns: [
        { text: `${row.name} · ${group} · ${day}`, width: '*' },
        { text: `${at} of ${count}`, alignment: 'right', width: 60 },
      ],
      ...{ fontSize: 8.5, color: QUIET, margin: [42, 16, 42, 0] },
    }),
  };
  return pdfOf(document);
}

function packContent(asked: PageAsked): Content[] {
  const { row, columns, set } = asked;
  const wanted = toPractise(row.cases.map(({ standing }) => standing)).map((k) => columns[k]!);
  return [
    { text: row.name, style: 'title' },
    { text: `${asked.group}, ${asked.day}`, style: 'quiet' },
    { text: 'What is sure', style: 'part' },
    ridgeOf(asked, 510),
    { text: sureWords(asked), margin: [0, 2, 0, 0] },
    ...wanted.flatMap((one, k) => caseToPractise(asked, one.case, k)),
    ...(wanted.length === 0
      ? [{ text: 'Nothing is open: solve whole cubes, and look ahead.', style: 'part' } as Content]
      : [
          ticks(
            wanted.map(({ title }) => title),
            asked.day,
          ),
        ]),
    ...(set.length > 0
      ? [
          { text: 'Until next time', style: 'part' } as Content,
          {
            ul: set.map(({ words, until, note }) =>
              [words, until === null ? '' : `until ${until}`, note]
                .filter((part) => part !== '')
                .join(', '),
            ),
          } as Content,
        ]
      : []),
    cutLine(),
  ];
}

function caseToPractise(asked: PageAsked, id: string, k: number): Content[] {
  const { method, firstColour } = asked;
  const approaches = resolveMethod(method);
  const approach = approaches.ok
    ? approaches.value.find(({ cases }) => cases.some((one) => one.id === id))
    : undefined;
  const one = approach?.cases.find((each) => each.id === id);
  if (!approach || !one) return [];
  const first = sideOfColour(STANDARD_SCHEME, firstColour);
  const handout = {
    ...{ method: method.id, stage: null, paper: asked.paper, dialect: 'prime' as const },
    ...{ firstColour, ink: 'colour' as const, swatches: SWATCHES },
  };
  const sheet: Sheet = { handout, method, first, ink: inkOf(handout) };
  const looks = looksTo(approach, id, first);
  return [
    { text: k === 0 ? 'To practise first' : 'And then', style: 'part' },
    caseContent(sheet, approach, one),
    ...(looks.length > 0 ? [line('Look first', looks.join('; '))] : []),
    line(
      'Set it up',
      `from solved, white up and green in front: ${setUps(id, method, first).join('   or   ')}`,
    ),
  ];
}

function setUps(id: string, method: Method, first: Side): string[] {
  const all = Array.from({ length: SET_UPS }, (_, seed) => setUpFor(id, method, seed + 1, first));
  return [...new Set(all.flatMap((made) => (made.ok ? [made.value.turns] : [])))];
}

// To plan one takes a second or two, and a group asks for the same few.
const plans = new LRUCache<string, GlanceNode>({ max: 64 });

/** The looks that lead to a case by its likeliest way, each with what is seen there. */
function looksTo(approach: Approach, id: string, first: Side): string[] {
  const key = JSON.stringify(approach);
  let tree = plans.get(key);
  if (!tree) plans.set(key, (tree = glancePlan(gaze(approach), 'ahead').tree));
  const hold = pictureHold(approach, first);
  const way = likeliest(tree, id);
  return (way?.steps ?? []).map(
    ({ place, seen }) => `${place}: ${seenWords(seen, STANDARD_SCHEME, first, hold)}`,
  );
}

interface Way {
  part: number;
  steps: { place: string; seen: readonly string[] }[];
}

function likeliest(node: GlanceNode, id: string): Way | undefined {
  if (!('answers' in node)) {
    const ends = 'open' in node ? node.open.includes(id) : node.case === id;
    return ends ? { part: 1, steps: [] } : undefined;
  }
  let best: Way | undefined;
  for (const { seen, part, then } of node.answers) {
    const way = likeliest(then, id);
    if (!way || (best && part * way.part <= best.part)) continue;
    best = { part: part * way.part, steps: [{ place: lookPlace(node.look), seen }, ...way.steps] };
  }
  return best;
}

/** A rise for each stage, dark where it is sure. */
function ridgeOf({ row }: PageAsked, width: number): Content {
  const rises = skyline(row.stages.map(() => 1));
  const paths = rises.map(({ path }, k) => {
    const { standing } = row.stages[k]!;
    const ink = standing === 'sure' ? DONE : standing === 'known' ? '#8fb5aa' : FAR;
    return `<path d="${path}" fill="${ink}"/>`;
  });
  return {
    svg: `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 1000 100" preserveAspectRatio="none">${paths.join('')}</svg>`,
    ...{ width, margin: [0, 2, 0, 2] },
  };
}

const titlesOf = ({ row, stages }: PageAsked, ...standings: string[]): string[] =>
  stages.filter((_, k) => standings.includes(row.stages[k]!.standing)).map(({ title }) => title);

function sureWords(asked: PageAsked): string {
  const sure = titlesOf(asked, 'sure');
  const open = titlesOf(asked, 'known', 'begun', 'slipping');
  const told = sure.length > 0 ? `Sure: ${sure.join(', ')}.` : 'Nothing is sure yet; that comes.';
  return open.length > 0 ? `${told} Under way: ${open.join(', ')}.` : told;
}

function ticks(titles: readonly string[], day: string): Content {
  const days = Array.from({ length: TICKED }, (_, k) => format(addDays(parseISO(day), k), 'EEE'));
  return {
    margin: [0, 10, 0, 0],
    fontSize: 9,
    unbreakable: true,
    table: {
      widths: ['*', ...days.map(() => 34)],
      body: [
        ['Tick when you did it three times', ...days],
        ...titles.map((title) => [title, ...days.map(() => ' ')]),
      ],
    },
    layout: { hLineColor: () => '#8497a8', vLineColor: () => '#8497a8' },
  };
}

const cutLine = (): Content => ({
  margin: [0, 14, 0, 0],
  canvas: [
    {
      ...{ type: 'line', x1: 0, y1: 0, x2: 510, y2: 0, lineWidth: 0.7, lineColor: '#8497a8' },
      dash: { length: 4, space: 4 },
    },
  ],
});

/** One page for a family, plain: what was come to, and what to practise until next time. */
function letterContent(asked: PageAsked): Content[] {
  const { row, days, coach, columns } = asked;
  const sure = titlesOf(asked, 'sure');
  const under = titlesOf(asked, 'known', 'begun', 'slipping');
  const next = toPractise(row.cases.map(({ standing }) => standing)).map((k) => columns[k]!.title);
  const typical = row.typical;
  const paragraphs = [
    `This is how ${row.name} stands with the cube in ${asked.group}, on ${asked.day}.`,
    days > 0
      ? `${row.name} practised on ${days === 1 ? 'one day' : `${days} different days`} of the last ten weeks.`
      : `${row.name} has not practised here in the last ten weeks.`,
    sure.length > 0
      ? `Sure by now: ${sure.join(', ')}. What is sure was recognised and done on several days.`
      : 'Nothing is sure yet: each step takes several days, and that is as it should be.',
    under.length > 0 ? `Under way: ${under.join(', ')}.` : '',
    typical === null
      ? ''
      : `A whole cube takes about ${typical < 90 ? `${Math.round(typical)} seconds` : `${Math.round(typical / 60)} minutes`}. Nobody is to hurry.`,
    next.length > 0
      ? `Until next time, a few minutes on some days: ${next.map((title) => `“${title}”`).join(' and ')}. The page in the pack shows how.`
      : 'Until next time: whole cubes, for the joy of it.',
    'Short is better than long: with a relaxed grip, and a rest after twenty minutes. If a hand hurts, stop.',
  ];
  return [
    { text: `For ${row.name} and family`, style: 'title', margin: [0, 0, 0, 10] },
    ridgeOf(asked, 510),
    ...paragraphs
      .filter((text) => text !== '')
      .map((text): Content => ({ text, fontSize: 12, margin: [0, 8, 0, 0] })),
    { text: coach, fontSize: 12, margin: [0, 24, 0, 0] },
  ];
}

/** A certificate with a rise for each stage that is sure. */
function certificateContent(asked: PageAsked): Content[] {
  const { row, group, day, coach } = asked;
  const sure = titlesOf(asked, 'sure');
  return [
    { text: row.name, fontSize: 40, bold: true, alignment: 'center', margin: [0, 60, 0, 6] },
    {
      text: sure.length > 0 ? 'is sure of' : 'has set out on the way',
      ...{ fontSize: 16, alignment: 'center', color: QUIET },
    },
    { ...(ridgeOf(asked, 700) as object), alignment: 'center', margin: [0, 24, 0, 12] } as Content,
    { text: sure.join(' · '), fontSize: 18, alignment: 'center' },
    {
      text: `${group}, ${day}        ${coach}`,
      ...{ fontSize: 12, alignment: 'center', color: QUIET, margin: [0, 40, 0, 0] },
    },
  ];
}
