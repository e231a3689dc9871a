import type { Page } from '@playwright/test';
import { expectAccessible } from './accessible.js';
import { expect, test } from './bench-page.js';
import { LearnPage } from './learn-page.js';
import { enterAs } from './people.js';
import { TimingPage } from './timing-page.js';

async function expectNothingBeside(page: Page): Promise<void> {
  const [content, window] = await page.evaluate(() => [
    document.documentElement.scrollWidth,
    document.documentElement.clientWidth,
  ]);
  expect(content).toBeLessThanOrEqual(window);
}

test('every state meets the accessibility rules', async ({ bench, page }) => {
  await bench.open();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Start from solved' }).click();
  await bench.brush('red').click();
  await bench.sticker(7).click();
  await expectAccessible(page);
  await bench.enterTurns('R U F');
  await expectAccessible(page);
  await bench.walk();
  await expectAccessible(page);
  await page.keyboard.press('?');
  await expect(page.getByRole('heading', { name: 'Keyboard shortcuts' })).toBeVisible();
  await expectAccessible(page);
  await page.keyboard.press('Escape');
  await page.keyboard.press('s');
  await expect(page.getByRole('dialog').locator('li').first()).toBeVisible();
  await expectAccessible(page);
  await page.keyboard.press('Escape');
  await page.getByRole('link', { name: 'Settings' }).click();
  await expect(page.getByRole('heading', { name: 'Sticker colours' })).toBeVisible();
  await expectAccessible(page);
});

test('telling, slips and reading from afar meet them too', async ({ bench, page }) => {
  await bench.open();
  await page.getByRole('button', { name: 'Clear' }).click();
  await page.getByRole('radio', { name: 'Ask me' }).click();
  await expect(page.locator('sc-guided-entry .asked')).toContainText('row 1, column 1');
  await page.keyboard.type('wwr');
  await expect(page.locator('sc-guided-entry .asked')).toContainText('row 2, column 1');
  await expectAccessible(page);
  await page.getByRole('radio', { name: 'Photographs' }).click();
  await page.getByRole('button', { name: 'Simulated camera' }).click();
  await page.getByRole('button', { name: 'Read the pictures' }).click();
  await expect(page.getByText('All 54 stickers are sure.')).toBeVisible();
  await expectAccessible(page);
  await bench.enterTurns('R U F');
  await bench.walk();
  await page.getByRole('button', { name: 'Large view' }).click();
  await page.getByRole('button', { name: 'Settings for this view' }).click();
  await expect(page.getByRole('button', { name: /Foot pedal/ })).toBeVisible();
  await expectAccessible(page);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Connect a cube' }).click();
  await page.getByRole('button', { name: 'white side clockwise' }).click();
  await page.getByRole('button', { name: 'What slipped?' }).click();
  await expect(page.getByRole('heading', { name: /^Ways back/ })).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Back to the walk' }).click();
  await page.getByRole('button', { name: 'Disconnect' }).click();
});

test('cases, methods and the Workshop meet them too', async ({ bench, page }) => {
  await bench.open();
  await page.getByRole('link', { name: 'Cases' }).click();
  await expect(page.locator('.chance').first()).toBeVisible({ timeout: 60_000 });
  await page.getByRole('button', { name: 'Give me turns' }).click();
  await expect(page.locator('.set-up .turns')).toBeVisible();
  await expectAccessible(page);
  await page.locator('sc-cases [data-sticker="0"]').click();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Print' }).click();
  await expect(page.getByRole('dialog')).toBeVisible();
  await expectAccessible(page);
  await page.keyboard.press('Escape');

  await page.getByRole('link', { name: 'Methods' }).click();
  await expect(page.getByRole('row', { name: /^Turns, mean/ })).toContainText('116.9', {
    timeout: 60_000,
  });
  await page.getByRole('button', { name: 'Build a mix' }).click();
  await expectAccessible(page);

  await page.getByRole('link', { name: 'Workshop' }).click();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Copy and change Gentle' }).click();
  await page.getByRole('button', { name: /^Corner places/ }).click();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Make it my own' }).click();
  await expect(page.locator('sc-proof-panel')).toContainText('Solves all 324');
  await expectAccessible(page);
  await page.getByLabel('Sequence').fill('R U');
  await expect(page.locator('sc-proof-panel')).toContainText('goes wrong here');
  await expectAccessible(page);
});

test('signing in, timing, the log and reviews meet them too', async ({ page }) => {
  await page.goto('/sign-in');
  await page.getByRole('radio', { name: 'I am new here' }).click();
  await expectAccessible(page);
  await enterAs(page, 'Amalie');
  await expect(page.locator('sc-log-line').first()).toContainText('Solve');
  await expectAccessible(page);
  await page.getByRole('checkbox').first().check();
  await expectAccessible(page);
  await page
    .getByRole('button', { name: /^Change the record/ })
    .first()
    .click();
  await expect(page.getByRole('button', { name: 'Keep the changes' })).toBeVisible();
  await expectAccessible(page);
  await page.keyboard.press('Escape');
  await page.getByRole('radio', { name: 'Charts' }).click();
  await expect(page.locator('canvas')).toHaveCount(4);
  await page.getByText('As a table').first().click();
  await expectAccessible(page);
  await page.getByRole('radio', { name: 'Days and sessions' }).click();
  await expect(page.locator('sc-log-groups .line').first()).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Import' }).click();
  await page.locator('input[type=file]').setInputFiles({
    name: 'solves.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('when,seconds\n2026-11-01T10:00:00Z,60\nyesterday,60'),
  });
  await expect(page.getByText('1 record can be read, 1 cannot.')).toBeVisible();
  await expectAccessible(page);
  await page.keyboard.press('Escape');
  await page.getByRole('radio', { name: 'Records' }).click();
  await page
    .getByRole('link', { name: /^Review the solve/ })
    .first()
    .click();
  await expect(page.getByRole('heading', { name: 'Most worth learning' })).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('link', { name: 'Account of Amalie' }).click();
  await expect(page.getByRole('link', { name: 'Your group' })).toBeVisible();
  await expectAccessible(page);
  const timing = new TimingPage(page);
  await timing.open();
  await timing.connectTable();
  await expectAccessible(page);
  await page.keyboard.press('Enter');
  await timing.startByTable();
  await expectAccessible(page);
  await timing.stopByTable();
  await expect(timing.after).toContainText('in the log');
  await expectAccessible(page);
  await timing.after.getByRole('button', { name: 'Delete' }).click();
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('timing, the log and a review lose nothing beside the screen', async ({ page }) => {
    await enterAs(page, 'Nils');
    await expect(page.locator('sc-log-line').first()).toBeVisible();
    await expectNothingBeside(page);
    await page.getByRole('radio', { name: 'Charts' }).click();
    await expect(page.locator('canvas')).toHaveCount(4);
    await expectNothingBeside(page);
    await page.getByRole('radio', { name: 'Records' }).click();
    await page
      .getByRole('link', { name: /^Review the solve/ })
      .first()
      .click();
    await expect(page.getByRole('heading', { name: 'Most worth learning' })).toBeVisible();
    await expectNothingBeside(page);
    const timing = new TimingPage(page);
    await timing.open();
    await expectNothingBeside(page);
  });

  test('hands find the pads where they were once the clock runs', async ({ page }) => {
    const timing = new TimingPage(page);
    await timing.open();
    await page.getByLabel('Look beforehand').selectOption('none');
    await page.evaluate(() => scrollTo(0, 100));
    const pad = page.locator('.pad').first();
    await expect(pad).toBeInViewport({ ratio: 1 });
    const before = await pad.boundingBox();
    await timing.hands('down');
    await expect(timing.says).toHaveText('Let go to start');
    await timing.hands('up');
    await expect(timing.says).toContainText('Daisy');
    expect(await pad.boundingBox()).toEqual(before);
  });
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('a cube is painted by touch and walked, with nothing lost beside the screen', async ({
    bench,
    page,
  }) => {
    await bench.open();
    await expectNothingBeside(page);
    await page.getByRole('button', { name: 'Start from solved' }).tap();
    await bench.brush('red').tap();
    await bench.sticker(0).tap();
    await expect(bench.sticker(0)).toHaveAccessibleName(/red$/);
    await page.getByRole('button', { name: 'Undo' }).tap();
    await page.getByRole('button', { name: 'Mix one for me' }).tap();
    await bench.walk();
    await expectNothingBeside(page);
    await bench.holdAsTold();
    await page.getByRole('button', { name: 'Next turn' }).tap();
    await expect(page.locator('.count')).toContainText('turn 1 of');
    await expect(page.locator('sc-cube-view canvas')).toBeAttached();
  });
});

test.describe('the new views on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('have nothing beside the screen', async ({ bench, page }) => {
    await bench.open();
    await page.getByRole('link', { name: 'Cases' }).tap();
    await expect(page.locator('[data-case]').first()).toBeVisible();
    await expectNothingBeside(page);
    await page.getByRole('link', { name: 'Methods' }).tap();
    await expect(page.getByRole('row', { name: /^Cases to know/ })).toBeVisible();
    await expectNothingBeside(page);
    await page.getByRole('link', { name: 'Workshop' }).tap();
    await page.getByRole('button', { name: 'Copy and change Gentle' }).tap();
    await page.getByRole('button', { name: /^Corner places/ }).tap();
    await page.getByRole('button', { name: 'Make it my own' }).tap();
    await expectNothingBeside(page);
  });

  test('of Learn have nothing beside the screen, nor with text at twice its size', async ({
    page,
  }) => {
    const bothSizes = async (): Promise<void> => {
      await expectNothingBeside(page);
      await page.addStyleTag({ content: 'html { font-size: 200% }' });
      await expectNothingBeside(page);
    };
    const learn = new LearnPage(page);
    await learn.open();
    await bothSizes();
    await page.goto('/learn/lesson?case=ycross-repeat/bar');
    await expect(page.getByRole('button', { name: 'Now together' })).toBeVisible();
    await bothSizes();
    await page.goto('/learn/practice?kind=both');
    await page.getByRole('button', { name: 'It looks like that: go' }).tap();
    await page.getByRole('button', { name: 'I am done' }).tap();
    await expect(page.getByText('Sticker 1 of')).toBeVisible();
    await bothSizes();
    await page.goto('/learn/plan');
    await page.getByRole('button', { name: 'That is my plan' }).tap();
    await expect(page.getByText('The fewest there are')).toBeVisible();
    await bothSizes();
    await page.goto('/learn/patterns');
    await page.getByRole('button', { name: 'Paint one' }).tap();
    await bothSizes();
    await page.goto('/learn/known');
    await expect(page.getByText('Nothing practised yet')).toBeVisible();
    await bothSizes();
  });
});

test('text at twice its size pushes nothing off the screen', async ({ bench, page }) => {
  await bench.open();
  await page.addStyleTag({ content: 'html { font-size: 200% }' });
  await expectNothingBeside(page);
  await bench.enterTurns('R U F');
  await bench.walk();
  await expectNothingBeside(page);
  await expect(page.getByRole('button', { name: 'Next turn' })).toBeInViewport();
});

test.describe('zoomed to twice its size', () => {
  // What a window of 1280×800 holds then.
  test.use({ viewport: { width: 640, height: 400 } });

  test('everything can still be reached, and nothing lies beside the screen', async ({
    bench,
    page,
  }) => {
    await bench.open();
    await expectNothingBeside(page);
    await bench.enterTurns('R U F');
    await bench.walk();
    await expectNothingBeside(page);
    await bench.holdAsTold();
    await page.getByRole('button', { name: 'Next turn' }).click();
    await expect(page.locator('.count')).toContainText('turn 1 of');
    await expect(page.locator('dt').last()).toHaveText('Why');
  });
});

test('settings: letters, theme, single keys off', async ({ bench, page }) => {
  await bench.open();
  await page.keyboard.press('l');
  await expect(bench.crown.locator('.letter')).toHaveCount(6);
  await page.keyboard.press('n');
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'night');
  await page.getByRole('link', { name: 'Settings' }).click();
  await page.getByRole('switch', { name: /Keyboard shortcuts/ }).click();
  await page.getByRole('link', { name: 'Bench' }).click();
  await page.keyboard.press('l');
  await expect(bench.crown.locator('.letter')).toHaveCount(6);
  await page.reload();
  await expect(bench.crown.locator('.letter')).toHaveCount(6);
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'night');
});
