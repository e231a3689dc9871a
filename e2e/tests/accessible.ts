import { AxeBuilder } from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';

const RULES = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'];

/** All rules by day; by night those of colours, since nothing else is other then. */
export async function expectAccessible(page: Page): Promise<void> {
  await turnTo(page, 'light');
  await expectNoneBroken(looksAt(page).withTags(RULES));
  await turnTo(page, 'dark');
  await expectNoneBroken(looksAt(page).withRules(['color-contrast']));
}

/** Colours on their way from one theme to the other are neither's. */
async function turnTo(page: Page, colorScheme: 'light' | 'dark'): Promise<void> {
  await page.emulateMedia({ colorScheme });
  await page.evaluate(async () => {
    const underWay = document.getAnimations().filter((one) => one instanceof CSSTransition);
    await Promise.allSettled(underWay.map(({ finished }) => finished));
  });
}

/**
 * All is looked at; told is only what fails. There are no frames of others, for which each look would
 * open a page of its own.
 */
const looksAt = (page: Page): AxeBuilder =>
  new AxeBuilder({ page }).options({ resultTypes: ['violations'] }).setLegacyMode();

async function expectNoneBroken(rules: AxeBuilder): Promise<void> {
  const { violations } = await rules.analyze();
  expect(violations.map(({ id, nodes }) => [id, nodes.map(({ target }) => target)])).toEqual([]);
}
