import { expect, test, type Page } from '@playwright/test';
import { enterAs } from './people.js';

/** Frames and timers come three tenths of a second late, as on a machine that has much to do. */
async function slowed(page: Page): Promise<void> {
  await page.addInitScript(() => {
    const LATE = 300;
    const frame = window.requestAnimationFrame.bind(window);
    const timer = window.setTimeout.bind(window);
    window.requestAnimationFrame = (then) => timer(() => frame(then), LATE);
    window.setTimeout = ((then: () => void, wait = 0, ...given: []) =>
      timer(then, wait + LATE, ...given)) as typeof window.setTimeout;
  });
}

interface HeldBack {
  /** Waits until something was asked whose answer is held back. */
  asked: () => Promise<void>;
  /** Lets the answers come, and waits until they have. */
  letCome: () => Promise<void>;
}

/** Answers to what `first` is in the address of are held back, to come after all others. */
async function heldBack(page: Page, path: RegExp, first: RegExp): Promise<HeldBack> {
  const late: (() => Promise<void>)[] = [];
  await page.route(path, async (route) => {
    if (route.request().method() !== 'GET' || !first.test(route.request().url())) {
      await route.continue();
      return;
    }
    const answer = await route.fetch();
    late.push(() => route.fulfill({ response: answer }).catch(() => undefined));
  });
  return {
    asked: () => expect.poll(() => late.length).toBeGreaterThan(0),
    letCome: async () => {
      for (const answer of late.splice(0)) await answer();
      await page.evaluate(() => new Promise((done) => setTimeout(done, 500)));
    },
  };
}

/** Enters, and waits until the log is there. */
async function enter(page: Page, name = 'Amalie'): Promise<void> {
  await slowed(page);
  await enterAs(page, name);
  // A coach comes to the table first.
  if (!page.url().endsWith('/log'))
    await page.getByRole('link', { name: 'Log', exact: true }).click();
  await expect(page.locator('.count, .empty')).toBeVisible();
}

test('the table, the facts and the charts of the log are those of the newest filter', async ({
  page,
}) => {
  await enter(page);
  const { asked, letCome } = await heldBack(page, /\/api\/log/, /outcome=unfinished/);
  const ended = page.getByLabel('Ended');
  await ended.selectOption({ label: 'not finished' });
  await asked();
  await ended.selectOption({ label: 'not counted' });
  const count = page.locator('.count');
  const rows = page.getByRole('row').filter({ hasText: 'not counted:' });
  await expect(rows.first()).toBeVisible();
  const [said, facts] = [await count.innerText(), await page.locator('.facts').innerText()];
  await letCome();
  expect(await count.innerText()).toBe(said);
  expect(await page.locator('.facts').innerText()).toBe(facts);
  await expect(page.getByText('not finished', { exact: true })).toHaveCount(1);

  await page.getByRole('radio', { name: 'Charts' }).click();
  await ended.selectOption({ label: 'not finished' });
  await asked();
  await ended.selectOption({ label: 'finished' });
  const plots = page.locator('sc-chart-frame .plot');
  await expect(plots.first()).toHaveAttribute('aria-label', /The median time of each stage/);
  const labels = async (): Promise<string[]> =>
    plots.evaluateAll((all) => all.map((one) => one.getAttribute('aria-label')!));
  await expect.poll(async () => (await labels()).length).toBe(4);
  const before = await labels();
  await letCome();
  expect(await labels()).toEqual(before);
});

test('days do not take the place of sessions that were asked for after them', async ({ page }) => {
  await enter(page);
  const { asked, letCome } = await heldBack(page, /\/api\/log\/groups/, /by=day/);
  await page.getByRole('radio', { name: 'Days and sessions' }).click();
  await page.getByRole('radio', { name: 'Days', exact: true }).click();
  await asked();
  await page.getByRole('radio', { name: 'Sessions', exact: true }).click();
  const first = page.locator('sc-log-groups .when').first();
  // A session is told with its clock, a day without.
  await expect(first).toContainText(/\d\d:\d\d/);
  await letCome();
  await expect(first).toContainText(/\d\d:\d\d/);
});

test('a page of saved cubes does not take the place of a later one, nor a walk of another', async ({
  page,
}) => {
  await enter(page, 'Runa');
  const { asked, letCome } = await heldBack(page, /\/api\/solves/, /page=1&|page=1$/);
  await page.getByRole('button', { name: 'Saved cubes' }).click();
  const drawer = page.getByRole('dialog', { name: 'Saved cubes' });
  await asked();
  await page.keyboard.press('Escape');
  await page.unroute(/\/api\/solves/);
  await page.getByRole('button', { name: 'Saved cubes' }).click();
  await expect(drawer.locator('.name').first()).toBeVisible();
  const names = await drawer.locator('.name').allInnerTexts();
  await letCome();
  expect(await drawer.locator('.name').allInnerTexts()).toEqual(names);
});

test('a review that was left does not take the place of the next', async ({ page }) => {
  await enter(page);
  const links = page.getByRole('link', { name: /^Review the solve/ });
  await expect(links.first()).toBeVisible();
  const [one, other] = await Promise.all(
    [0, 1].map(async (k) => (await links.nth(k).getAttribute('href'))!),
  );
  const entry = new RegExp(one!.split('/').at(-1)!);
  const { asked, letCome } = await heldBack(page, /\/api\/log\/entries/, entry);
  await links.first().click();
  await asked();
  await page.goBack();
  await page
    .getByRole('link', { name: /^Review the solve/ })
    .nth(1)
    .click();
  await expect(page).toHaveURL(new RegExp(other!));
  await expect(page.getByRole('heading', { name: 'Most worth learning' })).toBeVisible();
  const stages = await page.locator('sc-review-stages').innerText();
  await letCome();
  expect(await page.locator('sc-review-stages').innerText()).toBe(stages);
});

test('the times of before are those of what is timed', async ({ page }) => {
  await enter(page);
  const { asked, letCome } = await heldBack(page, /\/api\/log\?/, /kind=solve/);
  await page.goto('/timing');
  await asked();
  await page.locator('.set select').first().selectOption({ label: 'only White corners' });
  await expect(page.getByRole('heading', { name: 'This stage before' })).toBeVisible();
  const before = page.locator('sc-recent');
  await expect(before.getByText(/Typical|No times yet/)).toBeVisible();
  const said = await before.innerText();
  await letCome();
  expect(await before.innerText()).toBe(said);
});
