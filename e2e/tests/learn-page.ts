import { expect, type Locator, type Page } from '@playwright/test';

/** The Learn view, as somebody learning uses it. */
export class LearnPage {
  readonly today: Locator;
  readonly cases: Locator;

  constructor(readonly page: Page) {
    this.today = page.getByRole('region', { name: 'Today' });
    this.cases = page.locator('.cases');
  }

  /** Opens the path and waits until what each case is worth is known. */
  async open(): Promise<void> {
    await this.page.goto('/learn');
    await this.isReady();
  }

  async isReady(): Promise<void> {
    await expect(this.cases.getByRole('link').first()).toBeVisible({ timeout: 60_000 });
  }

  /** Chooses a stage on the ridge, and begins the lesson of a case. */
  async beginLesson(stage: string, title: string): Promise<void> {
    await this.page.getByRole('button', { name: new RegExp(`^${stage}`) }).click();
    await this.cases.getByRole('link', { name: title }).click();
    await expect(this.page.getByRole('heading', { name: title })).toBeVisible();
    await expect(this.page.getByRole('button', { name: 'Now together' })).toBeVisible();
  }

  /** The turns of the lesson as its tiles name them. */
  async tiles(): Promise<string[]> {
    const tiles = this.page.getByRole('list', { name: 'Turns' }).locator('.name');
    await expect(tiles.first()).toBeVisible();
    return (await tiles.allInnerTexts()).map((text) => text.trim());
  }

  /** Turns by letters: with Shift the other way, a half turn as two quarters. */
  async turnByKeys(turns: readonly string[]): Promise<void> {
    for (const turn of turns) {
      const key = turn.endsWith("'") ? `Shift+${turn[0]!}` : turn[0]!.toLowerCase();
      await this.page.keyboard.press(key);
      if (turn.endsWith('2')) await this.page.keyboard.press(key);
    }
  }

  /** Turns the simulated cube, by its own buttons. */
  async turnTheCube(turns: readonly string[]): Promise<void> {
    const hands = this.page.getByRole('group', { name: 'Turn the simulated cube' });
    for (const turn of turns) {
      const button = hands.getByText(turn.replace('2', ''), { exact: true });
      await button.click();
      if (turn.endsWith('2')) await button.click();
    }
  }

  /** Answers a card of seeing with its first choice, and goes on. */
  async answerAny(): Promise<void> {
    const answers = this.page.getByRole('list', { name: 'Answers' });
    await expect(answers.getByRole('button').first()).toBeEnabled();
    await expect(this.page.getByText(/^(Yes, in|No, it is)/)).toHaveCount(0);
    // The time runs once the picture is drawn: before that no answer counts.
    await expect(async () => {
      await this.page.keyboard.press('1');
      await expect(this.page.getByText(/^(Yes, in|No, it is)/)).toBeVisible({ timeout: 500 });
    }).toPass();
  }
}
