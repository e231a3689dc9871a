import type { Handout } from '@sleetcrest/contract';
import { methodById, resolveMethod, type Approach, type Method } from '@sleetcrest/core';
import pdfmake from 'pdfmake';
import type { TDocumentDefinitions } from 'pdfmake/interfaces.js';
import { HttpProblem } from '../http/problem.js';
import { footText, handoutContent } from './content.js';
import { FONTS, TEXT_FONT } from './fonts.js';

pdfmake.setFonts(FONTS);
// Documents are made of what is in this house only.
pdfmake.setUrlAccessPolicy(() => false);
const fontFiles = new Set(Object.values(FONTS).flatMap((face) => Object.values(face)));
pdfmake.setLocalAccessPolicy((path) => fontFiles.has(path));

const refuse = (path: string, message: string): never => {
  throw new HttpProblem(422, `The request was refused: ${path}: ${message}`, [{ path, message }]);
};

function chosen({ method, stage }: Handout): { whole: Method; approaches: readonly Approach[] } {
  const whole = typeof method === 'string' ? methodById(method) : method;
  if (!whole) return refuse('method', `no method is called ${method as string}`);
  const resolved = resolveMethod(whole);
  if (!resolved.ok) return refuse('method', resolved.error);
  const approaches = resolved.value.filter((one) => stage === null || one.stage === stage);
  if (approaches.length === 0) refuse('stage', `${whole.id} has no stage ${stage}`);
  return { whole, approaches };
}

/** The printed guide asked for, and a name for its file. */
export async function handoutPdf(handout: Handout): Promise<{ name: string; pdf: Buffer }> {
  const { whole, approaches } = chosen(handout);
  const document: TDocumentDefinitions = {
    pageSize: handout.paper,
    pageMargins: [42, 40, 42, 48],
    info: { title: whole.title, creator: 'Sleetcrest' },
    language: 'en',
    content: handoutContent(handout, whole, approaches),
    defaultStyle: { font: TEXT_FONT, fontSize: 10, color: '#1b2530', lineHeight: 1.15 },
    styles: {
      title: { fontSize: 19, bold: true, margin: [0, 0, 0, 2] },
      stage: { fontSize: 14.5, bold: true, margin: [0, 8, 0, 2] },
      quiet: { color: '#3c4d5e' },
    },
    footer: (page, count) => ({
      columns: [
        { text: footText(handout, whole), width: '*' },
        { text: `${page} of ${count}`, alignment: 'right', width: 60 },
      ],
      fontSize: 8.5,
      color: '#3c4d5e',
      margin: [42, 16, 42, 0],
    }),
  };
  const stage = handout.stage === null ? '' : `-${handout.stage}`;
  return {
    name: `sleetcrest-${whole.id}${stage}.pdf`,
    pdf: await pdfmake.createPdf(document).getBuffer(),
  };
}
