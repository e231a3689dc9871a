import { type Method, type Side, sideOfColour, STANDARD_SCHEME, SWATCHES } from '@sleetcrest/core';
import { resolveMethod } from '@sleetcrest/core/engine/run';
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
import { addDays, format, parseISO } from 'date-fns';
import { LRUCache } from 'lru-cache';
import type { Content } from 'pdfmake/interfaces.js';
import { caseContent, inkOf, line, type Sheet } from '../handouts/content.js';
import { planOfLooks } from '../handouts/looks.js';
import type { PageAsked } from './asked.js';
import { ridgeOf, titlesOf } from './standings.js';

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
    { text: `${asked.group}, ${asked.day}`, style: 'quiet' },
    { text: 'What is sure', style: 'part' },
    ridgeOf(asked, 510),
    { text: sureWords(asked), margin: [0, 2, 0, 0] },
    ...practised.flat(),
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

function sureWords(asked: PageAsked): string {
  const sure = titlesOf(asked, 'sure');
  const open = titlesOf(asked, 'known', 'begun', 'slipping');
  const told = sure.length > 0 ? `Sure: ${sure.join(', ')}.` : 'Nothing learned yet; it will come.';
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
  const approaches = resolveMethod(method);
  const approach = approaches.ok
    ? approaches.value.find(({ cases }) => cases.some((one) => one.id === id))
    : undefined;
  const one = approach?.cases.find((each) => each.id === id);
  if (!approach || !one) return [];
  const first = sideOfColour(STANDARD_SCHEME, firstColour);
  const handout = {
    method: method.id,
    stage: null,
    paper: asked.paper,
    dialect: 'prime' as const,
    firstColour,
    ink: 'colour' as const,
    swatches: SWATCHES,
  };
  const sheet: Sheet = { handout, method, first, ink: inkOf(handout) };
  const looks = await looksTo(approach, id, first);
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
