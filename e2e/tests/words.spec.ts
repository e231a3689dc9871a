import { expect, test } from './bench-page.js';
import { signUp, someName } from './people.js';

const TURNS = "F R2 U' L B2 D R' F2 U L2 B' D2 R";

test('what the hands do is said on demand, for the hand that is one’s own', async ({
  bench,
  page,
}) => {
  await bench.open();
  await bench.enterTurns(TURNS);
  await bench.walk();
  // The twists: four turns, repeated.
  await bench.press('8');
  await bench.holdAsTold();
  await expect(page.locator('sc-hands')).toHaveCount(0);
  await page.getByRole('button', { name: 'Hands' }).click();
  const hands = page.locator('sc-hands');
  await expect(hands).toContainText(
    /right wrist up\s*right forefinger pulls\s*right wrist down\s*left forefinger pushes/,
  );
  await expect(hands).toContainText('effort');
  await page.reload();
  await expect(hands).toContainText('right wrist up');

  await page.getByRole('link', { name: 'Settings' }).click();
  await page.getByRole('radio', { name: 'Left-handed' }).click();
  await page.getByLabel('Say which hand and finger turns').click();
  await page.getByRole('link', { name: 'Cases' }).click();
  await page.getByRole('button', { name: /^White corners/ }).click();
  await page.getByRole('button', { name: /White on the left: the four turns once/ }).click();
  const card = page.locator('sc-case-detail');
  await expect(card.locator('sc-hands')).toContainText('left wrist up');
  await expect(card.locator('sc-saying')).toContainText('The lamp');
});

test('a teacher’s own words stand under the tiles, are checked, and a sentence that is not so is named', async ({
  bench,
  page,
}) => {
  await page.goto('/workshop');
  await page.getByRole('button', { name: 'Copy and change Gentle' }).click();
  await page.getByRole('button', { name: /^White corners/ }).click();
  const form = page.locator('sc-sayings-form');
  const words = form.getByLabel('Words, one for each turn').first();
  await words.fill('open · in');
  await words.blur();
  await expect(form.getByRole('alert')).toContainText('cover only 2 of 4 turns');
  await words.fill('lid up · spoon in · lid down · stir ×1');
  await words.blur();
  await expect(form.getByRole('alert')).toHaveCount(0);
  await form.getByLabel('Name').first().fill('The kettle');
  await form.getByLabel('Name').first().blur();

  // Turned otherwise the cross still comes, but a sentence about it is no longer so.
  await page.getByRole('button', { name: /^Yellow cross/ }).click();
  await page.getByRole('button', { name: 'Make it my own' }).click();
  const proof = page.locator('sc-proof-panel');
  await expect(proof).toContainText('Every sentence that says something of the cube is so');
  await page.getByLabel('Sequence').fill("F U R U' R' F'");
  await expect(proof).toContainText('Solves all 62,208');
  await expect(proof).toContainText('Not so: “After the six turns two edges have yellow on top');
  await expect(proof.getByRole('img', { name: 'A cube on which it is not so' })).toBeVisible();
  await page.getByLabel('Sequence').fill("F R U R' U' F'");
  await expect(proof).toContainText('Every sentence that says something of the cube is so');

  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Saved', exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Use this method' }).click();
  await page.getByRole('link', { name: 'Bench' }).click();
  await bench.enterTurns(TURNS);
  await bench.walk();
  await bench.press('8');
  const said = page.locator('sc-saying');
  await expect(said).toContainText(/The kettle\s*lid up\s*spoon in\s*lid down\s*stir/);
});

test('a learner sees the words of their coach', async ({ bench, page, browser }) => {
  const coaching = await browser.newContext();
  const coach = await coaching.newPage();
  await signUp(coach, someName('Runa'), 'I teach others');
  const id = crypto.randomUUID();
  const group = await coach.request.post('/api/groups', { data: { id, name: 'Thursday' } });
  const { code } = (await group.json()) as { code: string };
  await coach.goto('/workshop');
  await coach.getByRole('button', { name: 'Copy and change Gentle' }).click();
  await coach.getByRole('button', { name: /^White corners/ }).click();
  const words = coach.locator('sc-sayings-form').getByLabel('Words, one for each turn').first();
  await words.fill('lid up · spoon in · lid down · stir');
  await words.blur();
  const told = coach.waitForResponse((answer) => answer.url().endsWith('/api/settings'));
  await coach.getByRole('button', { name: 'Use this method' }).click();
  await told;
  await coaching.close();

  await signUp(page, someName('Amalie'));
  expect((await page.request.post('/api/groups/join', { data: { code } })).ok()).toBeTruthy();
  await bench.open();
  await bench.enterTurns(TURNS);
  await bench.walk();
  await bench.press('8');
  await expect(page.locator('sc-saying')).toContainText(/lid up\s*spoon in\s*lid down\s*stir/);
});
