import { readFile } from 'node:fs/promises';
import { expect, test } from '@playwright/test';
import { enterAs, PHRASE, signUp, someName } from './people.js';
import { TimingPage, undoing } from './timing-page.js';

test('somebody signs up, times a solve with the simulated timer and cube, and reviews it', async ({
  page,
}) => {
  const timing = new TimingPage(page);
  await signUp(page, someName('Ylva'));
  await expect(page.getByText('No records here.')).toBeVisible();
  await timing.open();
  const scramble = await timing.scramble();
  await timing.connectTable();
  await page.getByRole('button', { name: 'Simulated cube' }).click();
  await expect(page.getByText('Simulated cube, connected.')).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(timing.says).toHaveText('Look');
  await timing.startByTable();
  await expect(timing.says).toContainText('Daisy');
  // A slip and its undoing, then what undoes the scramble.
  await timing.turn(['R', 'F', "F'", "R'", ...undoing(scramble)]);
  await expect(timing.says).toContainText('both hands down to stop');
  await timing.stopByTable();
  await expect(timing.after).toContainText('in the log');
  await expect(timing.after.getByRole('radio', { name: 'Finished', exact: true })).toBeChecked();
  const time = await timing.clock.innerText();
  await timing.after.getByLabel('Note').fill('first one with the mat');
  await timing.after.getByLabel('Note').blur();

  await page.getByRole('link', { name: 'Log', exact: true }).click();
  const line = page.getByRole('row').filter({ hasText: 'first one with the mat' });
  await expect(line).toContainText(time);
  await line.getByRole('link', { name: /^Review the solve/ }).click();
  await expect(page.getByRole('heading', { name: 'Most worth learning' })).toBeVisible();
  await expect(page.locator('.wastes')).toContainText('noticed and turned back: 4 turns');
  await page.getByRole('slider', { name: 'Turns done' }).focus();
  await page.keyboard.press('End');
  await expect(page.locator('.at p')).toContainText(/After (\d+) of \1 turns/);
  await page.getByRole('button', { name: 'Open this on the Bench' }).click();
  await expect(page.locator('.verdict')).toContainText('solved');
});

test('a solve survives a reload, stays in the browser, and moves in on signing up', async ({
  page,
}) => {
  const timing = new TimingPage(page);
  await timing.open();
  await timing.startByKeys();
  await page.keyboard.press('Space');
  await expect(timing.says).toContainText('White cross');
  await page.reload();
  // It goes on with its marks.
  await expect(timing.says).toContainText('White cross');
  await timing.stopByKeys();
  await expect(timing.after).toContainText('in the log');
  await expect(timing.after).toContainText('Daisy');
  await timing.after.getByRole('radio', { name: 'Don’t count' }).click();
  await timing.after.getByLabel('Why it is not counted').fill('somebody interrupted');
  await timing.after.getByLabel('Why it is not counted').blur();

  await page.getByRole('link', { name: 'Log', exact: true }).click();
  await expect(page.getByText('Kept in this browser.')).toBeVisible();
  await expect(page.getByText('not counted: somebody interrupted')).toBeVisible();
  await signUp(page, someName('Eivind'));
  await expect(page.getByText('not counted: somebody interrupted')).toBeVisible();
  // It is gone from the browser: whoever signs out leaves nothing behind.
  await page.getByRole('link', { name: /^Account of/ }).click();
  await page.getByRole('button', { name: 'Sign out', exact: true }).click();
  await expect(page).toHaveURL(/sign-in$/);
  await page.getByRole('link', { name: 'Log', exact: true }).click();
  await expect(page.getByText('No records here.')).toBeVisible();
});

test('one stage alone is practised from a cube with all before it done', async ({ page }) => {
  const timing = new TimingPage(page);
  await timing.open();
  const before = await timing.scramble();
  await page
    .getByRole('combobox', { name: 'Time', exact: true })
    .selectOption('only White corners');
  await expect(
    page.getByRole('heading', { name: 'Mix to this position (from a solved cube)' }),
  ).toBeVisible();
  await expect.poll(() => timing.scramble()).not.toEqual(before);
  await page.getByLabel('Look beforehand').selectOption('none');
  await timing.connectTable();
  await timing.startByTable();
  await timing.stopByTable();
  await page.getByRole('link', { name: 'Log', exact: true }).click();
  await expect(page.getByRole('row').filter({ hasText: 'White corners alone' })).toBeVisible();
});

/** Five thousand solves as another program might list them, three of them told wrongly. */
function fiveThousand(): string {
  const lines = Array.from({ length: 5000 }, (_, k) => {
    const at = new Date(Date.UTC(2025, 0, 1) + k * 400_000).toISOString();
    const time = [1200, 2400, 3600].includes(k)
      ? 'soon'
      : (50 + (k % 40) + (k % 100) / 100).toFixed(2);
    return `${at},${time},"row ${k}, ""at home"""`;
  });
  return ['when,seconds,comment', ...lines].join('\r\n');
}

test('five thousand rows are brought in, three bad ones told by their line', async ({ page }) => {
  await signUp(page, someName('Torunn'));
  const bringIn = async (): Promise<void> => {
    await page.getByRole('button', { name: 'Import' }).click();
    await page.locator('input[type=file]').setInputFiles({
      name: 'solves.csv',
      mimeType: 'text/csv',
      buffer: Buffer.from(fiveThousand()),
    });
    await expect(page.getByText('4,997 records can be read, 3 cannot.')).toBeVisible();
    // Line 1 names the columns.
    for (const line of ['line 1202', 'line 2402', 'line 3602']) {
      await expect(page.getByText(`${line}: time`)).toBeVisible();
    }
  };
  await bringIn();
  await page.getByRole('button', { name: 'Cancel' }).click();
  await expect(page.getByText('No records here.')).toBeVisible();
  await bringIn();
  await page.getByRole('button', { name: 'Leave those out and add 4,997 records' }).click();
  await expect(page.getByText('4,997 records added; 0 were in the log already.')).toBeVisible({
    timeout: 60_000,
  });
  await page.getByRole('button', { name: 'Close' }).click();
  await expect(page.getByText('4,997 records', { exact: true })).toBeVisible();
  await expect(page.getByText('row 4999, "at home"')).toBeVisible();
  // The far end of the list is fetched when it is scrolled to.
  await page.locator('cdk-virtual-scroll-viewport').evaluate((list) => list.scrollTo(0, 1e7));
  await expect(page.getByText('row 0, "at home"')).toBeVisible();

  await bringIn();
  await page.getByRole('button', { name: 'Leave those out and add 4,997 records' }).click();
  await expect(page.getByText('0 records added; 4,997 were in the log already.')).toBeVisible({
    timeout: 60_000,
  });
  await page.getByRole('button', { name: 'Close' }).click();

  await page.getByRole('button', { name: 'Export' }).click();
  const download = page.waitForEvent('download');
  await page.getByRole('menuitem', { name: 'as CSV' }).click();
  const csv = await readFile(await (await download).path(), 'utf8');
  expect(csv.split('\r\n').length).toBe(4997 + 2);
  expect(csv).toContain('"row 0, ""at home"""');
});

test('records are found, tagged, deleted and brought back', async ({ page }) => {
  await signUp(page, someName('Solveig'));
  for (const [k, note] of ['on the ferry', 'in the boathouse', 'on the ferry home'].entries()) {
    const entry = {
      id: crypto.randomUUID(),
      kind: 'solve',
      stage: null,
      time: 60 + k,
      outcome: 'finished',
      beganAt: `2026-11-0${k + 1}T10:00:00Z`,
      reason: '',
      note,
      method: 'gentle',
      cube: '',
      scramble: '',
      turns: '',
      splits: [],
      tags: [],
    };
    expect((await page.request.post('/api/log', { data: entry })).status()).toBe(201);
  }
  await page.reload();
  await page.getByLabel('Words').fill('ferry');
  await page.getByLabel('Words').blur();
  await expect(page.getByText('2 records', { exact: true })).toBeVisible();
  for (const box of await page.getByRole('checkbox').all()) await box.check();
  await page.getByRole('textbox', { name: 'Tag' }).fill('afloat');
  await page.getByRole('button', { name: 'Add' }).click();
  await expect(page.locator('.tag', { hasText: 'afloat' })).toHaveCount(2);
  await page.getByRole('button', { name: /^Delete the record of 3 Nov 2026/ }).click();
  await expect(page.getByText('1 record', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.locator('.tag', { hasText: 'afloat' })).toHaveCount(2);
  await page.getByRole('button', { name: 'Clear filters' }).click();
  await page.getByRole('radio', { name: 'Charts' }).click();
  const chart = page.getByRole('img', { name: /^The median of each day/ });
  await chart.focus();
  await page.keyboard.press('ArrowRight');
  await expect(
    page.locator('[aria-live]', { hasText: '1 Nov 2026: median 1:00.00' }),
  ).toBeAttached();
});

test('a second learner can neither see nor change the first one’s log, by any route', async ({
  page,
  browser,
}) => {
  const [first, second] = [someName('Frida'), someName('Sander')];
  await signUp(page, first);
  const owner = (await (await page.request.get('/api/session')).json()) as {
    account: { id: string };
  };
  const id = crypto.randomUUID();
  const entry = {
    id,
    kind: 'solve',
    stage: null,
    time: 61.5,
    outcome: 'finished',
    reason: '',
    cube: '',
    beganAt: '2026-11-05T10:00:00Z',
    note: 'for nobody else',
    method: 'gentle',
    scramble: "R U2 F'",
    turns: "F U2 R'",
    splits: [],
    tags: [],
  };
  await page.request.post('/api/log', { data: entry });

  const other = await browser.newPage();
  await signUp(other, second);
  await expect(other.getByText('No records here.')).toBeVisible();
  await other.goto(`/review/${id}?of=${owner.account.id}`);
  await expect(other.getByRole('alert')).toContainText('No learner of your groups');
  await other.goto(`/log?of=${owner.account.id}`);
  await expect(other.getByRole('alert')).toContainText('No learner of your groups');

  const learner = `/api/learners/${owner.account.id}`;
  const ask = other.request;
  const seen = [
    await ask.get(`/api/log/entries/${id}`),
    await ask.get(`${learner}/log`),
    await ask.get(`${learner}/log/overview?today=2026-11-25`),
    await ask.get(`${learner}/log/groups?by=day`),
    await ask.get(`${learner}/log/entries/${id}`),
    await ask.patch(`/api/log/entries/${id}`, { data: { note: 'mine now' } }),
    await ask.post(`${learner}/phrase`, { data: { phrase: PHRASE } }),
  ];
  expect(seen.map((answer) => answer.status())).toEqual(seen.map(() => 404));
  for (const path of ['remove', 'restore', 'tags']) {
    const data = { ids: [id], ...(path === 'tags' ? { add: ['taken'] } : {}) };
    const answer = await ask.post(`/api/log/${path}`, { data });
    expect(await answer.json()).toEqual({ changed: 0 });
  }
  expect(await (await ask.get('/api/log/export?as=csv')).text()).not.toContain('for nobody else');
  await other.close();
  expect(await (await page.request.get(`/api/log/entries/${id}`)).json()).toEqual({
    ...entry,
    beganAt: '2026-11-05T10:00:00.000Z',
  });
});

test('a coach sees a learner’s log and reviews a solve through a shared link', async ({
  page,
  browser,
}) => {
  const coachName = someName('Hedda');
  await signUp(page, coachName, 'I teach others');
  await page.getByRole('link', { name: `Account of ${coachName}` }).click();
  await page.getByRole('link', { name: 'Your groups' }).click();
  await page.getByLabel('Name of the group').fill('Monday table');
  await page.getByRole('button', { name: 'Make a group' }).click();
  const code = await page.locator('.code').innerText();

  const learner = await browser.newPage();
  const learnerName = someName('Jonas');
  await signUp(learner, learnerName);
  await learner.getByRole('link', { name: `Account of ${learnerName}` }).click();
  await learner.getByRole('link', { name: 'Your group' }).click();
  await learner.getByLabel('Code from your coach').fill(code);
  await learner.getByRole('button', { name: 'Join', exact: true }).click();
  await expect(learner.getByText(`with ${coachName}, who sees your log`)).toBeVisible();
  const entry = {
    id: crypto.randomUUID(),
    kind: 'solve',
    stage: null,
    time: 61.5,
    outcome: 'finished',
    beganAt: '2026-11-05T10:00:00Z',
    note: 'please look at this',
    method: 'gentle',
    scramble: "R U2 F'",
    turns: "F U2 R'",
    splits: [],
    tags: [],
    reason: '',
    cube: '',
  };
  await learner.request.post('/api/log', { data: entry });
  await learner.close();

  await page.reload();
  await page.getByRole('article').getByRole('button', { name: 'Learners' }).click();
  await page.getByRole('listitem').filter({ hasText: learnerName }).getByRole('link').click();
  await expect(page.getByText('please look at this')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Import' })).toHaveCount(0);
  await page.getByRole('link', { name: /^Review the solve/ }).click();
  await expect(page).toHaveURL(/review\/.+\?of=/);
  await expect(page.getByRole('heading', { name: 'Most worth learning' })).toBeVisible();
});

test('a review is printed on one page', async ({ page }) => {
  await enterAs(page, 'Sunniva');
  await page
    .getByRole('link', { name: /^Review the solve/ })
    .first()
    .click();
  await expect(page.getByRole('heading', { name: 'Most worth learning' })).toBeVisible();
  const pdf = (await page.pdf({ format: 'A4' })).toString('latin1');
  expect(pdf.match(/\/Type\s*\/Page\b/g)?.length).toBe(1);
});
