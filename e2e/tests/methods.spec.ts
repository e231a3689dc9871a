import { readFile } from 'node:fs/promises';
import { expect, test } from './bench-page.js';

test('two methods compared, a mix built, a sequence broken and mended, saved and used', async ({
  bench,
  page,
}) => {
  await bench.open();
  await page.getByRole('link', { name: 'Methods' }).click();
  await page.getByLabel('Method 2').selectOption('front-right');
  const mean = page.getByRole('row', { name: /^Turns, mean/ });
  await expect(mean.getByRole('cell').nth(0)).toContainText('145.9', { timeout: 60_000 });
  await expect(mean.getByRole('cell').nth(1)).toContainText('112.2', { timeout: 60_000 });
  await expect(mean.getByRole('cell').nth(1)).toContainText('−33.7');
  await expect(page.locator('sc-method-ridges svg').first()).toBeVisible();

  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'CSV' }).click();
  const csv = await readFile(await (await saved).path(), 'utf8');
  expect(csv.split('\r\n')[0]).toContain('Front right: one hold for most of it');
  expect(csv).toContain('"Turns, mean",145.9,112.2');

  // A mix: the first method with other corners.
  await page.getByRole('button', { name: 'Build a mix' }).click();
  const mix = page.getByRole('region', { name: 'Build a mix' });
  await mix.getByLabel('White corners').selectOption('corners-three');
  await expect(mix.getByLabel('Middle edges').locator('option')).toHaveCount(4);
  await mix.getByRole('button', { name: 'Compare this mix' }).click();
  await expect(mean.getByRole('cell').nth(2)).toContainText('138.8', { timeout: 60_000 });
  await expect(mean.getByRole('cell').nth(2)).toContainText('−7.1');

  // In the Workshop: one approach made one's own, broken, seen failing, mended.
  await page.getByRole('button', { name: 'Change it …' }).nth(2).click();
  await page.getByRole('button', { name: /^Yellow cross/ }).click();
  await page.getByRole('button', { name: 'Make it my own' }).click();
  const proof = page.locator('sc-proof-panel');
  await expect(proof).toContainText('Solves all 62,208');
  await page.getByRole('button', { name: 'Two yellow edges up, across: the bar' }).click();
  await expect(page.getByLabel('Title')).toHaveValue('Two {opposite} edges up, across: the bar');
  await page.getByLabel('Sequence').fill("F R U R' U'");
  await expect(proof).toContainText('Fails on');
  await expect(proof).toContainText('goes wrong here');
  await expect(proof.locator('canvas')).toBeVisible();
  await proof.getByRole('button', { name: 'Next turn' }).click();
  await expect(proof).toContainText(/turn [1-9]/);
  await page.getByLabel('Sequence').fill("F R U R' U' F'");
  await expect(proof).toContainText('Solves all 62,208');

  await page.getByRole('textbox', { name: 'Method', exact: true }).fill('Skarvik on Thursdays');
  await page.getByRole('textbox', { name: 'Method', exact: true }).press('Tab');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Saved', exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Use this method' }).click();

  await page.getByRole('link', { name: 'Bench' }).click();
  await expect(page.getByLabel('Method')).toHaveValue('skarvik-on-thursdays');
  await bench.enterTurns("F R2 U' L B2 D R' F2 U L2 B' D2 R");
  await bench.walk();
  await bench.expectSaved();
  await page.reload();
  await expect(page.getByLabel('Method')).toHaveValue('skarvik-on-thursdays');
  await bench.walkToEnd('ArrowDown');

  // And it is there for others, on the server.
  await page.evaluate(() => localStorage.clear());
  await page.goto('/workshop');
  await page.getByRole('button', { name: 'Skarvik on Thursdays' }).click();
  await page.getByRole('button', { name: 'Delete' }).click();
  await page.locator('mat-snack-bar-container').getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: 'Saved', exact: true })).toBeVisible();
});

test('a method that fails is not set in use without a plain warning', async ({ bench, page }) => {
  await bench.open();
  await page.getByRole('link', { name: 'Workshop' }).click();
  await page.getByRole('button', { name: 'Copy and change Front right' }).click();
  await page.getByRole('button', { name: /^Last edges/ }).click();
  await page.getByRole('button', { name: 'Start with an empty one' }).click();
  await expect(page.locator('sc-proof-panel')).toContainText('Fails on');
  await page.getByRole('button', { name: 'Use this method' }).click();
  await expect(page.getByRole('dialog')).toContainText('Some cubes are not solved by it');
  await page.getByRole('button', { name: 'Keep the method I have' }).click();
  await page.getByRole('link', { name: 'Settings' }).click();
  await expect(page.getByRole('heading', { name: 'Sticker colours' })).toBeVisible();
  await expect(page.getByLabel('Method')).toHaveValue('gentle');
});

test('an own approach is painted from nothing until it is proved', async ({ bench, page }) => {
  await bench.open();
  await page.getByRole('link', { name: 'Workshop' }).click();
  await page.getByRole('button', { name: 'Copy and change Front right' }).click();
  await page.getByRole('button', { name: /^Yellow cross/ }).click();
  await page.getByRole('button', { name: 'Start with an empty one' }).click();
  // One sequence from any hold never ends when the angle is held wrongly …
  await page.getByLabel('Sequence').fill("F R U R' U' F'");
  const proof = page.locator('sc-proof-panel');
  await expect(proof).toContainText('Fails on');
  // … so a better case is painted: two edges up, held at the back and the left.
  const sequence = page.getByLabel('Sequence');
  await page.getByRole('button', { name: 'Add a case' }).click();
  await expect(sequence).toHaveValue('');
  await sequence.fill("F U R U' R' F'");
  await page.getByLabel('Order, low first').fill('0');
  await page.getByRole('button', { name: 'yellow', exact: true }).click();
  const sticker = (number: number) => page.locator(`sc-case-form [data-sticker="${number}"]`);
  await sticker(1).click();
  await sticker(3).click();
  await page.getByRole('button', { name: 'not yellow' }).click();
  await sticker(5).click();
  await sticker(7).click();
  await page.getByRole('button', { name: 'New case' }).first().click();
  await expect(sequence).toHaveValue("F R U R' U' F'");
  // The bar is held from left to right; the dot any way.
  await page.getByRole('button', { name: 'yellow', exact: true }).click();
  await sticker(3).click();
  await sticker(5).click();
  await page.getByRole('button', { name: 'Add a case' }).click();
  await expect(sequence).toHaveValue('');
  await sequence.fill("F R U R' U' F'");
  await page.getByLabel('Order, low first').fill('2');
  await expect(proof).toContainText('Solves all 62,208');
});

test('a method leaves as a file and comes back the same', async ({ bench, page }) => {
  await bench.open();
  await page.getByRole('link', { name: 'Workshop' }).click();
  await page.getByRole('button', { name: 'Copy and change Five beat' }).click();
  await page.getByRole('button', { name: /^Corner places/ }).click();
  await page.getByRole('button', { name: 'Make it my own' }).click();
  const exported = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export' }).click();
  const path = await (await exported).path();
  await page.reload();
  await page.getByLabel('Import a method').setInputFiles(path);
  await page.getByRole('button', { name: /^Corner places/ }).click();
  await expect(page.getByLabel('Sequence')).toHaveValue("U R U' L' U R' U' L");
  const broken = (await readFile(path, 'utf8')).replace('"corner-places"', '"corner-twists"');
  await page
    .getByLabel('Import a method')
    .setInputFiles({ name: 'odd.json', mimeType: 'application/json', buffer: Buffer.from(broken) });
  await expect(page.getByRole('alert')).toContainText('Not imported. odd.json');
  await expect(page.getByLabel('Sequence')).toHaveValue("U R U' L' U R' U' L");
});
