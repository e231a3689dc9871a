/// <reference lib="dom" />
import { chromium } from 'playwright-core';
import { browserOfPeople } from '../browser.js';
import { freePort } from '../ports.js';
import { overThrowaway } from '../postgres/throwaway.js';
import { WebServer } from '../web-server.js';
import { median, rounded } from './median.js';

const CARDS = 20;
/** Milliseconds in which an answer is read, at the least. */
const READ = 400;

/** Answers the card there is, reads so long, goes on, and gives the milliseconds until the next is drawn. */
async function goOn(read: number): Promise<number> {
  const press = (key: string): unknown =>
    document.body.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
  const frame = (): Promise<number> => new Promise((drawn) => requestAnimationFrame(drawn));
  const before = document.querySelector('sc-see-card');
  const asked = performance.now();
  // A card can be answered once it was drawn, a frame or two after it is there.
  while (!before?.querySelector('.good, .bad')) {
    if (performance.now() - asked > 10_000) throw new Error('no card was answered within 10 s');
    press('1');
    await frame();
  }
  await new Promise((done) => setTimeout(done, read));
  const began = performance.now();
  press('Enter');
  for (;;) {
    const card = document.querySelector('sc-see-card');
    if (card !== before && card?.querySelector('svg [data-sticker], svg polygon, svg path')) break;
    if (performance.now() - began > 10_000) throw new Error('no card was drawn within 10 s');
    await frame();
  }
  await frame();
  return performance.now() - began;
}

/**
 * How long the next picture of a See card takes in the real page, from asking for it until the frame
 * after it was drawn: once the answer before was read, and without reading it at all.
 */
export async function seePictures(): Promise<object> {
  return overThrowaway('see', async ({ databaseUrl }) => {
    const server = await WebServer.start({ databaseUrl, port: await freePort() });
    const browser = await chromium.launch({
      executablePath: browserOfPeople(),
      args: ['--no-sandbox'],
    });
    try {
      const page = await browser.newPage({ baseURL: server.address });
      await page.goto('/learn/practice?kind=see');
      await page.locator('sc-see-card .choices button').first().waitFor({ timeout: 60_000 });
      const times = { read: [] as number[], unread: [] as number[] };
      for (let k = 0; k < CARDS; k++) {
        times.read.push(await page.evaluate(goOn, READ));
        times.unread.push(await page.evaluate(goOn, 0));
      }
      return {
        cards: CARDS,
        milliseconds: rounded(median(times.read)),
        worst: rounded(Math.max(...times.read)),
        withoutReading: rounded(median(times.unread)),
        withoutReadingWorst: rounded(Math.max(...times.unread)),
        allowed: 50,
      };
    } finally {
      await browser.close();
      await server.stop();
    }
  });
}
