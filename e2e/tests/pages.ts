import { expect, type Page } from '@playwright/test';

/** Pages that anybody can open, and those of the people of the demo. */
export const GUEST_PAGES = [
  '/bench',
  '/first',
  '/learn',
  '/learn/known',
  '/learn/patterns',
  '/learn/plan',
  '/cases',
  '/methods',
  '/workshop',
  '/timing',
  '/log',
  '/review',
  '/settings',
  '/sign-in',
  '/table',
] as const;
export const LEARNER_PAGES = ['/learn', '/learn/known', '/learn/practice', '/log', '/table/mine'];
export const COACH_PAGES = [
  '/table',
  '/table/plan',
  '/table/set',
  '/table/answers',
  '/table/paper',
  '/table/who',
  '/table/groups',
  '/table/board',
  '/account',
];

/** Opens a page and waits until all that it works out or fetches is there. */
export async function openWhole(page: Page, path: string): Promise<void> {
  await page.goto(path);
  await expect(page.locator('main')).toHaveText(/\p{L}{3}/u);
  const busy = page.locator('.mdc-linear-progress--indeterminate');
  await expect(busy).toHaveCount(0, { timeout: 60_000 });
}

/** What reaches beyond the window's right edge and makes it scroll sideways: nothing should. */
export const beside = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const { scrollWidth, clientWidth } = document.documentElement;
    if (scrollWidth <= clientWidth) return [];
    const reaching = Array.from(document.body.querySelectorAll('*')).filter(
      (one) => one.getBoundingClientRect().right > clientWidth + 0.5,
    );
    const inmost = reaching.filter(
      (one) => !reaching.some((other) => one !== other && one.contains(other)),
    );
    return inmost.map(
      (one) => `${one.tagName.toLowerCase()}: ${one.textContent.trim().slice(0, 40)}`,
    );
  });
