import pdfmake from 'pdfmake';
import type { TDocumentDefinitions } from 'pdfmake/interfaces.js';
import { FONTS } from './fonts.js';

pdfmake.setFonts(FONTS);
// Documents are made of what is in this house only.
pdfmake.setUrlAccessPolicy(() => false);
const fontFiles = new Set(Object.values(FONTS).flatMap((face) => Object.values(face)));
pdfmake.setLocalAccessPolicy((path) => fontFiles.has(path));

/** A document as PDF. */
export const pdfOf = (document: TDocumentDefinitions): Promise<Buffer> =>
  pdfmake.createPdf(document).getBuffer();
