import { readFile } from 'node:fs/promises';
import { expect, test } from './bench-page.js';

const COLOURS = ['white', 'red', 'green', 'yellow', 'orange', 'blue'];

test('a cube typed as turns is painted sticker by sticker as it looks, then walked to solved', async ({
  bench,
  page,
}) => {
  await bench.open();
  // What the picture of some turns looks like is read off, and then painted by hand from scratch.
  await bench.enterTurns("R U F2 D' L");
  const colours = await bench.crown
    .locator('[data-sticker]')
    .evaluateAll((all) => all.map((one) => one.getAttribute('aria-label')!.split(': ')[1]!));
  expect(new Set(colours).size).toBe(6);
  await page.getByRole('radio', { name: 'Paint it' }).click();
  await page.getByRole('button', { name: 'Clear' }).click();
  await expect(bench.verdict).toContainText('48 stickers to paint');
  await expect(bench.walkButton).toBeDisabled();

  for (const colour of COLOURS) {
    await bench.brush(colour).click();
    for (const [sticker, wanted] of colours.entries()) {
      if (sticker % 9 !== 4 && wanted === colour) await bench.sticker(sticker).click();
    }
    await expect(bench.brush(colour)).toHaveAccessibleName(`${colour}, 0 left`);
  }
  await expect(bench.verdict).toContainText('This is a whole cube');

  await bench.walk();
  await bench.expectSaved();
  await expect(bench.words).toContainText('Look');
  await expect(bench.words).toContainText('Why');
  await expect(page.locator('sc-cube-view canvas')).toBeVisible();
  // Turn by turn at first, then step by step.
  await bench.press('ArrowRight', 30);
  await expect(page.locator('.count')).toContainText(/turn [1-9]\d of/);
  expect(await bench.walkToEnd('ArrowDown')).toBeGreaterThan(5);
  const rises = page.locator('sc-ridge button');
  await expect(rises).toHaveCount(8);
  for (const rise of await rises.all()) await expect(rise).toHaveAccessibleName(/done$/);
});

test('a cube is entered by keys alone, without a mouse', async ({ bench, page }) => {
  await bench.open();
  await bench.sticker(0).focus();
  await page.keyboard.type(
    'wwwwwwww' + 'gggggggg' + 'rrrrrrrr' + 'bbbbbbbb' + 'oooooooo' + 'yyyyyyyy',
  );
  await expect(bench.verdict).toContainText('It is solved already');
  await page.keyboard.press('Control+z');
  // What was typed last followed from all before it: it stays, marked as such.
  await expect(bench.sticker(35)).toHaveAccessibleName(/yellow, follows from the others$/);
  await page.keyboard.press('Control+Shift+z');
  await expect(bench.sticker(35)).toHaveAccessibleName(/yellow$/);
  await expect(bench.walkButton).toBeEnabled();
  await bench.walkButton.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Solved.' })).toBeVisible();
});

test('a sweep paints what it passes and is undone at once', async ({ bench, page }) => {
  await bench.open();
  await bench.brush('green').click();
  const middle = async (sticker: number) => {
    const box = (await bench.sticker(sticker).boundingBox())!;
    return [box.x + box.width / 2, box.y + box.height / 2] as const;
  };
  await page.mouse.move(...(await middle(0)));
  await page.mouse.down();
  await page.mouse.move(...(await middle(2)), { steps: 12 });
  await page.mouse.up();
  for (const sticker of [0, 1, 2])
    await expect(bench.sticker(sticker)).toHaveAccessibleName(/green$/);
  await page.getByRole('button', { name: 'Undo' }).click();
  for (const sticker of [0, 1, 2])
    await expect(bench.sticker(sticker)).toHaveAccessibleName(/not painted$/);
});

test('what is wrong is said at once, marked, and nothing is cleared', async ({ bench, page }) => {
  await bench.open();
  await page.getByRole('button', { name: 'Start from solved' }).click();
  // The white-green edge flipped in its place.
  await bench.brush('green').click();
  await bench.sticker(7).click();
  await expect(bench.verdict).toContainText('wrong sticker: top, row 3, column 2 (the white side)');
  await bench.brush('white').click();
  await bench.sticker(19).click();
  await expect(bench.verdict).toContainText('One edge is in the wrong way up');
  await expect(bench.verdict).toContainText('white-green');
  await expect(bench.crown.locator('.mark:not(.under)')).toHaveCount(2);
  await expect(bench.walkButton).toBeDisabled();
  await expect(bench.sticker(7)).toHaveAccessibleName(/green$/);
  // Mended in place.
  await bench.sticker(7).click();
  await bench.brush('green').click();
  await bench.sticker(19).click();
  await expect(bench.verdict).toContainText('whole cube');
  await expect(bench.crown.locator('.mark')).toHaveCount(0);
});

test('mistyped turns are told where, and the picture stays', async ({ bench, page }) => {
  await bench.open();
  await bench.enterTurns("(R U R' U')2");
  const before = await bench.sticker(0).getAttribute('aria-label');
  await page.getByLabel('Turns from a solved cube').fill('R U K2 F');
  await expect(page.getByText('“K2” at character 5')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Put these turns' })).toBeDisabled();
  await expect(bench.sticker(0)).toHaveAttribute('aria-label', before!);
});

test('a cube is saved as a document and opened again; a bad one is refused whole', async ({
  bench,
  page,
}) => {
  await bench.open();
  await bench.enterTurns('R2 U F');
  const painted = await bench.sticker(0).getAttribute('aria-label');
  await page.getByRole('radio', { name: 'Open a file' }).click();
  const saving = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save the picture as one' }).click();
  const path = await (await saving).path();
  const text = await readFile(path, 'utf8');
  expect(JSON.parse(text)).toMatchObject({ format: 'sleetcrest/cube@1' });

  const chooser = page.getByLabel('Cube or walkthrough', { exact: true });
  const bad = text.replace('"white"', '"pink"');
  await chooser.setInputFiles({
    name: 'bad.json',
    mimeType: 'application/json',
    buffer: Buffer.from(bad),
  });
  await expect(page.getByRole('alert')).toContainText('bad.json was not opened');
  await expect(bench.sticker(0)).toHaveAttribute('aria-label', painted!);

  await page.getByRole('radio', { name: 'Paint it' }).click();
  await page.getByRole('button', { name: 'Clear' }).click();
  await page.getByRole('radio', { name: 'Open a file' }).click();
  await page.getByLabel('Cube or walkthrough', { exact: true }).setInputFiles(path);
  await expect(bench.sticker(0)).toHaveAttribute('aria-label', painted!);
});
