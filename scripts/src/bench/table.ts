/// <reference lib="dom" />
import { randomUUID } from 'node:crypto';
import { performance } from 'node:perf_hooks';
import { setTimeout as sleep } from 'node:timers/promises';
import { matrixSchema, PRINTS, printJobListSchema, type Matrix } from '@sleetcrest/contract/table';
import pg from 'pg';
import { chromium } from 'playwright-core';
import { browserOfPeople } from '../browser.js';
import { loadDemo } from '../demo/load.js';
import { DEMO_GROUP, DEMO_PEOPLE } from '../demo/people.js';
import { cookieOf } from '../people-at-work.js';
import { freePort } from '../ports.js';
import { overThrowaway } from '../postgres/throwaway.js';
import { WebServer } from '../web-server.js';
import { median, rounded } from './median.js';

const PACKS = 30;
const MATRIX = { learners: 200, cases: 60 };
/** Frames over which the matrix is scrolled. */
const FRAMES = 150;
const COACH = DEMO_PEOPLE.find(({ role }) => role === 'coach')!;

/** The matrix with its columns repeated up to so many, as a group whose method has more cases sees it. */
function widened(matrix: Matrix, cases: number): Matrix {
  const from = Array.from({ length: cases }, (_, k) => k % matrix.columns.length);
  const wide = {
    ...matrix,
    columns: from.map((at, k) => ({
      ...matrix.columns[at]!,
      case: `${matrix.columns[at]!.case}-${k}`,
    })),
    rows: matrix.rows.map((row) => ({ ...row, cases: from.map((at) => row.cases[at]!) })),
  };
  return matrixSchema.parse(wide);
}

/** Brings the demo's group to so many learners, each with the answers of one there was. */
async function grow(database: pg.Client, to: number): Promise<void> {
  const members = await database.query<{ id: string }>(
    'SELECT learner_id AS id FROM group_members WHERE group_id = $1 ORDER BY learner_id',
    [DEMO_GROUP.id],
  );
  const there = members.rows.map(({ id }) => id);
  for (let k = there.length; k < to; k++) {
    const id = randomUUID();
    await database.query(
      `INSERT INTO accounts (id, role, name, name_key, phrase_hash)
       VALUES ($1, 'learner', $2::text, lower($2::text), '')`,
      [id, `Copy ${k}`],
    );
    await database.query(
      `INSERT INTO practice_reviews
       SELECT $1, gen_random_uuid(), kind, item, at, utc_offset, is_right, hundredths, answer, turns,
         given_by, arrived_at
       FROM practice_reviews WHERE account_id = $2`,
      [id, there[k % there.length]],
    );
    await database.query('INSERT INTO group_members (group_id, learner_id) VALUES ($1, $2)', [
      DEMO_GROUP.id,
      id,
    ]);
  }
}

/** Asks as the demo's coach. */
class Asking {
  private constructor(
    readonly address: string,
    readonly cookie: string,
  ) {}

  static async at(address: string): Promise<Asking> {
    const { name, phrase } = COACH;
    const answer = await fetch(`${address}/api/session`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ name, phrase }),
    });
    if (!answer.ok) throw new Error(await answer.text());
    return new Asking(address, cookieOf(answer));
  }

  async ask(method: string, path: string, body?: object): Promise<unknown> {
    const answer = await fetch(`${this.address}/api/groups/${DEMO_GROUP.id}${path}`, {
      method,
      headers: { 'content-type': 'application/json', cookie: this.cookie },
      ...(body ? { body: JSON.stringify(body) } : {}),
    });
    if (!answer.ok) throw new Error(await answer.text());
    return answer.json();
  }
}

/** Seconds from asking for paper for everybody until it can be fetched. */
async function printed(coach: Asking, kind: (typeof PRINTS)[number]): Promise<number> {
  const id = randomUUID();
  const day = new Date().toISOString().slice(0, 10);
  const began = performance.now();
  await coach.ask('POST', '/prints', { id, kind, day, paper: 'A4', for: null });
  for (;;) {
    const { items } = printJobListSchema.parse(await coach.ask('GET', '/prints'));
    const state = items.find((one) => one.id === id)?.state;
    if (state === 'done') return rounded((performance.now() - began) / 1000);
    if (state === 'failed') throw new Error(`the ${kind} could not be made`);
    await sleep(100);
  }
}

/** Scrolls the matrix down and across, frame by frame; gives the milliseconds between frames. */
async function scrolled(frames: number): Promise<{ between: number[]; rows: number }> {
  const down = document.querySelector('sc-matrix-view cdk-virtual-scroll-viewport')!;
  const across = document.querySelector('sc-matrix-view .scroller')!;
  const step = (down.scrollHeight - down.clientHeight) / frames;
  const aside = (across.scrollWidth - across.clientWidth) / frames;
  const frame = (): Promise<number> => new Promise((drawn) => requestAnimationFrame(drawn));
  const between: number[] = [];
  let last = await frame();
  for (let k = 1; k <= frames; k++) {
    down.scrollTop = k * step;
    across.scrollLeft = k * aside;
    const now = await frame();
    between.push(now - last);
    last = now;
  }
  return { between, rows: down.querySelectorAll('[role=row]').length };
}

/** How long the table's paper takes for thirty, and whether a matrix of two hundred scrolls without a pause. */
export async function tableTimes(): Promise<object> {
  return overThrowaway('table', async ({ databaseUrl }) => {
    await loadDemo(databaseUrl);
    const database = new pg.Client(databaseUrl);
    await database.connect();
    const server = await WebServer.start({
      databaseUrl,
      port: await freePort(),
      logLevel: 'silent',
    });
    const browser = await chromium.launch({
      executablePath: browserOfPeople(),
      args: ['--no-sandbox'],
    });
    try {
      const coach = await Asking.at(server.address);
      await grow(database, PACKS);
      const seconds: Record<string, number> = {};
      for (const kind of PRINTS) seconds[kind] = await printed(coach, kind);

      await grow(database, MATRIX.learners);
      const day = new Date().toISOString().slice(0, 10);
      const began = performance.now();
      const matrix = matrixSchema.parse(await coach.ask('GET', `/matrix?day=${day}`));
      const answered = performance.now() - began;
      const wide = widened(matrix, MATRIX.cases);

      const page = await browser.newPage({
        baseURL: server.address,
        viewport: { width: 1280, height: 800 },
      });
      const [name, value] = coach.cookie.split('=') as [string, string];
      await page.context().addCookies([{ name, value, url: server.address }]);
      await page.route('**/matrix?*', (route) => route.fulfill({ json: wide }));
      await page.goto('/table');
      await page.locator('sc-matrix-view .body [role=row]').first().waitFor({ timeout: 60_000 });
      const { between, rows } = await page.evaluate(scrolled, FRAMES);
      return {
        paper: { learners: PACKS, seconds, allowed: 20 },
        matrix: {
          learners: wide.rows.length,
          cases: wide.columns.length,
          answeredMilliseconds: rounded(answered),
          rowsDrawn: rows,
          frames: between.length,
          betweenFrames: rounded(median(between)),
          worst: rounded(Math.max(...between)),
          allowed: 50,
        },
      };
    } finally {
      await browser.close();
      await server.stop();
      await database.end();
    }
  });
}
