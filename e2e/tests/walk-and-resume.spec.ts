import { expect, test } from './bench-page.js';
import { signInAs, signUp, someName } from './people.js';

test.beforeEach(async ({ bench }) => {
  await bench.open();
  await bench.enterTurns("F R2 U' L B2 D R' F2 U L2 B' D2 R");
});

test('a walk is where it was after a reload, and in another browser', async ({
  bench,
  page,
  browser,
}) => {
  const name = someName('Ragna');
  await signUp(page, name);
  await bench.open();
  await bench.walk();
  await bench.press('ArrowRight', 9);
  const count = page.locator('.count');
  const before = await count.textContent();
  await page.reload();
  await expect(count).toHaveText(before!);
  await bench.expectSaved();

  const elsewhere = await browser.newContext();
  const other = await elsewhere.newPage();
  // Nobody else sees it there; whoever it belongs to does.
  await other.goto(page.url());
  await expect(other.getByRole('alert')).toContainText('No cube is kept under this id');
  await signInAs(other, name);
  await other.goto(page.url());
  await expect(other.locator('.count')).toHaveText(before!);
  await elsewhere.close();
});

test('the painted cube is there after a reload too', async ({ bench, page }) => {
  const label = await bench.sticker(0).getAttribute('aria-label');
  await page.reload();
  await expect(bench.sticker(0)).toHaveAttribute('aria-label', label!);
});

test('steps, stages, play and the lines of a step', async ({ bench, page }) => {
  await page.emulateMedia({ reducedMotion: 'no-preference' });
  await bench.walk();
  await page.keyboard.press('ArrowDown');
  await expect(bench.words).toContainText('Step 2 of');
  await page.keyboard.press('ArrowUp');
  await expect(bench.words).toContainText('Step 1 of');
  await page.locator('sc-ridge button').nth(3).click();
  await expect(page.locator('sc-ridge button').nth(3)).toHaveAttribute('aria-current', 'step');
  // A walk begins with the cube turned over: white is up when it is entered, yellow for the daisy.
  await page.locator('sc-ridge button').nth(0).click();
  await expect(page.locator('dt')).toHaveText(['Find', 'Hold', 'Look', 'Turn', 'Why']);
  await expect(page.locator('.held')).toHaveText('white on top, green in front');
  await page.keyboard.press('ArrowRight');
  await expect(page.locator('.held')).toHaveText('yellow on top, green in front');
  await page.keyboard.press('ArrowLeft');

  await page.getByLabel('Seconds a turn').fill('0.4');
  const tiles = page.locator('sc-tile-row li[aria-current="step"]');
  await expect(tiles).toHaveCount(1);
  const count = await page.locator('.count').textContent();
  await page.getByRole('button', { name: 'Play' }).click();
  await expect(page.locator('.count')).not.toHaveText(count!);
  await page.getByRole('button', { name: 'Pause' }).click();
  await expect(page.getByRole('button', { name: 'Play' })).toBeVisible();
});

test('a finished stage is checked before going on', async ({ bench, page }) => {
  await bench.walk();
  await expect(async () => {
    await bench.press('ArrowRight');
    await expect(page.locator('.check')).toBeVisible({ timeout: 50 });
  }).toPass();
  await expect(page.locator('.check')).toContainText(
    'If yours does not look like this, do not go on',
  );
});

test('turns are written in the reader’s dialect', async ({ bench, page }) => {
  await bench.walk();
  await page.locator('sc-ridge button').nth(3).click();
  const turns = page.locator('dd.mono .turn');
  await expect(turns.filter({ hasText: "U'" }).first()).toBeVisible();
  await page.getByLabel('Turns written').selectOption('inverse');
  await expect(turns.filter({ hasText: 'Ui' }).first()).toBeVisible();
  await page.getByLabel('Turns written').selectOption('words');
  await expect(page.locator('sc-tile-row')).toContainText('right side, away from you');
});

test('another first colour plans anew from the cube in hand, and can be undone', async ({
  bench,
  page,
}) => {
  await bench.walk();
  await bench.press('ArrowRight', 5);
  const before = await page.locator('.count').textContent();
  await page.getByLabel('First colour').selectOption('blue');
  await expect(page.locator('sc-ridge')).toContainText('Blue cross');
  await expect(page.locator('.count')).toContainText('turn 0 of');
  // The offer to undo leaves the buttons free.
  await page.getByRole('button', { name: 'Next turn' }).click({ trial: true, timeout: 5000 });
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.locator('.count')).toHaveText(before!);
  await expect(page.locator('sc-ridge')).toContainText('White cross');
});

test.describe('without the server', () => {
  test.use({ expected: /Failed to load resource/ });

  test('the walk goes on, says it is not saved, and is saved once it is back', async ({
    bench,
    page,
  }) => {
    await page.route('**/api/**', (route) => route.abort('connectionrefused'));
    await bench.walk();
    await expect(page.locator('.keeping')).toContainText('The server cannot be reached');
    await bench.press('ArrowRight', 4);
    await expect(page.locator('.count')).not.toContainText('turn 0');
    await page.unroute('**/api/**');
    // Said again until it is heard: a request that is just failing is not listening yet.
    await expect(async () => {
      await page.evaluate(() => dispatchEvent(new Event('online')));
      await bench.expectSaved({ timeout: 1000 });
    }).toPass();
  });

  test('a walk that is not there is said to be gone', async ({ bench, page }) => {
    await page.goto('/bench/00000000-0000-4000-8000-000000000000');
    await expect(page.getByRole('alert')).toContainText('No cube is kept under this id');
    await page.getByRole('link', { name: 'Enter a cube' }).click();
    await expect(bench.crown).toBeVisible();
  });
});
