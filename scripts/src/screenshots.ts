import { randomUUID } from 'node:crypto';
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { chromium, type Page } from 'playwright-core';
import { browserOfPeople } from './browser.js';
import { loadDemo } from './demo/load.js';
import { DEMO_ACCOUNTS, DEMO_GROUP, DEMO_PEOPLE, TABLE_PEOPLE } from './demo/people.js';
import { drawHandout, drawPack } from './handout-picture.js';
import { ROOT } from './places.js';
import { freePort } from './ports.js';
import { overThrowaway } from './postgres/throwaway.js';
import { command, say } from './said.js';
import { buildWeb } from './web-build.js';
import { WebServer } from './web-server.js';

const FOLDER = join(ROOT, 'docs/screenshots');

const sticker = (page: Page, number: number) => page.locator(`sc-entry [data-sticker="${number}"]`);
const brush = (page: Page, colour: string) =>
  page.getByRole('button', { name: new RegExp(`^${colour}, `) });

/** Opens one of the demo's cubes and waits until the turning cube is drawn. */
async function openSaved(page: Page, name: string): Promise<void> {
  await page.getByRole('button', { name: 'Saved cubes' }).click();
  await page.getByRole('button', { name, exact: true }).click();
  await page.locator('sc-walk .words[aria-live]').waitFor();
  await page.waitForLoadState('networkidle');
}

/** Seats learners at the table that meets, each at something, as their pages would tell it. */
async function sitAtTable(page: Page): Promise<void> {
  const group = DEMO_GROUP.id;
  const doings = [
    ['walk', 'White corners', 9, 31, 20, false],
    ['practice', 'Practice', 7, 0, 12, false],
    ['walk', 'Middle edges', 14, 27, 400, false],
    ['lesson', 'Yellow in front: the four turns four times', 2, 4, 45, false],
    ['walk', 'Daisy', 2, 25, 90, true],
    ['done', 'Solved', 25, 25, 30, false],
    ['solve', 'Yellow cross', 4, 8, 10, false],
  ] as const;
  const people = [...DEMO_PEOPLE, ...TABLE_PEOPLE].filter(({ role }) => role === 'learner');
  for (const [k, [doing, title, at, of, forSeconds, hand]] of doings.entries()) {
    const { name, phrase } = people[k]!;
    const context = await page
      .context()
      .browser()!
      .newContext({ baseURL: new URL(page.url()).origin });
    const { request } = context;
    await request.post('/api/session', { data: { name, phrase } });
    const joined = await request.post(`/api/groups/${group}/live/join`, { data: {} });
    const { id } = (await joined.json()) as { id: string };
    await request.put(`/api/live/${id}/here`, {
      data: { doing, title, at, of, forSeconds, usualSeconds: 150, hand, cube: null },
    });
    await context.close();
  }
}

/** Each picture of `docs/screenshots`: its size and how to come to it. */
const PICTURES: Record<
  string,
  {
    width?: number;
    height?: number;
    /** Who of the demo's people is signed in: the coach, unless said; nobody for `null`. */
    as?: string | null;
    go: (page: Page) => Promise<void>;
  }
> = {
  'bench-entry': {
    go: async (page) => {
      // Half painted: the top and the front of a mixed cube.
      for (const [k, key] of [...'rwgyowbbgrwyobwg'].entries()) {
        await sticker(page, [0, 1, 2, 3, 5, 6, 7, 8, 18, 19, 20, 21, 23, 24, 25, 26][k]!).focus();
        await page.keyboard.press(key);
      }
      await brush(page, 'orange').click();
    },
  },
  'what-slipped': {
    go: async (page) => {
      await openSaved(page, 'Nils between two ferries');
      await page.keyboard.press('4');
      for (let k = 0; k < 3; k++) await page.keyboard.press('ArrowRight');
      await page.getByRole('button', { name: 'Connect a cube' }).click();
      // The next turn is done the other way.
      const meant = await page.locator('sc-tile-row [aria-current] .name').innerText();
      const did = meant.includes("'") ? meant.replace("'", '') : `${meant.replace('2', '')}'`;
      const hands = page.getByRole('group', { name: 'Turn the simulated cube' });
      await hands.getByText(did, { exact: true }).click();
      await page.getByRole('button', { name: 'What slipped?' }).click();
      await page.getByRole('heading', { name: /^Ways back/ }).waitFor();
    },
  },
  'far-walk': {
    go: async (page) => {
      await openSaved(page, 'Nils between two ferries');
      await page.keyboard.press('4');
      await page.keyboard.press('ArrowRight');
      await page.getByRole('button', { name: 'Large view' }).click();
      await page.getByRole('button', { name: 'Close (Esc)' }).waitFor();
    },
  },
  'bench-walk': {
    go: async (page) => {
      await openSaved(page, 'Nils between two ferries');
      await page.keyboard.press('4');
      for (let k = 0; k < 3; k++) await page.keyboard.press('ArrowRight');
    },
  },
  cases: {
    go: async (page) => {
      await page.getByRole('link', { name: 'Cases' }).click();
      await page.getByRole('button', { name: /^White corners/ }).click();
      await page.getByRole('button', { name: 'Give me turns' }).click();
      await page.locator('.set-up .turns').waitFor();
      await page.locator('.chance').first().waitFor();
    },
  },
  methods: {
    height: 1100,
    go: async (page) => {
      await page.goto('/methods');
      await page.getByLabel('Method 2').selectOption('front-right');
      await page.getByRole('button', { name: 'Add a method' }).click();
      await page.getByLabel('Method 3').selectOption('five-beat');
      await page.locator('sc-method-ridges svg').nth(2).waitFor();
      // A method's progress goes once it is counted; three are counted one after another.
      for (let column = 0; column < 3; column++) {
        await page.locator('td', { hasText: '…' }).first().waitFor({ state: 'detached' });
      }
    },
  },
  workshop: {
    go: async (page) => {
      await page.goto('/workshop');
      await page.getByRole('button', { name: /Two ferries/ }).click();
      await page.getByRole('button', { name: /^Yellow cross/ }).click();
      await page
        .getByRole('button', { name: 'Two yellow edges up, side by side: the angle' })
        .click();
      await page.getByText('Solves all 62,208').waitFor();
      await page.getByLabel('Sequence').fill("F U R U' R'");
      await page.getByText('goes wrong here').waitFor();
      await page.waitForLoadState('networkidle');
    },
  },
  learn: {
    as: 'Amalie',
    go: async (page) => {
      await page.goto('/learn');
      await page.getByRole('button', { name: /^Corner places/ }).click();
      await page.locator('.cases a').first().waitFor({ timeout: 60_000 });
      await page
        .getByText(/to repeat|Nothing to repeat/)
        .first()
        .waitFor();
    },
  },
  practice: {
    as: 'Nils',
    go: async (page) => {
      await page.goto('/learn/practice?kind=see');
      await page.locator('sc-see-card .choices button').first().waitFor({ timeout: 60_000 });
      await page.waitForTimeout(1500);
      await page.keyboard.press('2');
      await page.locator('.looks li').first().waitFor({ timeout: 60_000 });
    },
  },
  known: {
    as: 'Nils',
    height: 900,
    go: async (page) => {
      await page.goto('/learn/known');
      await page.locator('sc-recall-list img').first().waitFor({ timeout: 60_000 });
      await page.waitForTimeout(1500);
    },
  },
  table: {
    go: async (page) => {
      await page.goto('/table');
      const marit = page.locator('.body .row', { hasText: 'Marit' });
      await marit.locator('[data-column="8"]').click();
      await page.getByRole('complementary', { name: 'What it rests on' }).waitFor();
    },
  },
  planner: {
    height: 1000,
    go: async (page) => {
      await page.goto('/table/plan');
      await page.getByRole('button', { name: 'Propose' }).click();
      await page.getByText('No plan is worth more').waitFor({ timeout: 60_000 });
      await page.locator('.why li').first().waitFor();
      await page.evaluate(() => window.scrollTo(0, 0));
    },
  },
  board: {
    go: async (page) => {
      await page.goto('/table/board');
      await page.getByRole('button', { name: 'Begin the session' }).click();
      await page.locator('.join .code').waitFor();
      await sitAtTable(page);
      await page.getByRole('button', { name: /hand up/ }).waitFor();
    },
  },
  answer: {
    go: async (page) => {
      await page.goto('/table/answers');
      await page.locator('.work', { hasText: 'Nils' }).click();
      await page
        .getByRole('button', { name: 'at turn 12', exact: true })
        .click({ timeout: 60_000 });
      await page.getByText('after turn 12 of').waitFor();
    },
  },
  timing: {
    as: 'Amalie',
    go: async (page) => {
      await page.goto('/timing');
      await page.getByText('It must look like this.').waitFor({ timeout: 60_000 });
      await page.keyboard.press('Enter');
      await page.waitForTimeout(3000);
      await page.keyboard.down('f');
    },
  },
  log: {
    as: 'Amalie',
    go: async (page) => {
      await page.goto('/log');
      await page.getByRole('radio', { name: 'Charts' }).click();
      await page.locator('canvas').nth(3).waitFor();
    },
  },
  review: {
    as: 'Amalie',
    go: async (page) => {
      await page.goto('/log');
      await page
        .getByRole('link', { name: /^Review the solve/ })
        .first()
        .click();
      await page.getByRole('heading', { name: 'Most worth learning' }).waitFor({ timeout: 60_000 });
      await page.getByRole('button', { name: /^White corners/ }).click();
      for (let k = 0; k < 2; k++) await page.getByRole('slider').press('ArrowRight');
    },
  },
};

/** How people of the demo read before a picture changes it. */
const USUAL = {
  dialect: 'prime',
  firstColour: 'white',
  method: 'gentle',
  theme: 'auto',
  letters: false,
  shortcuts: true,
};

/** Takes all pictures, or those that are named. */
await command(async () => {
  const names = process.argv.slice(2);
  const isWanted = (name: string): boolean => names.length === 0 || names.includes(name);
  await buildWeb();
  mkdirSync(FOLDER, { recursive: true });
  await overThrowaway('pictures', async ({ databaseUrl }) => {
    await loadDemo(databaseUrl);
    const server = await WebServer.start({ databaseUrl, port: await freePort(), demo: true });
    const browser = await chromium.launch({
      executablePath: browserOfPeople(),
      args: ['--no-sandbox', '--disable-background-networking'],
    });
    try {
      for (const [name, picture] of Object.entries(PICTURES)) {
        if (!isWanted(name)) continue;
        const { width = 1280, height = 800, as = 'Runa', go } = picture;
        say(`${name} …`);
        const context = await browser.newContext({
          viewport: { width, height },
          reducedMotion: 'reduce',
          baseURL: server.address,
        });
        const page = await context.newPage();
        const person = DEMO_ACCOUNTS.find((one) => one.name === as);
        if (person) {
          const { name: who, phrase } = person;
          await page.request.post('/api/session', { data: { name: who, phrase } });
          // Settings come along with the account: what the picture before changed is put back.
          const told = { id: randomUUID(), at: new Date().toISOString() };
          const method = DEMO_PEOPLE.find((one) => one.name === as)?.practice?.method;
          const settings = { ...USUAL, ...(method && { method }) };
          await page.request.patch('/api/settings', { data: { settings, told } });
        }
        await page.goto(server.address);
        await page.locator('sc-entry').waitFor();
        await go(page);
        // Let the drawer slide in and the cube be drawn.
        await page.waitForTimeout(800);
        await page.screenshot({ path: join(FOLDER, `${name}.png`) });
        await context.close();
      }
      if (isWanted('handout')) {
        say('handout …');
        await drawHandout(server.address, join(FOLDER, 'handout.png'));
      }
      if (isWanted('pack')) {
        say('pack …');
        await drawPack(server.address, join(FOLDER, 'pack.png'));
      }
    } finally {
      await browser.close();
      await server.stop();
    }
  });
});
