import { writeFileSync } from 'node:fs';
import { createCanvas } from '@napi-rs/canvas';
import { SWATCHES } from '@sleetcrest/core';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { DEMO_METHOD } from './demo/scenario.js';

const SCALE = 1.25;

/** Draws the first page of a printed guide, asked for as the page does, from its PDF file. */
export async function drawHandout(address: string, file: string): Promise<void> {
  const handout = {
    method: DEMO_METHOD,
    stage: 'corners',
    paper: 'A4',
    dialect: 'prime',
    firstColour: 'white',
    ink: 'colour',
    swatches: SWATCHES,
  };
  const response = await fetch(`${address}/api/handouts`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(handout),
  });
  if (!response.ok) throw new Error(await response.text());
  const data = new Uint8Array(await response.arrayBuffer());
  const pdf = await getDocument({ data, disableFontFace: true, verbosity: 0 }).promise;
  const page = await pdf.getPage(1);
  const viewport = page.getViewport({ scale: SCALE });
  const canvas = createCanvas(viewport.width, viewport.height);
  // pdf.js draws on any canvas that behaves as a browser's does.
  await page.render({ canvas: null, canvasContext: canvas.getContext('2d') as never, viewport })
    .promise;
  writeFileSync(file, canvas.toBuffer('image/png'));
}
