import type { Handout } from '@sleetcrest/contract';
import { type Method, methodTitle, type Stage } from '@sleetcrest/core';
import { resolveMethod, stagesOf } from '@sleetcrest/core/engine/run';
import type { Approach } from '@sleetcrest/core/teaching/approaches';
import type { TDocumentDefinitions } from 'pdfmake/interfaces.js';
import { footText, handoutContent } from './content.js';
import { TEXT_FONT } from './fonts.js';
import { pdfOf } from './pdf-of.js';
import { SAY } from './words.js';

/** What a thread is asked to print; the method may be anybody's. */
export interface HandoutJob {
  handout: Handout;
  method: Method;
  stage: Stage | null;
}

export type Printed =
  { ok: true; pdf: Uint8Array } | { ok: false; path: 'method' | 'stage'; message: string };

/** Makes a printed guide of a stage, or of all; runs on a thread of its own (threads.ts). */
export default async function print({ handout, method, stage }: HandoutJob): Promise<Printed> {
  const resolved = resolveMethod(method);
  if (!resolved.ok) return { ok: false, path: 'method', message: resolved.error };
  if (stage !== null && !stagesOf(method).includes(stage)) {
    return { ok: false, path: 'stage', message: SAY.noSuchStage({ method: method.id, stage }) };
  }
  const approaches = resolved.value.filter((one) => stage === null || one.stage === stage);
  return { ok: true, pdf: await makePdf(handout, method, approaches) };
}

async function makePdf(
  handout: Handout,
  method: Method,
  approaches: readonly Approach[],
): Promise<Buffer> {
  const document: TDocumentDefinitions = {
    pageSize: handout.paper,
    pageMargins: [42, 40, 42, 48],
    info: { title: methodTitle(method), creator: 'Sleetcrest' },
    language: 'en',
    content: await handoutContent(handout, method, approaches),
    defaultStyle: { font: TEXT_FONT, fontSize: 10, color: '#1b2530', lineHeight: 1.15 },
    styles: {
      title: { fontSize: 19, bold: true, margin: [0, 0, 0, 2] },
      stage: { fontSize: 14.5, bold: true, margin: [0, 8, 0, 2] },
      quiet: { color: '#3c4d5e' },
    },
    footer: (page, count) => ({
      columns: [
        { text: footText(handout, method), width: '*' },
        { text: SAY.pageOf({ page, count }), alignment: 'right', width: 60 },
      ],
      fontSize: 8.5,
      color: '#3c4d5e',
      margin: [42, 16, 42, 0],
    }),
  };
  return pdfOf(document);
}
