import type { Page } from '@playwright/test';
import { expect, test } from './bench-page.js';
import { beside, COACH_PAGES, GUEST_PAGES, LEARNER_PAGES, openWhole } from './pages.js';
import { enterAs } from './people.js';

/** From now on the pages of this browser speak the longer language. */
const speakLonger = (page: Page): Promise<unknown> =>
  page.addInitScript(() => {
    localStorage.setItem('sleetcrest language', 'longer');
  });

/** What people of the demo and of other journeys wrote themselves, their names first. */
const THEIRS = [
  ...['Amalie', 'Jonas', 'Marit', 'Nils', 'Odd', 'Pia', 'Runa', 'Sunniva', 'Teo', 'Vilde'],
  'Thursday table at Skarvik landing',
  'Slowly, and say the words aloud.',
  'Look first, then turn.',
  'cold hands',
  'Grandfather watched',
];

/**
 * What a page shows or has read aloud that was not said by key: it carries no mark of the longer
 * language. Names, codes, notation, colours and days are no words of ours.
 */
const unsaid = (page: Page): Promise<string[]> =>
  page.evaluate((theirs) => {
    const said = /[àçéïñôûýÀÇÉÏÑÔÛÝ⟦⟧~]/;
    const none =
      /^(?:white|yellow|red|orange|green|blue|Sleetcrest|[A-Z\d]{8}|\w+ [\da-f]{6}|[-URFDLBxyz2'′i()\s]+|\w{2,3},? \d\d?(?: \w{3})?(?: \d{4})?.*|\d\d? \w{3}.*|[\d:.,–+−%× s]+)$/i;
    const isShown = (element: Element): boolean =>
      element.checkVisibility({ visibilityProperty: true, opacityProperty: true });
    const found = new Set<string>();
    const look = (text: string | null, of: Element): void => {
      const trimmed = (text ?? '').replace(/\s+/g, ' ').trim();
      if (!/\p{L}{2}/u.test(trimmed) || said.test(trimmed) || none.test(trimmed)) return;
      if (theirs.includes(trimmed)) return;
      if (of.closest('[data-theirs], script, style') || !isShown(of)) return;
      found.add(`${of.tagName.toLowerCase()}: ${trimmed}`);
    };
    const texts = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    while (texts.nextNode()) look(texts.currentNode.textContent, texts.currentNode.parentElement!);
    const named = document.querySelectorAll('[aria-label], [title], [placeholder], img');
    for (const element of Array.from(named))
      for (const name of ['aria-label', 'title', 'placeholder', 'alt'])
        look(element.getAttribute(name), element);
    return [...found];
  }, THEIRS);

/** What is left unsaid on these pages, or has no room in the window. */
async function leftOn(page: Page, paths: readonly string[]): Promise<string[]> {
  const left: string[] = [];
  for (const path of paths) {
    await openWhole(page, path);
    const found = [...(await unsaid(page)), ...(await beside(page)).map((one) => `beside: ${one}`)];
    left.push(...found.map((text) => `${path} ${text}`));
  }
  return left;
}

for (const width of [1280, 390]) {
  test.describe(`in a longer language, ${width} pixels wide,`, () => {
    test.use({ viewport: { width, height: 800 } });
    test.setTimeout(240_000);

    test('nothing is left out and all has room for a guest', async ({ page }) => {
      await speakLonger(page);
      expect(await leftOn(page, GUEST_PAGES)).toEqual([]);
    });

    test('nothing is left out and all has room for a learner', async ({ page }) => {
      await enterAs(page, 'Amalie');
      await speakLonger(page);
      expect(await leftOn(page, LEARNER_PAGES)).toEqual([]);
    });

    test('nothing is left out and all has room for a coach', async ({ page }) => {
      await enterAs(page, 'Runa');
      await speakLonger(page);
      expect(await leftOn(page, COACH_PAGES)).toEqual([]);
    });
  });
}
