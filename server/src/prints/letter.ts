import { toPractise } from '@sleetcrest/core/learner/standing';
import type { Content } from 'pdfmake/interfaces.js';
import type { PageAsked } from './asked.js';
import { ridgeOf, titlesOf } from './standings.js';

/** What a letter looks back on. */
export const SEASON = { days: 70, words: 'ten weeks' };

/** One page for a family, plain: what was come to, and what to practise until next time. */
export function letterContent(asked: PageAsked): Content[] {
  const { row, days, coach, columns } = asked;
  const sure = titlesOf(asked, 'sure');
  const under = titlesOf(asked, 'known', 'begun', 'slipping');
  const next = toPractise(row.cases.map(({ standing }) => standing)).map((k) => columns[k]!.title);
  const typical = row.typical;
  const paragraphs = [
    `This is how ${row.name} stands with the cube in ${asked.group}, on ${asked.day}.`,
    days > 0
      ? `${row.name} practised on ${days === 1 ? 'one day' : `${days} different days`} of the last ${SEASON.words}.`
      : `${row.name} has not practised here in the last ${SEASON.words}.`,
    sure.length > 0
      ? `Sure by now: ${sure.join(', ')}. What is sure went right on several days.`
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
