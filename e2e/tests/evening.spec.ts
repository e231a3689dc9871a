import { expectAccessible } from './accessible.js';
import { expect, test, type Browser, type Page } from '@playwright/test';
import { enterAs, PHRASE, signUp, someName } from './people.js';

/** The other node, on the same database, and where it is told to die and come back. */
const SECOND = process.env['SLEETCREST_SECOND_NODE']!;
const DEATH = process.env['SLEETCREST_SECOND_DEATH']!;

async function opened(browser: Browser, baseURL?: string): Promise<Page> {
  const context = await browser.newContext(baseURL === undefined ? {} : { baseURL });
  return context.newPage();
}

/** Sits down at the table of one's group that meets now. */
async function sitDown(page: Page): Promise<void> {
  await page.goto('/table');
  await page.getByRole('button', { name: 'Sit down', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Raise your hand' })).toBeVisible();
}

test('an evening at the table, from planning to going home', async ({
  page: coach,
  browser,
  request,
}) => {
  test.setTimeout(240_000);
  const [amalie, nils, sunniva, guest, helper] = await Promise.all([
    opened(browser),
    opened(browser, SECOND),
    opened(browser, SECOND),
    opened(browser, SECOND),
    opened(browser),
  ]);

  await test.step('the coach plans the session, and keeps it', async () => {
    await enterAs(coach, 'Runa');
    await coach.goto('/table/plan');
    await coach.getByRole('combobox', { name: 'Session' }).selectOption('A new one');
    await coach.getByRole('checkbox', { name: 'Pia' }).uncheck();
    await coach.getByRole('button', { name: 'Propose' }).click();
    await expect(coach.getByRole('status').filter({ hasText: 'cases learned' })).toContainText(
      'No plan is worth more',
    );
    const tables = coach.getByRole('article').filter({ hasText: 'Block 1' });
    const sticksOut = await tables.evaluateAll(
      (all) => all.filter((one) => one.scrollWidth > one.clientWidth).length,
    );
    expect(sticksOut).toBe(0);
    const names = await tables.locator('.name').allInnerTexts();
    expect([...names].sort()).toEqual(
      ['Amalie', 'Jonas', 'Marit', 'Nils', 'Odd', 'Sunniva', 'Teo', 'Vilde'].sort(),
    );
    await tables.first().locator('.name').first().click();
    await coach.getByRole('button', { name: /^A table for / }).click();
    await expect(coach.getByText(/Your change (loses|gains)/)).toBeVisible();
    await coach.getByRole('button', { name: 'Undo' }).click();
    await coach.getByRole('button', { name: 'Keep' }).click();
    await expect(coach.getByRole('button', { name: 'Kept' })).toBeVisible();
    const paper = (await coach.pdf({ format: 'A4' })).toString('latin1');
    expect(paper.match(/\/Type\s*\/Page\b/g)?.length).toBe(1);
  });

  await test.step('and prints the pack', async () => {
    await coach.getByRole('link', { name: 'Paper' }).click();
    await coach.getByRole('button', { name: 'Make it' }).click();
    const made = coach.getByRole('article').filter({ hasText: 'Packs' }).first();
    const download = coach.waitForEvent('download');
    await made.getByRole('button', { name: 'Download' }).click({ timeout: 60_000 });
    expect((await download).suggestedFilename()).toMatch(/^sleetcrest-pack-.*\.pdf$/);
  });

  await test.step('another coach is asked to help, and sees how everybody stands', async () => {
    await coach.getByRole('link', { name: 'Learners' }).click();
    await coach.getByRole('button', { name: 'Make a code' }).click();
    const code = await coach.getByRole('status').locator('b').innerText();
    await signUp(helper, someName('Helga'), 'I teach others');
    await helper.goto('/table');
    await expect(helper.getByRole('heading', { name: 'Your groups' })).toBeVisible();
    await helper.getByLabel('Code of a group you help with').fill(code);
    await helper.getByRole('button', { name: 'Help' }).click();
    await expect(helper.getByText('You help with')).toBeVisible();
    await expect(helper.getByRole('rowheader', { name: 'Marit' })).toBeVisible();
    await expect(helper.getByRole('link', { name: 'Learners' })).toBeVisible();
  });

  await test.step('three learners sit down and work, one is a guest', async () => {
    await coach.getByRole('link', { name: 'Board' }).click();
    await coach.getByRole('button', { name: 'Begin the session' }).click();
    const code = await coach.locator('.join .code').innerText();
    for (const [page, name] of [
      [amalie, 'Amalie'],
      [nils, 'Nils'],
      [sunniva, 'Sunniva'],
    ] as const) {
      await enterAs(page, name);
      await sitDown(page);
    }
    await guest.goto('/sign-in');
    await guest.getByRole('link', { name: 'At a table today?' }).click();
    await guest.getByLabel('Code on the board').fill(code);
    await guest.getByLabel('What you want to be called').fill('Jon');
    await guest.getByRole('button', { name: 'Join with the code' }).click();
    await expect(guest.getByRole('button', { name: 'Raise your hand' })).toBeVisible();

    await amalie.getByRole('link', { name: 'Bench', exact: true }).click();
    await amalie.getByRole('button', { name: 'Mix one for me' }).click();
    await amalie.getByRole('button', { name: 'Walk it to solved' }).click();
    await nils.goto('/learn/practice?kind=see');
    await expect(nils.getByRole('heading', { name: 'Which case is this?' })).toBeVisible();
    await expect(coach.getByRole('button', { name: /^Amalie: at it, Daisy 0\/\d+/ })).toBeVisible();
    await expect(coach.getByRole('button', { name: /^Nils: at it, Practice/ })).toBeVisible();
    await expect(coach.getByRole('button', { name: /^Jon: idle/ })).toBeVisible();
  });

  await test.step('one gets stuck and raises a hand, by one key; it comes first', async () => {
    await sunniva.keyboard.press('h');
    await expect(sunniva.getByRole('button', { name: 'Your hand is up' })).toBeVisible();
    const first = coach
      .getByRole('region', { name: 'Live board' })
      .locator('sc-board-person')
      .first();
    await expect(first).toContainText('Sunniva');
    await expect(first).toContainText('hand up');
  });

  await test.step('a node dies and comes back: no hand is lost, and what is told then is shown', async () => {
    expect((await request.post(DEATH)).ok()).toBeTruthy();
    await guest.getByRole('button', { name: 'Raise your hand' }).click();
    await expect(guest.getByText('Sending')).toHaveCount(0);
    await expect(coach.getByRole('button', { name: /^Jon: hand up/ })).toBeVisible();
    await expect(coach.getByRole('button', { name: /^Sunniva: hand up/ })).toBeVisible();
    await coach.getByRole('button', { name: /^Sunniva/ }).click();
    await coach.getByRole('button', { name: /Lower hand/ }).click();
    await expect(sunniva.getByRole('button', { name: 'Raise your hand' })).toBeVisible();
    await coach.getByRole('button', { name: 'Close' }).click();
  });

  await test.step('the coach shows a case to all, who take it up if they like', async () => {
    await coach.getByRole('button', { name: 'Everybody look here' }).click();
    await coach.getByLabel('A case').selectOption('corners-repeat/right');
    await coach.getByRole('button', { name: 'Show it to all' }).click();
    for (const page of [amalie, nils, sunniva, guest]) {
      await expect(
        page.getByText('Look here: White on the right: the four turns once'),
      ).toBeVisible();
    }
    await sunniva.getByRole('button', { name: 'Not now' }).click();
    await nils.getByRole('button', { name: 'Look', exact: true }).click();
    await expect(nils).toHaveURL(/\/learn\/lesson\?case=corners-repeat/);
  });

  await test.step('takes a learner’s cube as it is, and walks it; then ends the session', async () => {
    await coach.getByRole('button', { name: /^Amalie/ }).click();
    await coach.getByRole('button', { name: 'Take this cube and walk it' }).click();
    await expect(coach).toHaveURL(/\/bench\//);
    await expect(coach.getByText('Amalie’s cube').first()).toBeVisible();
    await coach.goto('/table/board');
    await coach.getByRole('button', { name: 'End', exact: true }).click();
    await expect(coach.getByRole('heading', { name: 'The session is over' })).toBeVisible();
    for (const page of [amalie, guest]) {
      await expect(page.getByRole('button', { name: 'Raise your hand' })).toHaveCount(0);
    }
  });

  await test.step('homework is set', async () => {
    await coach.goto('/table/set');
    await coach.getByLabel('What', { exact: true }).selectOption('plan');
    await coach.getByRole('checkbox', { name: 'Amalie' }).check();
    await coach.getByLabel('Message').fill('Look first, then turn.');
    await coach.getByRole('button', { name: 'Set this task' }).click();
    await expect(
      coach.getByRole('article').filter({ hasText: 'Look first, then turn.' }),
    ).toBeVisible();
  });

  await test.step('the next day a learner does it, and hands in a solve', async () => {
    await amalie.goto('/learn');
    const set = amalie.getByRole('article').filter({ hasText: 'Look first, then turn.' });
    await set.getByRole('button', { name: 'I have done it' }).click();
    await expect(set.getByRole('button', { name: 'Mark as not done' })).toBeVisible();
    await amalie.goto('/log');
    await amalie.getByRole('link', { name: 'Review' }).first().click();
    await amalie.getByRole('button', { name: 'Hand it in' }).click();
    const dialog = amalie.getByRole('dialog');
    await dialog.getByRole('textbox').fill('Where did I lose it?');
    await dialog.getByRole('button', { name: 'Hand it in' }).click();
    await expect(dialog).toHaveCount(0);
  });

  await test.step('the coach answers at a turn, and the learner reads it there', async () => {
    await coach.goto('/table/answers');
    await coach
      .getByRole('navigation', { name: 'What was handed in' })
      .getByRole('button')
      .first()
      .click();
    await expect(coach.getByText('Where did I lose it?')).toBeVisible();
    await coach.getByRole('button', { name: /^Turn 5, / }).click();
    await coach.getByLabel('Write at turn 5').fill('Look at the back before this one.');
    await coach.getByRole('button', { name: 'Send it' }).click();
    await expect(coach.getByRole('button', { name: /^Turn 5, .*with words on it/ })).toBeVisible();
    await coach.getByRole('button', { name: 'Mark as answered' }).click();
    await expect(coach.getByRole('button', { name: 'Not answered after all' })).toBeVisible();

    await amalie.goto('/table');
    await amalie
      .getByRole('button', { name: /new words/ })
      .first()
      .click();
    await expect(amalie.getByText('Look at the back before this one.')).toBeVisible();
    await amalie.getByRole('button', { name: 'at turn 5', exact: true }).click();
    await expect(amalie.getByText('after turn 5 of')).toBeVisible();
  });
});

test('a whole class is brought in at once, each with a slip, and begins with a phrase of their own', async ({
  page,
  browser,
}) => {
  await signUp(page, someName('Coach'), 'I teach others');
  await page.goto('/table');
  await page.getByLabel('Name of the group').fill('Saturday mornings');
  await page.getByRole('button', { name: 'Make a group' }).click();
  await page.getByRole('link', { name: 'Add your learners' }).click();
  const [eli, una] = [someName('Eli'), someName('Una')];
  await page.getByLabel('Names, one on each line').fill(`name\n${eli}\n${una}\nRuna\n${eli}\n`);
  await page.getByRole('button', { name: 'Check the list' }).click();
  const found = page.getByRole('list', { name: 'What is in the list' });
  await expect(found.getByRole('listitem').filter({ hasText: 'already in use' })).toContainText(
    'Runa',
  );
  await expect(found.getByText('is in the list twice')).toBeVisible();
  await page.getByRole('button', { name: 'Add 2 learners' }).click();
  const slip = page.getByRole('article').filter({ hasText: eli });
  const phrase = await slip.locator('.phrase').innerText();
  expect(phrase.split(' ').length).toBe(4);
  await expect(slip.locator('svg')).toBeVisible();
  await page.getByRole('button', { name: 'I have printed them' }).click();
  await expect(page.getByText('2 learners')).toBeVisible();

  const learner = await opened(browser);
  await learner.goto(`/sign-in?as=${encodeURIComponent(eli)}`);
  await learner.getByLabel('Passphrase').fill(phrase);
  await learner.getByRole('button', { name: 'Sign in', exact: true }).click();
  await learner.getByLabel('Your own passphrase').fill(PHRASE);
  await learner.getByRole('button', { name: 'Take this one' }).click();
  await expect(learner.getByRole('link', { name: `Account of ${eli}` })).toBeVisible();
  await expect(learner).toHaveURL(/\/log$/);
});

test('the pages of the table meet the accessibility rules, at 390 pixels too', async ({ page }) => {
  test.setTimeout(240_000);
  await enterAs(page, 'Runa');
  for (const [path, ready] of [
    ['/table', page.getByRole('rowheader', { name: 'Marit' })],
    ['/table/plan', page.getByText('cases learned')],
    ['/table/set', page.getByText('White corners on the clock')],
    ['/table/answers', page.getByRole('navigation', { name: 'What was handed in' })],
    ['/table/paper', page.getByRole('button', { name: 'Make it' })],
    ['/table/who', page.getByText('9 learners')],
    ['/table/board', page.getByRole('link', { name: 'Leave the board' })],
  ] as const) {
    await page.goto(path);
    await expect(ready.first()).toBeVisible({ timeout: 60_000 });
    await expectAccessible(page);
    await page.setViewportSize({ width: 390, height: 844 });
    const beyond = (): Promise<number> =>
      page.evaluate(
        () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
      );
    await expect.poll(beyond, { message: `${path} runs beyond the screen` }).toBeLessThanOrEqual(0);
    await page.setViewportSize({ width: 1280, height: 800 });
  }
  // A learner's side, in a browser where nobody is signed in.
  await page.context().clearCookies();
  await enterAs(page, 'Amalie');
  await page.goto('/table');
  await expect(page.getByRole('heading', { name: 'What you handed in' })).toBeVisible();
  await expectAccessible(page);
});
