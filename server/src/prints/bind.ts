import { PDFDocument } from 'pdf-lib';

/** Puts PDFs behind each other, in their order: the same for the same. Runs on a thread (thinking.ts). */
export default async function bind(parts: readonly Uint8Array[]): Promise<Uint8Array> {
  const whole = await PDFDocument.create({ updateMetadata: false });
  for (const part of parts) {
    const one = await PDFDocument.load(part, { updateMetadata: false });
    for (const page of await whole.copyPages(one, one.getPageIndices())) whole.addPage(page);
  }
  return whole.save();
}
