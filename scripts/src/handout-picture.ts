import { randomUUID } from 'node:crypto';
import { writeFileSync } from 'node:fs';
import { setTimeout as sleep } from 'node:timers/promises';
import { createCanvas } from '@napi-rs/canvas';
import { SWATCHES } from '@sleetcrest/core';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { DEMO_GROUP, DEMO_PEOPLE } from './demo/people.js';
import { DEMO_METHOD } from './demo/scenario.js';
import { cookieOf } from './people-at-work.js';

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
  await drawFirstPage(new Uint8Array(await response.arrayBuffer()), file);
}

/** Draws the first page of a learner's pack, made for the demo's coach. */
export async function drawPack(address: string, file: string): Promise<void> {
  const coach = DEMO_PEOPLE.find(({ role }) => role === 'coach')!;
  const headers = { 'content-type': 'application/json' };
  const { name, phrase } = coach;
  const signedIn = await fetch(`${address}/api/session`, {
    method: 'POST',
    headers,
    body: JSON.stringify({ name, phrase }),
  });
  const cookie = cookieOf(signedIn);
  const prints = `${address}/api/groups/${DEMO_GROUP.id}/prints`;
  const groups = await fetch(`${address}/api/groups`, { headers: { cookie } });
  const { items } = (await groups.json()) as {
    items: { learners: { id: string; name: string }[] }[];
  };
  const learner = items[0]!.learners.find((one) => one.name === 'Jonas')!;
  const id = randomUUID();
  const day = new Date().toISOString().slice(0, 10);
  const asked = { id, kind: 'pack', day, paper: 'A4', for: [learner.id] };
  await fetch(prints, {
    method: 'POST',
    headers: { ...headers, cookie },
    body: JSON.stringify(asked),
  });
  for (let tries = 0; tries < 120; tries++) {
    const made = await fetch(`${prints}/${id}`, { headers: { cookie } });
    if (made.ok) {
      await drawFirstPage(new Uint8Array(await made.arrayBuffer()), file);
      return;
    }
    await made.body?.cancel();
    await sleep(500);
  }
  throw new Error('the pack was not made');
}

async function drawFirstPage(data: Uint8Array, file: string): Promise<void> {
  const pdf = await getDocument({ data, disableFontFace: true, verbosity: 0 }).promise;
  const page = await pdf.getPage(1);
  const viewport = page.getViewport({ scale: SCALE });
  const canvas = createCanvas(viewport.width, viewport.height);
  // pdf.js draws on any canvas that behaves as a browser's does.
  await page.render({ canvas: null, canvasContext: canvas.getContext('2d') as never, viewport })
    .promise;
  writeFileSync(file, canvas.toBuffer('image/png'));
}
