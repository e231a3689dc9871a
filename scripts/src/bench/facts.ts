/// <reference lib="dom" />
import { performance } from 'node:perf_hooks';
import { UP } from '@sleetcrest/core';
import { partFacts, worthOf } from '@sleetcrest/core/engine/facts';
import { partsOf } from '@sleetcrest/core/engine/prove';
import { knownFigures, knownGlance } from '@sleetcrest/core/insight/glance';
import { APPROACHES } from '@sleetcrest/core/teaching/approaches';
import { allMixes } from '@sleetcrest/core/teaching/methods';
import { type Browser, chromium } from 'playwright-core';
import { browserOfPeople } from '../browser.js';
import { loadDemo } from '../demo/load.js';
import { DEMO_PEOPLE } from '../demo/people.js';
import { freePort } from '../ports.js';
import { overThrowaway } from '../postgres/throwaway.js';
import { WebServer } from '../web-server.js';
import { rounded } from './median.js';

const COACH = DEMO_PEOPLE.find(({ role }) => role === 'coach')!;
/** The pages whose numbers come from facts, with the text that has their first numbers. */
const PAGES = [
  {
    page: 'learn',
    path: '/learn',
    where: '.stage .cases',
    numbers: '% of solves meet it',
    coach: false,
  },
  {
    page: 'methods',
    path: '/methods',
    where: 'tbody',
    numbers: '\\d+\\.\\d[^]*\\d+\\.\\d',
    coach: false,
  },
  {
    page: 'planner',
    path: '/table/plan',
    where: 'main',
    numbers: 'About \\d+\\.\\d cases',
    coach: true,
  },
];

/** Milliseconds from when the last script was there until the numbers are. */
async function untilNumbers({
  where,
  numbers,
}: {
  where: string;
  numbers: string;
}): Promise<number> {
  const wanted = new RegExp(numbers);
  const frame = (): Promise<number> => new Promise((drawn) => requestAnimationFrame(drawn));
  const propose = (): void =>
    Array.from(document.querySelectorAll('button'))
      .find((one) => /^Propose/.test(one.textContent.trim()))
      ?.click();
  for (let pressed = false; !wanted.test(document.querySelector(where)?.textContent ?? '');) {
    if (performance.now() > 60_000) throw new Error('no numbers within a minute');
    if (!pressed && where === 'main') {
      pressed = document.querySelector('.who') !== null;
      if (pressed) propose();
    }
    await frame();
  }
  const now = performance.now();
  const scripts = performance
    .getEntriesByType('resource')
    .filter(({ name }) => /\.js(\?|$)/.test(name))
    .map((one) => (one as PerformanceResourceTiming).responseEnd)
    .filter((end) => end <= now);
  return now - Math.max(...scripts);
}

/** Each page opened by a browser that has never been here. */
async function firstNumbers(browser: Browser, address: string): Promise<object[]> {
  const measured: object[] = [];
  for (const { page: name, path, coach, ...seek } of PAGES) {
    const profile = await browser.newContext({ baseURL: address, serviceWorkers: 'block' });
    const page = await profile.newPage();
    if (coach) {
      const { name: who, phrase } = COACH;
      await page.request.post('/api/session', { data: { name: who, phrase } });
    }
    await page.goto(path);
    measured.push({
      page: name,
      milliseconds: rounded(await page.evaluate(untilNumbers, seek)),
      allowed: 300,
    });
    await profile.close();
  }
  return measured;
}

/** How long it takes to read what ships of all approaches, and until pages show it. */
export async function factTimes(): Promise<object> {
  const began = performance.now();
  let mixes = 0;
  for (const mix of allMixes()) {
    for (const { approaches, before } of partsOf(mix, UP)) partFacts(approaches, before);
    mixes++;
    if (mixes === APPROACHES.length) break;
  }
  for (const approach of APPROACHES) {
    worthOf(approach);
    knownFigures(approach, 'around');
  }
  const read = performance.now() - began;
  const plansBegan = performance.now();
  for (const approach of APPROACHES) await knownGlance(approach, 'around');
  const plans = performance.now() - plansBegan;
  const pages = await overThrowaway('facts', async ({ databaseUrl }) => {
    await loadDemo(databaseUrl);
    const server = await WebServer.start({ databaseUrl, port: await freePort(), demo: true });
    const browser = await chromium.launch({
      executablePath: browserOfPeople(),
      args: ['--no-sandbox'],
    });
    try {
      return await firstNumbers(browser, server.address);
    } finally {
      await browser.close();
      await server.stop();
    }
  });
  return {
    approaches: APPROACHES.length,
    readMilliseconds: rounded(read),
    allowed: 50,
    allPlansOfLooksMilliseconds: rounded(plans),
    pages,
  };
}
