import { expect, test } from './bench-page.js';

test('six photographs by the simulated camera, one sticker in the glare of the lamp', async ({
  bench,
  page,
}) => {
  await bench.open();
  await page.getByRole('radio', { name: 'Photographs' }).click();
  await page.getByRole('textbox', { name: 'Seed' }).fill('x');
  await page.getByRole('button', { name: 'Simulated camera' }).click();
  await expect(page.getByRole('alert')).toContainText('The seed is a whole number');
  await page.getByRole('textbox', { name: 'Seed' }).fill('7');
  await page.getByRole('switch', { name: 'a lamp in one sticker' }).click();
  await page.getByRole('button', { name: 'Simulated camera' }).click();
  await page.getByRole('button', { name: 'Read the pictures' }).click();
  const question = page.locator('.question');
  await expect(question).toHaveCount(1);
  await expect(question).toContainText('Look again');
  const use = page.getByRole('button', { name: 'Put it on the picture' });
  await expect(use).toBeDisabled();
  await question.locator('.likely').click();
  await expect(page.getByText('All that was doubtful is confirmed.')).toBeVisible();
  await use.click();
  await expect(bench.verdict).toContainText('This is a whole cube');
  await bench.walk();
});

test('photographs from files are read too, and what is no picture is refused', async ({
  bench,
  page,
}) => {
  await bench.open();
  await page.getByRole('radio', { name: 'Photographs' }).click();
  // The simulated camera's pictures, saved as files and chosen all at once.
  await page.getByRole('button', { name: 'Simulated camera' }).click();
  await expect(page.locator('.slots img')).toHaveCount(6);
  const files = await page.locator('.slots img').evaluateAll((all) => {
    const written = all.map(async (one) => {
      const image = one as HTMLImageElement;
      await image.decode();
      const canvas = document.createElement('canvas');
      [canvas.width, canvas.height] = [image.naturalWidth, image.naturalHeight];
      canvas.getContext('2d')!.drawImage(image, 0, 0);
      return canvas.toDataURL('image/png').split(',')[1]!;
    });
    return Promise.all(written);
  });
  await page.getByRole('button', { name: 'Read the pictures' }).click();
  await expect(page.getByText('All 54 stickers are sure.')).toBeVisible();
  await page.getByRole('button', { name: 'Put it on the picture' }).click();
  await expect(bench.verdict).toContainText('This is a whole cube');
  const first = await bench.picture();

  await page.getByRole('radio', { name: 'Paint it' }).click();
  await page.getByRole('button', { name: 'Clear' }).click();
  await page.getByRole('radio', { name: 'Photographs' }).click();
  const field = page.getByLabel('Picture of the white side', { exact: true });
  await field.setInputFiles({
    name: 'notes.txt',
    mimeType: 'text/plain',
    buffer: Buffer.from('no'),
  });
  await expect(page.getByRole('alert')).toContainText('notes.txt is not a picture');
  await field.setInputFiles(
    files.map((text, k) => ({
      name: `side-${k}.png`,
      mimeType: 'image/png',
      buffer: Buffer.from(text, 'base64'),
    })),
  );
  await page.getByRole('button', { name: 'Read the pictures' }).click();
  await page.getByRole('button', { name: 'Put it on the picture' }).click();
  await expect(bench.verdict).toContainText('This is a whole cube');
  expect(await bench.picture()).toEqual(first);
});
