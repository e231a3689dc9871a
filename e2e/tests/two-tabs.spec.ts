import { expect, test } from './bench-page.js';
import { signUp, someName } from './people.js';
import { TimingPage } from './timing-page.js';

test('two tabs of one browser send what each was told, once', async ({ context, page }) => {
  await signUp(page, someName('Eirik'));
  const tabs = [page, await context.newPage()];
  const answered: string[] = [];
  context.on('response', (response) => {
    const request = response.request();
    if (request.method() === 'POST' && request.url().endsWith('/api/log')) {
      answered.push((request.postDataJSON() as { id: string }).id);
    }
  });
  // Nobody answers while each of them times a solve …
  await context.route('**/api/log', (route) => route.abort('connectionrefused'));
  for (const [k, tab] of tabs.entries()) {
    const timing = new TimingPage(tab);
    await timing.open();
    await timing.startByKeys();
    await timing.stopByKeys();
    await expect(timing.after).toContainText('kept here until the server can be reached');
    await timing.after.getByLabel('Note').fill(`in tab ${k + 1}`);
    await timing.after.getByLabel('Note').blur();
  }
  await context.unroute('**/api/log');
  // … and both try again as the network comes back.
  for (const tab of tabs) await tab.evaluate(() => window.dispatchEvent(new Event('online')));
  for (const tab of tabs) {
    await tab.goto('/log');
    for (const note of ['in tab 1', 'in tab 2']) {
      await expect(tab.getByRole('row').filter({ hasText: note })).toHaveCount(1);
    }
    await expect(tab.getByText(/waits? here/)).toHaveCount(0);
  }
  expect(answered.length).toBe(2);
  expect(new Set(answered).size).toBe(2);
});
