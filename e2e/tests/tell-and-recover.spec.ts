import type { Locator, Page } from '@playwright/test';
import { expect, test, type BenchPage } from './bench-page.js';

const COLOURS = ['white', 'red', 'green', 'yellow', 'orange', 'blue'];
const TURNS = "R U F2 D' L B R2 U' F";

/** Turns on the simulated cube what a tile shows, a half turn as two quarters. */
async function turnAs(page: Page, name: string): Promise<void> {
  const quarter = name.replace('2', '');
  const button = page
    .getByRole('group', { name: 'Turn the simulated cube' })
    .getByText(quarter, { exact: true });
  for (let k = 0; k < (name.includes('2') ? 2 : 1); k++) await button.click();
}

/** The names on tiles, in order. */
async function namesOf(tiles: Locator): Promise<string[]> {
  await expect(tiles.first()).toBeVisible();
  return (await tiles.locator('.name').allTextContents()).map((name) => name.trim());
}

test('a whole cube is entered by answering with keys; a wrong answer is named and mended', async ({
  bench,
  page,
}) => {
  await bench.open();
  await bench.enterTurns(TURNS);
  // What the person sees in each of the two holds they are asked for.
  const seen = new Map([['white', await bench.picture()]]);
  await page.getByRole('button', { name: 'Turn over' }).click();
  for (let k = 0; k < 3; k++) await page.getByRole('button', { name: 'Next side' }).click();
  seen.set('yellow', await bench.picture());

  await page.getByRole('radio', { name: 'Ask me' }).focus();
  await page.keyboard.press('Space');
  await page.getByRole('button', { name: 'Start over' }).focus();
  await page.keyboard.press('Enter');
  const guide = page.locator('sc-guided-entry');
  const panel = page.locator('sc-suspect-panel');
  await expect(guide.locator('.hold')).toContainText('white up and green in front');

  let answers = 0;
  let lookedAgain = 0;
  while (!(await guide.getByText('Done:').isVisible())) {
    const up = (await guide.locator('.hold b').first().textContent())!.trim();
    if (await guide.getByText('Look again').isVisible()) {
      lookedAgain++;
      await expect(panel).toContainText('No cube looks like this.');
    }
    const place = (await guide.locator('.asked b').textContent())!.trim();
    const colour = seen.get(up)!.get(place.replace(/^./, (letter) => letter.toLowerCase()))!;
    // The seventh answer is a slip of the finger.
    const given = answers === 6 ? COLOURS[(COLOURS.indexOf(colour) + 1) % 6]! : colour;
    await bench.press(given[0]!);
    answers++;
    expect(answers).toBeLessThan(60);
  }
  expect(lookedAgain).toBeGreaterThan(0);
  await expect(bench.verdict).toContainText('This is a whole cube');
  // Enter walks on, though the keyboard was last on “Start over”.
  await expect(bench.walkButton).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(bench.words).toContainText('Step 1 of');
});

test('only the last layer is asked for when all before it is done, in twelve answers at most', async ({
  bench,
  page,
}) => {
  await bench.open();
  await bench.enterTurns("L' U' L U' L' U2 L F U R U' R' F'");
  await bench.enterTurns("x2 F R U R' U' F' R U R' U R U2 R' U");
  const seen = await bench.picture();
  await page.getByRole('radio', { name: 'Ask me' }).click();
  await page.getByLabel('Already solved up to …').selectOption({ label: 'Middle edges' });
  const guide = page.locator('sc-guided-entry');
  let answers = 0;
  await page.getByRole('button', { name: 'Turn over' }).focus();
  await expect(guide.locator('.asked')).toBeVisible();
  const holds = new Set<string>();
  while (!(await guide.getByText('Done:').isVisible())) {
    holds.add((await guide.locator('.hold').textContent())!);
    const asked = bench.crown.locator('polygon.asked').first();
    await expect(asked).toBeVisible();
    await page.getByRole('button', { name: 'yellow, ' }).first().waitFor();
    const own = await colourAsked(page, bench, seen);
    await bench.press(own[0]!);
    answers++;
    expect(answers).toBeLessThanOrEqual(12);
  }
  await expect(bench.verdict).toContainText('This is a whole cube');
  await expect(bench.verdict).toContainText('Next in the');
});

/**
 * The colour the sticker asked for has, given the picture in the first hold: the side and the
 * place in it are the same sticker's, whichever way the cube is held, found by its side's centre.
 */
async function colourAsked(
  page: Page,
  bench: BenchPage,
  seen: Map<string, string>,
): Promise<string> {
  const index = await bench.crown.evaluate((crown) => {
    const points = crown.querySelector('polygon.asked')!.getAttribute('points');
    const all = Array.from(crown.querySelectorAll('polygon[data-sticker]'));
    return all.findIndex((one) => one.getAttribute('points') === points);
  });
  const up = (await page.locator('sc-guided-entry .hold b').first().textContent())!.trim();
  return up === 'white' ? [...seen.values()][index]! : (await turnedOver(page, seen))[index]!;
}

/** The picture in the second hold (over, and a quarter back), from the one in the first. */
async function turnedOver(page: Page, seen: Map<string, string>): Promise<string[]> {
  const first = [...seen.values()];
  // Where each sticker of the second hold lies in the first: sides as the cube is tipped over and
  // turned, rows as they then read.
  const from = await page.evaluate(() => {
    const side = (face: number, turn: number): number[] =>
      Array.from({ length: 9 }, (_, k) => {
        let [row, column] = [Math.floor(k / 3), k % 3];
        for (let n = 0; n < turn; n++) [row, column] = [2 - column, row];
        return face * 9 + row * 3 + column;
      });
    // U R F D L B of the second hold are D B L U F R of the first.
    return [side(3, 1), side(5, 2), side(4, 2), side(0, 1), side(2, 2), side(1, 2)].flat();
  });
  return from.map((sticker) => first[sticker]!);
}

test('a slip on the simulated cube is noticed as it happens, told, and undone', async ({
  bench,
  page,
}) => {
  await bench.open();
  await bench.enterTurns(TURNS);
  await bench.walk();
  await bench.press('4');
  await expect(bench.words).toContainText('edge');
  await page.getByRole('button', { name: 'Connect a cube' }).click();
  const now = page.locator('sc-tile-row li[aria-current="step"]');
  const count = page.locator('.count');

  // It follows along for a while: each turn moves the walk on.
  for (let k = 0; k < 3; k++) {
    // The cube does not feel how it is held.
    await bench.holdAsTold();
    const [name] = await namesOf(now);
    const before = await count.textContent();
    await turnAs(page, name!);
    await expect(count).not.toHaveText(before!);
  }
  // Then one goes the other way.
  await bench.holdAsTold();
  const [meant] = await namesOf(now);
  const before = await count.textContent();
  await turnAs(page, meant!.includes("'") ? meant!.replace("'", '') : `${meant!}'`);
  const alert = page.getByRole('alert');
  await expect(alert).toContainText('A slip');
  await expect(alert).toContainText(`meant was ${meant}`);
  await expect(count).toHaveText(before!);

  await page.getByRole('button', { name: 'What slipped?' }).click();
  const dialog = page.getByRole('dialog', { name: 'What slipped?' });
  await expect(dialog.locator('.sentence').first()).toContainText('went the other way');
  await expect(dialog.locator('sc-slip-tiles .slipped')).toHaveCount(1);
  await dialog
    .getByRole('button', { name: /^Use this: (A short way back|Undo from there)/ })
    .click();
  const back = await namesOf(dialog.locator('.large'));
  expect(back.length).toBe(1);
  await dialog.getByRole('button', { name: 'Done: go on with the walk' }).click();
  await expect(dialog).toBeHidden();
  await turnAs(page, back[0]!);
  await expect(alert).toBeHidden();
  await expect(count).not.toHaveText(before!);
  // And it goes on being followed.
  const [next] = await namesOf(now);
  const there = await count.textContent();
  await turnAs(page, next!);
  await expect(count).not.toHaveText(there!);
});

test('a slip seen by eye only is found from a few stickers, some steps later', async ({
  bench,
  page,
}) => {
  await bench.open();
  await bench.enterTurns(TURNS);
  await bench.walk();
  await page.getByRole('button', { name: 'That is not what I see' }).click();
  const dialog = page.getByRole('dialog', { name: 'What slipped?' });
  await expect(dialog).toContainText('nothing can have slipped');
  await dialog.getByRole('button', { name: 'Back to the walk' }).click();
  await bench.press('3');
  await bench.press('ArrowRight', 6);
  await page.getByRole('button', { name: 'That is not what I see' }).click();
  await dialog.getByRole('button', { name: 'As it should be' }).click();
  await expect(dialog).toContainText('It is as it should be');
  const front = dialog.locator('[data-sticker="18"]');
  const meant = (await front.getAttribute('aria-label'))!.split(': ')[1]!;
  expect(COLOURS).toContain(meant);
  await page.keyboard.press('Control+z');
  await expect(dialog).toContainText('Paint one side');
  // One sticker that is otherwise is enough for a likeliest story, with ways back.
  const other = COLOURS.find((colour) => colour !== meant && colour !== 'white')!;
  await front.focus();
  await page.keyboard.press(other[0]!);
  await expect(dialog.getByRole('heading', { name: /^Ways back/ })).toBeVisible();
  await dialog.getByRole('button', { name: 'Use this: Go on from here' }).click();
  await expect(dialog).toBeHidden();
  await expect(bench.words).toContainText('Step 1 of');
  await expect(page.locator('.count')).toContainText('turn 0 of');
});

test('a corner twisted in its place is told with its repair and the caution', async ({
  bench,
  page,
}) => {
  await bench.open();
  await page.getByRole('button', { name: 'Start from solved' }).click();
  for (const [sticker, key] of [
    [8, 'g'],
    [9, 'w'],
    [20, 'r'],
  ] as const) {
    await bench.sticker(sticker).focus();
    await page.keyboard.press(key);
  }
  await expect(bench.verdict).toContainText('One corner is twisted in its place');
  await expect(bench.verdict).toContainText(/twist the .* corner between white, green and red/);
  await expect(bench.verdict).toContainText('a third of a turn');
  await expect(bench.verdict).toContainText('small children');
  await expect(bench.crown.locator('polygon.marked')).toHaveCount(3);
  await expect(bench.walkButton).toBeDisabled();
});

test('one white side whose stickers do not match is told from a layer', async ({ bench }) => {
  await bench.open();
  await bench.enterTurns('U');
  await expect(bench.verdict).toContainText('it is not a layer yet');
  await expect(bench.verdict).toContainText('Next in the');
});

test('the walk is read from afar: any key goes on, a pedal of one’s own, Escape closes', async ({
  bench,
  page,
}) => {
  await bench.open();
  await bench.enterTurns(TURNS);
  await bench.walk();
  await page.getByRole('button', { name: 'Large view' }).click();
  const far = page.getByRole('dialog', { name: 'Large view of the walk' });
  await expect(far).toContainText('turn 0 of');
  await expect(far).toContainText('No voice is installed');
  await bench.holdAsTold();
  await bench.press('x');
  await expect(far).toContainText('turn 1 of');
  await bench.press('ArrowLeft');
  await expect(far).toContainText('turn 0 of');
  await far.getByRole('button', { name: 'Settings for this view' }).click();
  await far.getByRole('button', { name: /^Foot pedal/ }).click();
  await bench.press('F9');
  await expect(far.getByRole('button', { name: 'Foot pedal: F9' })).toBeVisible();
  await bench.press('F9');
  await expect(far).toContainText('turn 1 of');

  // By itself, at its own pace, through the pauses too.
  await far.getByLabel('Seconds a turn').fill('0.4');
  await far.getByLabel('Seconds a turn').press('Tab');
  await far.getByLabel('After a step it waits').selectOption('as long as it takes to say');
  await far.getByLabel('The next turn comes').selectOption('by itself');
  await expect(far).toContainText('Step 2 of', { timeout: 60_000 });
  await far.getByRole('button', { name: 'Pause' }).click();
  await far.getByRole('button', { name: 'That is not what I see' }).click();
  await expect(page.getByRole('dialog', { name: 'What slipped?' })).toBeVisible();
  await page.getByRole('button', { name: 'Back to the walk' }).click();
  await bench.press('Escape');
  await expect(far).toBeHidden();
  await expect(bench.words).toContainText('Step');
});
