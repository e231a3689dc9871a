import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces.js';
import { TEXT_FONT } from '../handouts/fonts.js';
import { pdfOf } from '../handouts/pdf-of.js';
import type { PageAsked } from './asked.js';
import { certificateContent } from './certificate.js';
import { dayWords } from './days.js';
import { letterContent } from './letter.js';
import { packContent } from './pack.js';
import { QUIET } from './standings.js';
import { SAY } from './words.js';

const CONTENTS: Record<PageAsked['kind'], (asked: PageAsked) => Content[] | Promise<Content[]>> = {
  pack: packContent,
  letters: letterContent,
  certificates: certificateContent,
};

/** The pages of one learner as a PDF of its own; the same for the same. Runs on a thread (thinking.ts). */
export default async function page(asked: PageAsked): Promise<Uint8Array> {
  const { row, group, day } = asked;
  const document: TDocumentDefinitions = {
    pageSize: asked.paper,
    pageOrientation: asked.kind === 'certificates' ? 'landscape' : 'portrait',
    pageMargins: [42, 40, 42, 48],
    // A moment of its own would make every copy another one.
    info: {
      title: SAY.titleOfPage({ learner: row.name, group }),
      creator: 'Sleetcrest',
      creationDate: new Date(`${day}T00:00:00Z`),
    },
    language: 'en',
    content: await CONTENTS[asked.kind](asked),
    defaultStyle: { font: TEXT_FONT, fontSize: 10, color: '#1b2530', lineHeight: 1.15 },
    styles: {
      title: { fontSize: 19, bold: true },
      part: { fontSize: 13, bold: true, margin: [0, 10, 0, 3] },
      quiet: { color: QUIET },
    },
    footer: (at, count) => ({
      columns: [
        { text: SAY.foot({ learner: row.name, group, day: dayWords(day) }), width: '*' },
        { text: SAY.pageOf({ page: at, count }), alignment: 'right', width: 60 },
      ],
      fontSize: 8.5,
      color: QUIET,
      margin: [42, 16, 42, 0],
    }),
  };
  return pdfOf(document);
}
