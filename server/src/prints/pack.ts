import { type Method, type Side, STANDARD_SCHEME, SWATCHES } from '@sleetcrest/core';
import { setUpFor } from '@sleetcrest/core/engine/set-up';
import {
  type GlanceNode,
  type GlancePlan,
  lookPlace,
  seenWords,
} from '@sleetcrest/core/insight/glance';
import { toPractise } from '@sleetcrest/core/learner/standing';
import { pictureHold } from '@sleetcrest/core/shown/cases';
import type { Approach } from '@sleetcrest/core/teaching/approaches';
import { capitalised, listed } from '@sleetcrest/core/words';
import { addDays, format, parseISO } from 'date-fns';
import { LRUCache } from 'lru-cache';
import type { Content } from 'pdfmake/interfaces.js';
import { caseContent, line, type Sheet } from '../handouts/content.js';
import { planOfLooks } from '../handouts/looks.js';
import type { PageAsked, TaskOnPaper } from './asked.js';
import { dayWords } from './days.js';
import { caseNamed, caseOf, firstSide, INK } from './pictured.js';
import { ridgeOf, titlesOf } from './standings.js';
import { SAY } from './words.js';

/** Days in the table to tick, from the day of the page on. */
const TICKED = 7;
const SET_UPS = 3;

/** A learner's page or two: what is sure, the two cases to practise, a table to tick, and what is set. */
export async function packContent(asked: PageAsked): Promise<Content[]> {
  const { row, columns, set } = asked;
  const wanted = toPractise(row.cases.map(({ standing }) => standing)).map((k) => columns[k]!);
  const practised = await Promise.all(wanted.map((one, k) => caseToPractise(asked, one.case, k)));
  return [
    { text: row.name, style: 'title' },
    { text: SAY.groupAndDay({ group: asked.group, day: dayWords(asked.day) }), style: 'quiet' },
    { text: SAY.whatIsSure, style: 'part' },
    ridgeOf(asked, 510),
    { text: sureWords(asked), margin: [0, 2, 0, 0] },
    ...practised.flat(),
    ...(wanted.length === 0
      ? [{ text: SAY.nothingOpen, style: 'part' } as Content]
      : [ticks(asked, wanted)]),
    ...(set.length > 0
      ? [
          { text: SAY.untilNextTime, style: 'part' } as Content,
          { ul: set.map((one) => taskContent(asked, one)) } as Content,
        ]
      : []),
    cutLine(),
  ];
}

function sureWords(asked: PageAsked): string {
  const sure = titlesOf(asked, 'sure');
  const open = titlesOf(asked, 'known', 'begun', 'slipping');
  const said = { sure: listed(sure), open: listed(open) };
  if (sure.length > 0) return open.length > 0 ? SAY.sureAndUnderWay(said) : SAY.sure(said);
  return open.length > 0 ? SAY.nothingLearnedUnderWay(said) : SAY.nothingLearned;
}

/** What is set, the words of whoever set it, and the pictures of the cases it names. */
function taskContent(asked: PageAsked, { words, until, note, cases }: TaskOnPaper): Content {
  return {
    stack: [
      until === null ? words : SAY.taskUntil({ task: words, until: dayWords(until) }),
      ...(note === '' ? [] : [note]),
      ...cases.map((id) => caseNamed(asked, id)),
    ],
  };
}

function ticks(asked: PageAsked, wanted: PageAsked['columns']): Content {
  const from = parseISO(asked.day);
  const days = Array.from({ length: TICKED }, (_, k) => format(addDays(from, k), 'EEE'));
  return {
    margin: [0, 10, 0, 0],
    fontSize: 9,
    unbreakable: true,
    table: {
      widths: ['*', ...days.map(() => 34)],
      body: [
        [SAY.tick, ...days],
        ...wanted.map((one) => [caseNamed(asked, one.case), ...days.map(() => ' ')]),
      ],
    },
    layout: { hLineColor: () => '#8497a8', vLineColor: () => '#8497a8' },
  };
}

const cutLine = (): Content => ({
  margin: [0, 14, 0, 0],
  canvas: [
    {
      type: 'line',
      x1: 0,
      y1: 0,
      x2: 510,
      y2: 0,
      lineWidth: 0.7,
      lineColor: '#8497a8',
      dash: { length: 4, space: 4 },
    },
  ],
});

async function caseToPractise(asked: PageAsked, id: string, k: number): Promise<Content[]> {
  const { method, firstColour } = asked;
  const found = caseOf(method, id);
  if (!found) return [];
  const { approach, one } = found;
  const first = firstSide(asked);
  const handout = {
    method: method.id,
    stage: null,
    paper: asked.paper,
    dialect: 'prime' as const,
    firstColour,
    ink: 'colour' as const,
    swatches: SWATCHES,
  };
  const sheet: Sheet = { handout, method, first, ink: INK };
  const looks = await looksTo(approach, id, first);
  return [
    // A heading is not left alone at the foot of a page.
    {
      unbreakable: true,
      stack: [
        { text: k === 0 ? SAY.toPractiseFirst : SAY.andThen, style: 'part' },
        caseContent(sheet, approach, one),
      ],
    },
    ...(looks.length > 0 ? [line(SAY.lookFirst, capitalised(looks.join('; ')))] : []),
    line(SAY.setItUp, SAY.fromSolved),
    { ul: setUps(id, method, first), margin: [8, 0, 0, 4] },
  ];
}

function setUps(id: string, method: Method, first: Side): string[] {
  const all = Array.from({ length: SET_UPS }, (_, seed) => setUpFor(id, method, seed + 1, first));
  return [...new Set(all.flatMap((made) => (made.ok ? [made.value.turns] : [])))];
}

// To plan somebody's own takes a second or two, and a group asks for the same few.
const plans = new LRUCache<string, Promise<GlancePlan>>({ max: 64 });

/** The looks that lead to a case by its likeliest way, each with what is seen there. */
async function looksTo(approach: Approach, id: string, first: Side): Promise<string[]> {
  const key = JSON.stringify(approach);
  let plan = plans.get(key);
  if (!plan) plans.set(key, (plan = planOfLooks(approach, 'ahead')));
  const { tree } = await plan;
  const hold = pictureHold(approach, first);
  const way = likeliest(tree, id);
  return (way?.steps ?? []).map(({ place, seen }) =>
    SAY.look({ place, seen: seenWords(seen, STANDARD_SCHEME, first, hold) }),
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
