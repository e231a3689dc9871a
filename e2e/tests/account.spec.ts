import { readFile } from 'node:fs/promises';
import { expect, test } from '@playwright/test';
import { enterAs, PHRASE, signInAs, signUp, someName } from './people.js';
import { TimingPage } from './timing-page.js';

test('a phrase is changed, everything taken along, and the account deleted', async ({ page }) => {
  const name = someName('Gunnar');
  await signUp(page, name);
  await page.getByRole('link', { name: `Account of ${name}` }).click();
  await page.getByLabel('Phrase in use').fill('not the phrase');
  await page.getByLabel('New phrase').fill('ice on the landing');
  await page.getByRole('button', { name: 'Change the phrase' }).click();
  await expect(page.getByRole('alert')).toContainText('not your pass phrase');
  await page.getByLabel('Phrase in use').fill(PHRASE);
  await page.getByRole('button', { name: 'Change the phrase' }).click();
  await expect(page.getByText('Your pass phrase is changed')).toBeVisible();

  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Everything as a ZIP file' }).click();
  const zip = await readFile(await (await download).path());
  expect(zip.subarray(0, 2).toString()).toBe('PK');
  expect(zip.toString('latin1')).toContain('log.csv');

  await page.getByRole('button', { name: 'Delete me …' }).click();
  await page.getByLabel('Your pass phrase').fill('ice on the landing');
  await page.getByRole('button', { name: 'Delete me and all of it' }).click();
  await expect(page).toHaveURL(/sign-in$/);
  await page.getByLabel('Name').fill(name);
  await page.getByLabel('Pass phrase').fill('ice on the landing');
  await page.getByRole('button', { name: 'Sign in', exact: true }).click();
  await expect(page.getByRole('alert')).toContainText('do not belong together');
});

test('a coach gives a learner of their group a new phrase', async ({ page, browser }) => {
  const [coachName, learnerName] = [someName('Birgit'), someName('Leif')];
  await signUp(page, coachName, 'I teach others');
  await page.getByRole('link', { name: `Account of ${coachName}` }).click();
  await expect(page).toHaveURL(/\/account$/);
  await page.getByLabel('Name of the group').fill('After school');
  await page.getByRole('button', { name: 'Make a group' }).click();
  const code = await page.locator('.code').innerText();
  const learner = await browser.newPage();
  await signUp(learner, learnerName);
  await learner.getByRole('link', { name: `Account of ${learnerName}` }).click();
  await learner.getByLabel('Code from your coach').fill(code.toLowerCase());
  await learner.getByRole('button', { name: 'Join' }).click();
  await expect(learner.getByText('who sees your log')).toBeVisible();

  await page.reload();
  await page.getByRole('button', { name: 'Set a new phrase' }).click();
  await page.getByLabel(`New phrase for ${learnerName}`).fill('frost on the window');
  await page.getByRole('button', { name: 'Set it' }).click();
  await expect(page.getByText('signs in with the new phrase from now on')).toBeVisible();
  // Whoever was signed in with the old one is out.
  await learner.goto('/sign-in');
  await learner.getByLabel('Name').fill(learnerName);
  await learner.getByLabel('Pass phrase').fill('frost on the window');
  await learner.getByRole('button', { name: 'Sign in', exact: true }).click();
  await expect(learner.getByRole('link', { name: `Account of ${learnerName}` })).toBeVisible();
  await learner.close();
});

test('a time made while the server is away is kept here, and sent once it answers', async ({
  page,
}) => {
  await signUp(page, someName('Olav'));
  const timing = new TimingPage(page);
  await timing.open();
  await timing.connectTable();
  await page.getByLabel('Look beforehand').selectOption('none');
  await page.route('**/api/log', (route) => route.abort('connectionrefused'));
  await timing.startByTable();
  await timing.stopByTable();
  await expect(timing.after).toContainText('kept here until the server can be reached');
  await timing.after.getByLabel('Note').fill('on the boat');
  await timing.after.getByLabel('Note').blur();
  await page.unroute('**/api/log');
  await page.getByRole('link', { name: 'Log', exact: true }).click();
  await expect(page.getByRole('row').filter({ hasText: 'on the boat' })).toBeVisible();
});

test('whoever is signed in keeps cubes that another does not see', async ({ page, browser }) => {
  await enterAs(page, 'Runa');
  await page.getByRole('button', { name: 'Saved cubes' }).click();
  await expect(page.getByRole('dialog').getByRole('listitem').first()).toBeVisible();
  const other = await browser.newPage();
  await signUp(other, someName('Marit'));
  await other.getByRole('button', { name: 'Saved cubes' }).click();
  await expect(other.getByRole('dialog')).toBeVisible();
  await expect(other.getByRole('dialog').getByRole('listitem')).toHaveCount(0);
  await other.close();
});

test('settings stay with whose they are, on a browser that several share', async ({ page }) => {
  const [first, second] = [someName('Tora'), someName('Ivar')];
  const letters = page.getByRole('switch', { name: 'A letter on each sticker' });
  const dialect = page.getByLabel('Turns written');
  const settings = () => page.getByRole('link', { name: 'Settings' }).click();
  const signOut = async (name: string) => {
    await page.getByRole('link', { name: `Account of ${name}` }).click();
    await page.getByRole('button', { name: 'Sign out', exact: true }).click();
    await expect(page.getByRole('link', { name: 'Sign in' })).toBeVisible();
    await expect(page).toHaveURL(/sign-in$/);
  };
  await page.goto('/settings');
  await letters.click();
  await signUp(page, first);
  await settings();
  await expect(letters).toBeChecked();
  await dialect.selectOption('words');
  await signOut(first);
  await settings();
  await expect(dialect).toHaveValue('prime');
  await expect(letters).toBeChecked();

  await signUp(page, second);
  await settings();
  await expect(dialect).toHaveValue('prime');
  await signOut(second);
  await signInAs(page, first);
  await settings();
  await expect(dialect).toHaveValue('words');
});
