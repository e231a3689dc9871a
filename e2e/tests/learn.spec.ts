import { expectAccessible } from './accessible.js';
import { expect, test } from './bench-page.js';
import { LearnPage } from './learn-page.js';
import { Device, readyForOffline } from './offline.js';
import { enterAs, signUp, someName } from './people.js';

const BAR = 'Two yellow edges up, across: the bar';
const CROSS = 'Yellow cross';
const DAY = 86_400_000;

test('a guest is shown first things, takes a first lesson, and finds two days later what is due', async ({
  bench,
  page,
}) => {
  const begun = new Date('2026-11-23T17:00:00');
  await page.clock.setSystemTime(begun);
  await bench.open();
  const offer = page.getByRole('complementary', { name: 'First things' });
  await offer.getByRole('link', { name: 'Show me' }).click();
  await expect(page.getByRole('heading', { name: 'Three kinds of pieces' })).toBeVisible();

  const learn = new LearnPage(page);
  await page.getByRole('link', { name: 'Learn', exact: true }).click();
  await learn.isReady();
  await expect(learn.today).toContainText('Nothing to repeat yet');
  await expect(learn.today).toContainText('One new thing');
  await expectAccessible(page);
  await learn.beginLesson(CROSS, BAR);
  const turns = await learn.tiles();
  expect(turns).toEqual(['F', 'R', 'U', "R'", "U'", "F'"]);
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Now together' }).click();
  await expect(page.getByText('Turn by turn')).toBeVisible();
  await learn.turnByKeys(['B']);
  await expect(page.getByText('Not that turn.')).toBeVisible();
  await learn.turnByKeys(turns);
  await page.getByRole('button', { name: 'Now alone' }).click();
  await expect(page.getByText('Do it from memory')).toBeVisible();
  await learn.turnByKeys(turns);
  await expect(page.getByText('Done alone.')).toBeVisible();

  // Left in the middle, and taken up again where it was left.
  await page.getByRole('button', { name: 'Now among others' }).click();
  await expect(page.getByText('Cube 1 of 4')).toBeVisible();
  await learn.open();
  await expect(learn.today).toContainText('in the middle of a lesson');
  await learn.today.getByRole('link', { name: BAR }).click();
  for (let cube = 1; cube <= 4; cube++) {
    await expect(page.getByText(`Cube ${cube} of 4`)).toBeVisible();
    await learn.answerAny();
    await page.getByRole('button', { name: cube < 4 ? 'Next cube' : 'Finish lesson' }).click();
  }
  await learn.isReady();
  await page.getByRole('button', { name: new RegExp(`^${CROSS}`) }).click();
  const line = page.locator('.cases li').filter({ hasText: BAR });
  await expect(line.locator('.grasp')).toHaveText('known');

  await page.clock.setSystemTime(new Date(begun.getTime() + 2 * DAY));
  await page.reload();
  await learn.isReady();
  await expect(learn.today).toContainText(/\d cards? to repeat/);
  await learn.today.getByRole('link', { name: 'minutes of practice' }).click();
  await expect(page.getByText('Time to repeat this one.')).toBeVisible();
});

test('with the simulated cube only: a lesson together and alone, then a sequence from memory', async ({
  page,
}) => {
  const learn = new LearnPage(page);
  await learn.open();
  await learn.beginLesson(CROSS, BAR);
  const turns = await learn.tiles();
  await page.getByRole('button', { name: 'Now together' }).click();
  await page.getByRole('button', { name: 'Connect the simulated cube' }).click();
  await learn.turnTheCube(turns);
  await page.getByRole('button', { name: 'Now alone' }).click();
  await expect(page.getByText('Do it from memory')).toBeVisible();
  await learn.turnTheCube(turns);
  await expect(page.getByText('Done alone.')).toBeVisible();

  await page.goto('/learn/practice?kind=turn');
  await page.getByRole('button', { name: 'Connect the simulated cube' }).click();
  await learn.turnTheCube([turns[0]!, 'D']);
  await expect(page.getByText(/turn 2\b/i)).toBeVisible();
  await expect(page.getByText('The way back:')).toBeVisible();
  await page.getByRole('button', { name: 'Next' }).click();
  await expect(page.getByText('Nothing turned yet')).toBeVisible();
  await learn.turnTheCube(turns);
  await expect(page.getByText(/^Right, in/)).toBeVisible();
});

test('with the keyboard only: from the path to cards, answers and back', async ({ page }) => {
  const learn = new LearnPage(page);
  await learn.open();
  const focusOn = async (name: string): Promise<void> => {
    for (let tabs = 0; tabs < 80; tabs++) {
      await page.keyboard.press('Tab');
      const text = await page.evaluate(() => document.activeElement?.textContent.trim() ?? '');
      if (text === name) return;
    }
    throw new Error(`${name} cannot be reached`);
  };
  await focusOn('See');
  await page.keyboard.press('Enter');
  await learn.answerAny();
  await page.keyboard.press('Enter');
  await learn.answerAny();
  await expect(page.getByText('2 answers')).toBeVisible();
  await page.goto('/learn/practice?kind=read');
  await expect(page.getByRole('heading', { name: 'Which way does this letter go?' })).toBeVisible();
  await page.keyboard.press('2');
  await expect(page.getByText('Imagine a clock')).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(page.getByText('Imagine a clock')).toHaveCount(0);
});

test('without a network: practised, kept over a closed browser, and told once it is back', async ({
  baseURL,
}) => {
  const here = await Device.open(baseURL!);
  try {
    await signUp(here.page, someName('Aud'));
    const learn = new LearnPage(here.page);
    await learn.open();
    await readyForOffline(here.page);
    await here.offline();
    await here.page.getByRole('link', { name: 'See', exact: true }).click();
    await learn.answerAny();
    await expect(here.page.getByText('1 answer', { exact: true })).toBeVisible();
    await here.reopenOffline();
    await here.page.goto('/learn/known');
    await expect(here.page.getByText('1 answer in all')).toBeVisible();
    await here.online();
    const kept = (): Promise<number> =>
      here.page.evaluate(async () => {
        const answer = await fetch('/api/practice/reviews');
        return ((await answer.json()) as { items: unknown[] }).items.length;
      });
    // Where the first try came too early, the next is a while later.
    await expect.poll(kept, { timeout: 70_000 }).toBe(1);
  } finally {
    await here.close();
  }
});

test('what one knows, plans, patterns and looks meet the accessibility rules', async ({ page }) => {
  await enterAs(page, 'Nils');
  const learn = new LearnPage(page);
  await learn.open();
  await page.getByRole('link', { name: 'What I know' }).click();
  await expect(page.getByRole('heading', { name: 'Mixed up' })).toBeVisible();
  await expect(page.getByText('answers in all')).toBeVisible();
  await expectAccessible(page);

  await page.goto('/learn/plan');
  await expect(page.getByText('to look')).toBeVisible();
  await page.keyboard.press('f');
  await page.getByRole('button', { name: 'That is my plan' }).click();
  await expect(page.getByText('The fewest there are')).toBeVisible();
  await expectAccessible(page);

  await page.goto('/learn/patterns');
  await page.getByRole('button', { name: 'Ice floes' }).click();
  await page.getByRole('button', { name: 'Share' }).click();
  await expect(page.getByRole('img', { name: 'QR code' })).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Paint one' }).click();
  await page.locator('.painting [data-sticker="0"]').click();
  await page.getByRole('button', { name: 'Is it possible?' }).click();
  await expect(page.getByText('it is the solved cube')).toBeVisible();
  await expectAccessible(page);

  await page.goto('/learn/practice?kind=see');
  await learn.answerAny();
  await expectAccessible(page);
  await page.goto('/learn/practice?kind=both');
  await page.getByRole('button', { name: 'It looks like that: go' }).click();
  await page.getByRole('button', { name: 'I am done' }).click();
  await expect(page.getByText('Sticker 1 of')).toBeVisible();
  await expectAccessible(page);
});
