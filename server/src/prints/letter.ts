import { toPractise } from '@sleetcrest/core/learner/standing';
import { listed } from '@sleetcrest/core/words';
import type { Content } from 'pdfmake/interfaces.js';
import type { PageAsked } from './asked.js';
import { dayWords } from './days.js';
import { caseNamed } from './pictured.js';
import { ridgeOf, titlesOf } from './standings.js';
import { SAY } from './words.js';

/** What a letter looks back on: the ten weeks of which it speaks. */
export const SEASON_DAYS = 70;
/** Seconds from which a typical time is told in minutes. */
const IN_MINUTES = 90;

/** One page for a family, plain: what was come to, and what to practise until next time. */
export function letterContent(asked: PageAsked): Content[] {
  const { row, days, coach, columns, group } = asked;
  const learner = row.name;
  const sure = titlesOf(asked, 'sure');
  const under = titlesOf(asked, 'known', 'begun', 'slipping');
  const next = toPractise(row.cases.map(({ standing }) => standing)).map((k) => columns[k]!);
  return [
    { text: SAY.forFamily({ learner }), style: 'title', margin: [0, 0, 0, 10] },
    ridgeOf(asked, 510),
    paragraph(SAY.howTheyStand({ learner, group, day: dayWords(asked.day) })),
    paragraph(SAY.practised({ learner, days })),
    paragraph(sure.length > 0 ? SAY.sureByNow({ sure: listed(sure) }) : SAY.nothingSure),
    ...(under.length > 0 ? [paragraph(SAY.underWay({ open: listed(under) }))] : []),
    ...(row.typical === null ? [] : [paragraph(timeWords(row.typical))]),
    paragraph(next.length > 0 ? SAY.untilNextTimeThese({ count: next.length }) : SAY.wholeCubes),
    ...next.map((one) => caseNamed(asked, one.case)),
    paragraph(SAY.short),
    { text: coach, fontSize: 12, margin: [0, 24, 0, 0] },
  ];
}

const paragraph = (text: string): Content => ({ text, fontSize: 12, margin: [0, 8, 0, 0] });

/** A typical time as a family would say it. */
function timeWords(seconds: number): string {
  if (seconds < IN_MINUTES) return SAY.aboutSeconds({ seconds: Math.round(seconds) });
  return SAY.aboutMinutes({ minutes: Math.round(seconds / 60) });
}
