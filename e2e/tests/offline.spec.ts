import { expect, test, type Page } from '@playwright/test';
import { Device, readyForOffline } from './offline.js';
import { signInAs, signUp, someName } from './people.js';
import { TimingPage } from './timing-page.js';

/** Times a solve. */
async function time(page: Page): Promise<TimingPage> {
  const timing = new TimingPage(page);
  await timing.open();
  await timing.startByKeys();
  await timing.stopByKeys();
  // Until it is kept, a page that is opened again goes on with it.
  await expect(timing.after).toContainText(/kept here|in the log/);
  return timing;
}

/** What waits in the browser to be sent, as text. */
const waits = (page: Page): Promise<string> =>
  page.evaluate(
    () =>
      new Promise<string>((resolve, reject) => {
        const opening = indexedDB.open('sleetcrest outbox');
        opening.onerror = () => reject(opening.error!);
        opening.onsuccess = () => {
          const database = opening.result;
          const reading = database.transaction('changes').objectStore('changes').getAll();
          reading.onsuccess = () => {
            database.close();
            resolve(JSON.stringify(reading.result));
          };
        };
      }),
  );

/** Notes something while there is no network, and waits until the browser has it. */
async function noteOffline(timing: TimingPage, text: string): Promise<void> {
  await note(timing, text);
  await expect.poll(() => waits(timing.page)).toContain(text);
}

async function note(timing: TimingPage, text: string): Promise<void> {
  await timing.after.getByLabel('Note').fill(text);
  await timing.after.getByLabel('Note').blur();
}

/** What the server has, whatever the page shows. */
const asked = <T>(page: Page, path: string): Promise<T> =>
  page.evaluate(async (url) => (await (await fetch(url)).json()) as T, path);
const notesKept = async (page: Page): Promise<string[]> => {
  const { items } = await asked<{ items: { note: string }[] }>(page, '/api/log');
  return items.map((item) => item.note).sort();
};

let devices: Device[] = [];
const device = async (baseURL: string): Promise<Device> => {
  const opened = await Device.open(baseURL);
  devices.push(opened);
  return opened;
};
test.afterEach(async () => {
  for (const one of devices) await one.close();
  devices = [];
});

test('what is told without a network is there once, over a closed browser', async ({ baseURL }) => {
  const here = await device(baseURL!);
  const name = someName('Solveig');
  await signUp(here.page, name);
  await readyForOffline(here.page);
  await here.offline();

  // Three solves: one as it is, one told more of, one deleted while it waits.
  const first = await time(here.page);
  await expect(first.after).toContainText('kept here until the server can be reached');
  await noteOffline(first, 'the first');
  await noteOffline(await time(here.page), 'the second');
  const third = await time(here.page);
  await noteOffline(third, 'the third');
  await third.after.getByRole('button', { name: 'Delete' }).click();
  await expect(here.page.getByText('This time is deleted')).toBeVisible();

  await here.page.getByRole('link', { name: 'Workshop' }).click();
  await here.page.getByRole('button', { name: 'Copy and change Gentle' }).click();
  const title = here.page.getByLabel('Method', { exact: true });
  await title.fill('Made on the ferry');
  await title.blur();
  await here.page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(here.page.getByText('what you saved is kept here')).toBeVisible();

  await here.reopenOffline();
  await here.page.goto('/log');
  await expect(here.page.getByRole('link', { name: `Account of ${name}` })).toBeVisible();
  await expect(here.page.getByText('2 of your records wait here')).toBeVisible();
  await expect(here.page.getByRole('row').filter({ hasText: 'the first' })).toHaveCount(1);
  await expect(here.page.getByRole('row').filter({ hasText: 'the second' })).toHaveCount(1);
  await expect(here.page.getByText('the third')).toHaveCount(0);

  await here.online();
  await expect(here.page.getByText(/waits? here/)).toHaveCount(0, { timeout: 30_000 });
  await expect.poll(() => notesKept(here.page)).toEqual(['the first', 'the second']);
  const methodsKept = async (): Promise<string[]> => {
    const kept = await asked<{ items: { method: { title: string } }[] }>(here.page, '/api/methods');
    return kept.items.map(({ method }) => method.title);
  };
  await expect.poll(methodsKept).toEqual(['Made on the ferry']);
  // Nothing is sent a second time.
  await here.page.reload();
  await expect(here.page.getByRole('row').filter({ hasText: 'the second' })).toHaveCount(1);
  expect(await notesKept(here.page)).toEqual(['the first', 'the second']);
});

test('two devices change one record without a network: the later counts, the other can be had back', async ({
  baseURL,
}) => {
  const [here, there] = [await device(baseURL!), await device(baseURL!)];
  const name = someName('Halvor');
  await signUp(here.page, name);
  await note(await time(here.page), 'at first');
  await expect.poll(() => notesKept(here.page)).toEqual(['at first']);
  await signInAs(there.page, name);
  await expect(there.page.getByRole('row').filter({ hasText: 'at first' })).toHaveCount(1);
  await readyForOffline(here.page);
  await readyForOffline(there.page);
  await here.page.goto('/log');
  await expect(here.page.getByRole('row').filter({ hasText: 'at first' })).toHaveCount(1);

  await here.offline();
  await there.offline();
  const change = async (page: Page, fields: Record<string, string>): Promise<void> => {
    await page.getByRole('button', { name: /^Change the record/ }).click();
    const dialog = page.getByRole('dialog');
    for (const [label, text] of Object.entries(fields)) {
      await dialog.getByLabel(label, { exact: true }).fill(text);
    }
    await dialog.getByRole('button', { name: 'Keep the changes' }).click();
    await expect(dialog).toHaveCount(0);
  };
  await change(here.page, { Note: 'told here', Cube: 'the blue one' });
  await expect(here.page.getByText('told here')).toBeVisible();
  await change(there.page, { Note: 'told there, later' });
  await expect(there.page.getByText('told there, later')).toBeVisible();

  // The later one comes first to the server.
  await there.online();
  await expect.poll(() => notesKept(there.page)).toEqual(['told there, later']);
  await here.online();
  await expect(here.page.getByText('told there, later')).toBeVisible({ timeout: 30_000 });
  const { items } = await asked<{ items: { note: string; cube: string }[] }>(here.page, '/api/log');
  expect(items.map((item) => [item.note, item.cube])).toEqual([
    ['told there, later', 'the blue one'],
  ]);

  // What lost is kept, and can be taken back.
  await here.page.getByRole('button', { name: /^Change the record/ }).click();
  const dialog = here.page.getByRole('dialog');
  await dialog.getByText(/^Said before/).click();
  await dialog
    .getByRole('listitem')
    .filter({ hasText: 'told here' })
    .getByRole('button', { name: 'Take back' })
    .click();
  await expect(dialog.getByLabel('Note')).toHaveValue('told here');
  await dialog.getByRole('button', { name: 'Keep the changes' }).click();
  await expect.poll(() => notesKept(here.page)).toEqual(['told here']);
});

test('nobody waits for what is fetched for later', async ({ baseURL }) => {
  const here = await device(baseURL!);
  // Asked for by no page: only what is kept for when there is no network waits for it.
  here.holdBack('/icon-512.png');
  await here.page.goto('/bench');
  await here.page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await here.page.waitForFunction(() => navigator.serviceWorker.controller !== null);
  await signUp(here.page, someName('Liv'));
  const timing = await time(here.page);
  await note(timing, 'timed meanwhile');
  await expect.poll(() => notesKept(here.page)).toEqual(['timed meanwhile']);
});

test('where the browser has no room it says so, and loses nothing that was told', async ({
  baseURL,
}) => {
  const here = await device(baseURL!);
  // While the page is told so, the browser refuses to keep anything more.
  await here.prepare(() => {
    for (const name of ['put', 'add'] as const) {
      const { value: keep } = Object.getOwnPropertyDescriptor(
        IDBObjectStore.prototype,
        name,
      ) as TypedPropertyDescriptor<IDBObjectStore['put']>;
      IDBObjectStore.prototype[name] = function (this: IDBObjectStore, ...given) {
        if ('full' in window) throw new DOMException('no room', 'QuotaExceededError');
        return keep!.apply(this, given as [unknown]);
      };
    }
  });
  await here.page.reload();
  await signUp(here.page, someName('Tora'));
  await readyForOffline(here.page);
  await here.offline();
  const timing = new TimingPage(here.page);
  await timing.open();
  await here.page.evaluate(() => Object.assign(window, { full: true }));
  await timing.startByKeys();
  await timing.stopByKeys();
  await expect(timing.after).toContainText('kept here until the server can be reached');
  await note(timing, 'told without room');
  await here.page.getByRole('link', { name: 'Log', exact: true }).click();
  await expect(here.page.getByText('This browser has no room left')).toBeVisible();
  await here.online();
  await expect(here.page.getByText('This browser has no room left')).toHaveCount(0, {
    timeout: 30_000,
  });
  expect(await notesKept(here.page)).toEqual(['told without room']);
});

test('walks, settings and the log come along to a second device', async ({ baseURL }) => {
  const [here, there] = [await device(baseURL!), await device(baseURL!)];
  const name = someName('Aud');
  await signUp(here.page, name);
  await here.page.goto('/settings');
  await here.page.getByLabel('First colour').selectOption('yellow');
  await here.page.goto('/bench');
  await here.page.getByRole('radio', { name: 'Type turns' }).click();
  await here.page.getByLabel('Turns from a solved cube').fill("R U F' L2 D");
  await here.page.getByRole('button', { name: 'Put these turns on the picture' }).click();
  await here.page.getByRole('button', { name: 'Walk it to solved' }).click();
  await expect(here.page.locator('.keeping')).toHaveText(/^\s*Saved\s*$/);
  const walk = here.page.url();
  await signInAs(there.page, name);
  await there.page.goto(walk);
  await expect(there.page.locator('.words')).toContainText('Step 1 of');
  await there.page.goto('/settings');
  await expect(there.page.getByLabel('First colour')).toHaveValue('yellow');

  // Both walk on without a network: the further counts.
  await there.page.goto(walk);
  await expect(there.page.locator('.words')).toContainText('Step 1 of');
  await readyForOffline(here.page);
  await here.offline();
  await there.offline();
  const walkTo = async (page: Page, step: number): Promise<void> => {
    for (let at = 2; at <= step; at++) {
      await page.keyboard.press('ArrowDown');
      await expect(page.locator('.words')).toContainText(`Step ${at} of`);
    }
  };
  await walkTo(there.page, 3);
  await walkTo(here.page, 5);
  await expect(here.page.locator('.keeping')).toContainText('is saved when it is back');
  await expect(there.page.locator('.keeping')).toContainText('is saved when it is back');
  await here.online();
  await expect(here.page.locator('.keeping')).toHaveText(/^\s*Saved\s*$/, { timeout: 30_000 });
  await there.online();
  await expect(there.page.locator('.words')).toContainText('Step 5 of', { timeout: 30_000 });
});
