import { expect, test as base, type Locator, type Page } from '@playwright/test';

/** The Bench as its users know it. */
export class BenchPage {
  readonly crown: Locator;
  readonly verdict: Locator;
  readonly walkButton: Locator;
  readonly words: Locator;

  constructor(readonly page: Page) {
    this.crown = page.locator('sc-entry sc-crown');
    this.verdict = page.locator('.verdict');
    this.walkButton = page.getByRole('button', { name: 'Walk it to solved' });
    this.words = page.locator('.words');
  }

  async open(): Promise<void> {
    await this.page.goto('/');
    await expect(this.crown).toBeVisible();
    // A font that comes late would move what is about to be pointed at.
    await this.page.evaluate(() => document.fonts.ready.then(() => undefined));
  }

  /** A sticker of the picture, by its number in the hold. */
  sticker(number: number): Locator {
    return this.crown.locator(`[data-sticker="${number}"]`);
  }

  brush(colour: string): Locator {
    return this.page.getByRole('button', { name: new RegExp(`^${colour}, `) });
  }

  /** The colours of the picture by the place each sticker has in it: "front, row 1, column 2". */
  async picture(): Promise<Map<string, string>> {
    await this.drawn();
    const labels = await this.crown
      .locator('[data-sticker]')
      .evaluateAll((all) => all.map((one) => one.getAttribute('aria-label')!));
    return new Map(
      labels.map(
        (label) => label.replace(', follows from the others', '').split(': ') as [string, string],
      ),
    );
  }

  async enterTurns(turns: string): Promise<void> {
    await this.page.getByRole('radio', { name: 'Type turns' }).click();
    await this.page.getByLabel('Turns from a solved cube').fill(turns);
    await this.page.getByRole('button', { name: 'Put these turns on the picture' }).click();
    // The picture before may have been a whole cube too.
    await this.drawn();
    await expect(this.verdict).toContainText('This is a whole cube');
  }

  /** Begins the walk and waits until it is there. */
  async walk(): Promise<void> {
    await this.walkButton.click();
    await expect(this.words).toContainText('Step 1 of');
  }

  /**
   * Presses a key, and waits until the page shows what came of it: the key has been heard when
   * `press` returns, but it is drawn in the next frame, which may be late on a busy machine.
   */
  async press(key: string, times = 1): Promise<void> {
    for (let k = 0; k < times; k++) {
      await this.page.keyboard.press(key);
      await this.drawn();
    }
  }

  /** Turns the whole cube to the hold of the step, if that is still to be done. */
  async holdAsTold(): Promise<void> {
    const ahead = this.page.locator('sc-tile-row ol[aria-label="hold"] sc-turn-tile:not(.done)');
    await this.press('ArrowRight', await ahead.count());
    await expect(ahead).toHaveCount(0);
  }

  /** Waits until the page shows what came of the last key or click. */
  async drawn(): Promise<void> {
    await this.page.evaluate(() => new Promise((shown) => requestAnimationFrame(shown)));
  }

  async expectSaved(options?: { timeout: number }): Promise<void> {
    await expect(this.page.locator('.keeping')).toHaveText(/^\s*Saved\s*$/, options);
  }

  /** Goes on turn by turn, or by whatever another key does, until the walk is over. */
  async walkToEnd(key = 'ArrowRight'): Promise<number> {
    const solved = this.page.getByRole('heading', { name: 'Solved.' });
    let presses = 0;
    while (!(await solved.isVisible())) {
      await this.press(key);
      expect(++presses).toBeLessThan(400);
    }
    return presses;
  }
}

/**
 * Journeys in a page that may ask this server only and must not complain: no request elsewhere, no
 * uncaught error, nothing refused by the Content-Security-Policy.
 */
export const test = base.extend<{ bench: BenchPage; expected: RegExp }>({
  expected: [/^$/, { option: true }],
  bench: async ({ page, baseURL, expected }, use) => {
    const complaints: string[] = [];
    const complain = (text: string): void => {
      if (!expected.test(text)) complaints.push(text);
    };
    page.on('request', (request) => {
      const { protocol, origin } = new URL(request.url());
      const own = origin === new URL(baseURL!).origin || /^(data|blob):$/.test(protocol);
      if (!own) complain(`asked for ${request.url()}`);
    });
    page.on('pageerror', (error) => complain(error.message));
    page.on('console', (message) => {
      if (message.type() === 'error') complain(message.text());
    });
    await use(new BenchPage(page));
    expect(complaints).toEqual([]);
  },
});

export { expect };
