import { readFile } from 'node:fs/promises';
import { expect, test, type Page } from '@playwright/test';
import { enterAs, PHRASE, signInAs, signUp, someName } from './people.js';
import { TimingPage } from './timing-page.js';

const someEntry = (note: string) => ({
  id: crypto.randomUUID(),
  kind: 'solve',
  stage: null,
  beganAt: new Date().toISOString(),
  time: 61.5,
  outcome: 'finished',
  reason: '',
  note,
  method: 'gentle',
  cube: '',
  scramble: "R U2 F'",
  turns: '',
  splits: [],
  tags: ['private'],
});

/** All that this browser holds in its databases, as text. */
const heldHere = (page: Page): Promise<string> =>
  page.evaluate(async () => {
    const opened = (name: string): Promise<IDBDatabase> =>
      new Promise((resolve, reject) => {
        const asking = indexedDB.open(name);
        asking.onsuccess = () => resolve(asking.result);
        asking.onerror = () => reject(new Error(name));
      });
    const all: unknown[] = [];
    for (const { name } of await indexedDB.databases()) {
      const database = await opened(name!);
      for (const store of Array.from(database.objectStoreNames)) {
        const asking = database.transaction(store).objectStore(store).getAll();
        all.push(await new Promise((resolve) => (asking.onsuccess = () => resolve(asking.result))));
      }
      database.close();
    }
    return JSON.stringify(all);
  });

test('a phrase is changed, everything taken along, and the account deleted', async ({ page }) => {
  const name = someName('Gunnar');
  await signUp(page, name);
  await page.getByRole('link', { name: `Account of ${name}` }).click();
  await page.getByLabel('Current passphrase').fill('not the phrase');
  await page.getByLabel('New passphrase').fill('ice on the landing');
  await page.getByRole('button', { name: 'Change the passphrase' }).click();
  await expect(page.getByRole('alert')).toContainText('not your passphrase');
  await page.getByLabel('Current passphrase').fill(PHRASE);
  await page.getByRole('button', { name: 'Change the passphrase' }).click();
  await expect(page.getByText('Your passphrase is changed')).toBeVisible();

  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Download everything (ZIP)' }).click();
  const zip = await readFile(await (await download).path());
  expect(zip.subarray(0, 2).toString()).toBe('PK');
  expect(zip.toString('latin1')).toContain('log.csv');

  await page.getByRole('button', { name: 'Delete my account …' }).click();
  await page.getByLabel('Your passphrase').fill('ice on the landing');
  await page.getByRole('button', { name: 'Delete me and all of it' }).click();
  await expect(page).toHaveURL(/sign-in$/);
  await page.getByLabel('Name').fill(name);
  await page.getByLabel('Passphrase').fill('ice on the landing');
  await page.getByRole('button', { name: 'Sign in', exact: true }).click();
  await expect(page.getByRole('alert')).toContainText('do not belong together');
});

test('a coach gives a new phrase to who has not chosen one, and to nobody else', async ({
  page,
  browser,
}) => {
  const [coachName, learnerName] = [someName('Birgit'), someName('Leif')];
  await signUp(page, coachName, 'I teach others');
  await page.getByRole('link', { name: `Account of ${coachName}` }).click();
  await page.getByRole('link', { name: 'Your groups' }).click();
  await page.getByLabel('Name of the group').fill('After school');
  await page.getByRole('button', { name: 'Make a group' }).click();
  await expect(page.locator('.code')).toBeVisible();
  await page.goto('/table/who');
  await page.getByLabel('Names, one on each line').fill(learnerName);
  await page.getByRole('button', { name: 'Check the list' }).click();
  await page.getByRole('button', { name: 'Add 1 learner' }).click();
  await page.getByRole('button', { name: 'I have printed them' }).click();
  await page.getByRole('button', { name: 'New passphrase' }).click();
  await page.getByLabel(`New passphrase for ${learnerName}`).fill('frost on the window');
  await page.getByRole('button', { name: 'Set it' }).click();
  await expect(page.getByText(`Tell ${learnerName} the new phrase`)).toBeVisible();

  // It is good for choosing another, and nothing else.
  const learner = await browser.newPage();
  await learner.goto('/sign-in');
  await learner.getByLabel('Name').fill(learnerName);
  await learner.getByLabel('Passphrase').fill('frost on the window');
  await learner.getByRole('button', { name: 'Sign in', exact: true }).click();
  await learner.getByLabel('Your own passphrase').fill('frost on the window');
  await learner.getByRole('button', { name: 'Take this one' }).click();
  await expect(learner.getByRole('alert')).toContainText('another than the one you were given');
  await learner.getByLabel('Your own passphrase').fill('ice under the pier');
  await learner.getByRole('button', { name: 'Take this one' }).click();
  await expect(learner.getByRole('link', { name: `Account of ${learnerName}` })).toBeVisible();

  // From then on it is theirs alone.
  await page.getByRole('button', { name: 'New passphrase' }).click();
  await page.getByLabel(`New passphrase for ${learnerName}`).fill('frost on the window');
  await page.getByRole('button', { name: 'Set it' }).click();
  await expect(page.getByRole('alert')).toContainText('a passphrase of their own');
  await learner.close();
});

test('a session that ended elsewhere leaves nothing of the log in this browser', async ({
  page,
  browser,
}) => {
  const name = someName('Gro');
  await signUp(page, name);
  const entry = await page.request.post('/api/log', { data: someEntry('seen by nobody else') });
  expect(entry.status()).toBe(201);
  await page.goto('/log');
  await expect(page.getByText('seen by nobody else')).toBeVisible();
  // Held here, for when there is no network.
  await expect.poll(() => heldHere(page)).toContain('seen by nobody else');
  const tab = await page.context().newPage();
  await tab.goto('/log');
  await expect(tab.getByText('seen by nobody else')).toBeVisible();

  const other = await browser.newPage();
  await signInAs(other, name);
  await other.request.post('/api/account/sign-out-everywhere');
  await other.close();
  // The page asks for something and hears of it; the other tab hears of it by that.
  await page.reload();
  await expect(page.getByRole('link', { name: 'Sign in' }).first()).toBeVisible();
  await expect.poll(() => heldHere(page)).not.toContain('seen by nobody else');
  await tab.bringToFront();
  await tab.evaluate(() => document.dispatchEvent(new Event('visibilitychange')));
  await expect(tab.getByText('seen by nobody else')).toHaveCount(0);
  await tab.close();
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
