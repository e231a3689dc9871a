import { AxeBuilder } from '@axe-core/playwright';
import { expect, test } from './bench-page.js';

test('somebody who has never solved goes through the first pages, leaves, and goes on there', async ({
  bench,
  page,
}) => {
  await bench.open();
  const offer = page.getByRole('complementary', { name: 'First things' });
  await offer.getByRole('link', { name: 'Show me' }).click();
  await expect(page.getByRole('heading', { name: 'Three kinds of pieces' })).toBeVisible();
  const yes = page.getByText('Yes, that is it.');
  // What was asked is gone before the next is answered, or the answer goes to the question before.
  const goOn = async () => {
    await expect(yes).toBeVisible();
    await page.getByRole('button', { name: 'Go on' }).click();
    await expect(yes).toHaveCount(0);
  };
  const answers = page.getByRole('group', { name: 'Answers' });
  for (const sticker of [0, 1, 4]) {
    await page.locator(`[data-sticker="${sticker}"]`).click();
    await goOn();
  }
  await answers.getByRole('button', { name: 'green' }).click();
  await expect(page.getByText('Not that one.')).toBeVisible();
  await answers.getByRole('button', { name: 'blue' }).click();
  await goOn();
  await answers.getByRole('button', { name: 'orange' }).click();
  await goOn();
  await expect(page.getByRole('heading', { name: 'A side is not a layer' })).toBeVisible();
  const { violations } = await new AxeBuilder({ page }).analyze();
  expect(violations.map(({ id }) => id)).toEqual([]);

  // Left for the Bench, where it is not offered again; found again under Settings, at the same page.
  await page.getByRole('link', { name: /^Go to the Bench/ }).click();
  await expect(bench.crown).toBeVisible();
  await expect(offer).toHaveCount(0);
  await page.reload();
  await expect(bench.crown).toBeVisible();
  await expect(offer).toHaveCount(0);
  await page.getByRole('link', { name: 'Settings' }).click();
  await page.getByRole('link', { name: 'Open them' }).click();
  await expect(page.getByRole('heading', { name: 'A side is not a layer' })).toBeVisible();

  // To the last page by the ridge, and out at the end.
  await page.getByRole('button', { name: /^How a tile is read/ }).click();
  for (const turn of ['right side, away from you', 'top, to the right', 'front, to the right']) {
    await page.getByRole('button', { name: turn }).click();
    await goOn();
  }
  await page.getByRole('button', { name: 'The cross of the first layer' }).click();
  await goOn();
  await expect(page.getByText('That is all you need to begin.')).toBeVisible();
});
