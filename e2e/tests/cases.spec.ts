import { readFile } from 'node:fs/promises';
import { getDocument, OPS } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { expect, test } from './bench-page.js';

test('cases narrow as stickers are clicked, and one is played on the Bench', async ({
  bench,
  page,
}) => {
  await bench.open();
  await page.getByRole('link', { name: 'Cases' }).click();
  await page.getByLabel('Method').selectOption('front-right');
  const listed = page.locator('[data-case]');
  await expect(listed.first()).toHaveAttribute('data-case', /^cross-lift\//);
  await page.getByRole('button', { name: /^Yellow face/ }).click();

  // Yellow on two corners of the top, next to each other, and not on the edge between.
  const sticker = (number: number) => page.locator(`sc-cases [data-sticker="${number}"]`);
  await page.getByRole('button', { name: 'yellow', exact: true }).click();
  await sticker(6).click();
  await sticker(8).click();
  await expect(page.locator('[data-case="face-two/two"]')).toBeVisible();
  await expect(page.locator('[data-case="face-two/none"]')).toHaveCount(0);
  await expect(listed.first()).toHaveAttribute('data-case', 'face-two/two');
  const some = await listed.count();
  await page.getByRole('button', { name: 'red', exact: true }).click();
  await sticker(0).click();
  await sticker(2).click();
  await expect(page.locator('[data-case="face-two/one-front"]')).toHaveCount(0);
  await expect.poll(() => listed.count()).toBeLessThan(some);

  await page.locator('[data-case="face-two/two"]').click();
  await expect(page.locator('sc-case-detail h2')).toHaveText('Two yellow corners up');
  await expect(page.locator('sc-case-detail tbody tr')).toHaveCount(2);
  await page.getByRole('button', { name: 'Give me turns' }).click();
  const turns = page.locator('.set-up .turns');
  const first = await turns.textContent();
  await page.getByRole('button', { name: 'Another' }).click();
  await expect(turns).not.toHaveText(first!);

  await page.getByRole('button', { name: 'Play it on the Bench' }).click();
  await expect(bench.words).toContainText('Step 1 of');
  await expect(bench.words).toContainText('Two corners show yellow on top');
});

test('how often each case comes up is told at once, of every built-in method, and nothing is counted', async ({
  bench,
  page,
}) => {
  await bench.open();
  await page.getByLabel('Method').selectOption('step-up');
  await page.getByRole('link', { name: 'Cases' }).click();
  await page.getByRole('button', { name: /^Middle edges/ }).click();
  await expect(page.locator('[data-case="pairs/join"] .chance')).toHaveText(/cubes$/);
  await expect(page.getByRole('button', { name: 'Stop' })).toHaveCount(0);
  await page.getByLabel('Method').selectOption('side-match');
  await page.getByRole('button', { name: /^Yellow cross/ }).click();
  // None up is one in eight, whatever was done before.
  await expect(page.locator('[data-case="ycross-repeat/dot"] .chance')).toHaveText('1 of 8 cubes');
});

interface Printed {
  text: string;
  pages: number;
  width: number;
  fills: string[];
}

/** What a PDF file says and shows. */
async function read(path: string): Promise<Printed> {
  const data = new Uint8Array(await readFile(path));
  const pdf = await getDocument({ data, disableFontFace: true, verbosity: 0 }).promise;
  let text = '';
  const fills = new Set<string>();
  for (let number = 1; number <= pdf.numPages; number++) {
    const page = await pdf.getPage(number);
    const { items } = await page.getTextContent();
    text += items.map((item) => ('str' in item ? item.str : '')).join(' ');
    const { fnArray, argsArray } = await page.getOperatorList();
    fnArray.forEach((operation, k) => {
      if (operation === OPS.setFillRGBColor) fills.add(String((argsArray[k] as unknown[])[0]));
    });
  }
  const { width } = (await pdf.getPage(1)).getViewport({ scale: 1 });
  return { text: text.replace(/\s+/g, ' '), pages: pdf.numPages, width, fills: [...fills] };
}

test('a handout is printed with its text and pictures', async ({ bench, page }) => {
  await bench.open();
  await page.getByRole('link', { name: 'Cases' }).click();
  await page.getByRole('button', { name: /^Yellow cross/ }).click();
  const print = async (choose: () => Promise<void>): Promise<Printed> => {
    await page.getByRole('button', { name: 'Print' }).click();
    await choose();
    const download = page.waitForEvent('download');
    await page.getByRole('button', { name: 'Make the PDF' }).click();
    const path = await (await download).path();
    return read(path);
  };

  const stage = await print(() => Promise.resolve());
  expect(stage.text).toContain('Yellow cross');
  expect(stage.text).toContain('Two yellow edges up');
  expect(stage.text).toContain('Find the four yellow edges');
  expect(stage.width).toBeCloseTo(595.28, 1);
  // The stickers are there in the colours this person sees: yellow, the side centres, the tiles.
  expect(stage.fills).toEqual(expect.arrayContaining(['#f0c93a', '#b8322f', '#33649b', '#e6c48f']));

  const whole = await print(async () => {
    await page.getByLabel('What', { exact: true }).selectOption('whole');
    await page.getByLabel('Paper').selectOption('LETTER');
    await page.getByLabel('Turns written').last().selectOption('words');
    await page.getByLabel('First colour').last().selectOption('blue');
    await page.getByLabel('Ink').selectOption('letters');
  });
  expect(whole.width).toBe(612);
  expect(whole.pages).toBeGreaterThan(stage.pages);
  expect(whole.text).toContain('Green cross');
  expect(whole.text).toContain('right side away from you');
  expect(whole.fills).not.toContain('#f0c93a');
});

test('a handout that cannot be made says so', async ({ bench, page }) => {
  await bench.open();
  await page.getByRole('link', { name: 'Cases' }).click();
  await page.getByRole('button', { name: 'Print' }).click();
  await page.route('**/api/handouts', (route) => route.abort());
  await page.getByRole('button', { name: 'Make the PDF' }).click();
  await expect(page.getByRole('alert')).toContainText('The server cannot be reached');
});

test.use({ expected: /Failed to load resource/ });
