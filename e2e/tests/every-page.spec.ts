import type { Page } from '@playwright/test';
import { expectAccessible } from './accessible.js';
import { expect, test } from './bench-page.js';
import { beside, COACH_PAGES, GUEST_PAGES, LEARNER_PAGES, openWhole } from './pages.js';
import { enterAs } from './people.js';

/** Each page by day and by night, with nothing beside the window. */
async function expectEachWhole(page: Page, paths: readonly string[]): Promise<void> {
  for (const path of paths) {
    await test.step(path, async () => {
      await openWhole(page, path);
      expect(await beside(page)).toEqual([]);
      await expectAccessible(page);
    });
  }
}

for (const [width, height] of [
  [1280, 800],
  [390, 844],
  [640, 400],
] as const) {
  test.describe(`every page at ${width} by ${height}`, () => {
    test.use({ viewport: { width, height } });
    test.setTimeout(240_000);

    test('can be read and used by a guest', async ({ page }) => {
      await expectEachWhole(page, GUEST_PAGES);
    });

    test('can be read and used by a learner', async ({ page }) => {
      await enterAs(page, 'Amalie');
      await expectEachWhole(page, LEARNER_PAGES);
    });

    test('can be read and used by a coach', async ({ page }) => {
      await enterAs(page, 'Runa');
      await expectEachWhole(page, COACH_PAGES);
    });
  });
}
