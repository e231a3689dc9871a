import { expect, test } from './bench-page.js';
import { enterAs } from './people.js';

test('saved cubes are reopened, renamed, deleted and brought back', async ({ bench, page }) => {
  await bench.open();
  await bench.enterTurns("L2 U R' D2 F B' U2 R");
  await bench.walk();
  await bench.press('ArrowRight', 6);
  await bench.expectSaved();
  const count = await page.locator('.count').textContent();
  const made = await page.locator('h1').textContent();
  const name = `Cube of journey ${page.url().slice(-12)}`;

  await page.keyboard.press('s');
  const drawer = page.getByRole('dialog');
  // Other journeys save cubes of the same minute: this one is the one that is open.
  const row = drawer.locator('li.open');
  await expect(row).toContainText(made!);
  await row.getByRole('button', { name: /^Rename/ }).click();
  await row.getByLabel('New name').fill(name);
  await row.getByLabel('New name').press('Enter');
  await expect(row.getByRole('button', { name, exact: true })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.locator('h1')).toHaveText(name);

  await page.getByRole('button', { name: 'Another cube' }).click();
  await page.keyboard.press('s');
  await drawer.getByRole('button', { name, exact: true }).click();
  await expect(page.locator('.count')).toHaveText(count!);

  await page.keyboard.press('s');
  await drawer.getByRole('button', { name: `Delete ${name}` }).click();
  await expect(drawer.getByRole('button', { name, exact: true })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(drawer.getByRole('button', { name, exact: true })).toBeVisible();
});

test('the demo’s cubes are in the drawer, each at its own stage', async ({ bench, page }) => {
  await enterAs(page, 'Runa');
  await bench.open();
  await page.getByRole('button', { name: 'Saved cubes' }).click();
  const drawer = page.getByRole('dialog');
  await expect(async () => {
    const older = drawer.getByRole('button', { name: 'Older' });
    if ((await older.isVisible()) && (await older.isEnabled())) await older.click();
    await expect(drawer.getByText('Runa shows the whole walk')).toBeVisible({ timeout: 500 });
  }).toPass();
  await drawer.getByText('Runa shows the whole walk').click();
  await expect(page.getByRole('heading', { name: 'Solved.' })).toBeVisible();
});

test.describe('when the server does not answer', () => {
  test.use({ expected: /Failed to load resource/ });

  test('the drawer says so and can try again', async ({ bench, page }) => {
    await enterAs(page, 'Runa');
    await page.route('**/api/solves?*', (route) => route.abort('connectionrefused'));
    await bench.open();
    await page.keyboard.press('s');
    await expect(page.getByRole('alert')).toContainText('cannot be reached');
    await page.unroute('**/api/solves?*');
    await page.getByRole('button', { name: 'Try again' }).click();
    await expect(page.getByRole('dialog').locator('li').first()).toBeVisible();
  });
});
