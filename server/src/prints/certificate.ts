import type { Content } from 'pdfmake/interfaces.js';
import type { PageAsked } from './asked.js';
import { dayWords } from './days.js';
import { QUIET, ridgeOf, titlesOf } from './standings.js';
import { SAY } from './words.js';

/** A certificate with a rise for each stage that is sure. */
export function certificateContent(asked: PageAsked): Content[] {
  const { row, group, day, coach } = asked;
  const sure = titlesOf(asked, 'sure');
  return [
    { text: row.name, fontSize: 40, bold: true, alignment: 'center', margin: [0, 60, 0, 6] },
    {
      text: sure.length > 0 ? SAY.isSureOf : SAY.hasMadeAStart,
      fontSize: 16,
      alignment: 'center',
      color: QUIET,
    },
    { ...(ridgeOf(asked, 700) as object), alignment: 'center', margin: [0, 24, 0, 12] } as Content,
    { text: sure.join(' · '), fontSize: 18, alignment: 'center' },
    {
      text: SAY.byWhom({ group, day: dayWords(day), coach }),
      fontSize: 12,
      alignment: 'center',
      color: QUIET,
      margin: [0, 40, 0, 0],
    },
  ];
}
