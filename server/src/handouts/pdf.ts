import type { Handout } from '@sleetcrest/contract';
import type { Method, Stage } from '@sleetcrest/core';
import { resolveMethod } from '@sleetcrest/core/methods';
import pdfmake from 'pdfmake';
import type { TDocumentDefinitions } from 'pdfmake/interfaces.js';
import { footText, handoutContent } from './content.js';
import { FONTS, TEXT_FONT } from './fonts.js';

/** What a worker is asked to print: checked already. */
export interface HandoutJob {
  handout: Handout;
  method: Method;
  stage: Stage | null;
}

pdfmake.setFonts(FONTS);
// Documents are made of what is in this house only.
pdfmake.setUrlAccessPolicy(() => false);
const fontFiles = new Set(Object.values(FONTS).flatMap((face) => Object.values(face)));
pdfmake.setLocalAccessPolicy((path) => fontFiles.has(path));

/** Makes a printed guide of the approaches chosen from a method. */
export function makePdf({ handout, method, stage }: HandoutJob): Promise<Buffer> {
  const resolved = resolveMethod(method);
  if (!resolved.ok) throw new Error(resolved.error);
  const approaches = resolved.value.filter((one) => stage === null || one.stage === stage);
  const document: TDocumentDefinitions = {
    pageSize: handout.paper,
    pageMargins: [42, 40, 42, 48],
    info: { title: method.title, creator: 'Sleetcrest' },
    language: 'en',
    content: handoutContent(handout, method, approaches),
    defaultStyle: { font: TEXT_FONT, fontSize: 10, color: '#1b2530', lineHeight: 1.15 },
    styles: {
      title: { fontSize: 19, bold: true, margin: [0, 0, 0, 2] },
      stage: { fontSize: 14.5, bold: true, margin: [0, 8, 0, 2] },
      quiet: { color: '#3c4d5e' },
    },
    footer: (page, count) => ({
      columns: [
        { text: footText(handout, method), width: '*' },
        { text: `${page} of ${count}`, alignment: 'right', width: 60 },
      ],
      fontSize: 8.5,
      color: '#3c4d5e',
      margin: [42, 16, 42, 0],
    }),
  };
  return pdfmake.createPdf(document).getBuffer();
}

export default makePdf;
