import { expect, type Locator, type Page } from '@playwright/test';

/** The timing view as its users know it. */
export class TimingPage {
  readonly says: Locator;
  readonly clock: Locator;
  readonly after: Locator;

  constructor(readonly page: Page) {
    this.says = page.locator('.says');
    this.clock = page.getByRole('timer');
    this.after = page.locator('sc-after');
  }

  /** Opens the view and waits for a scramble, which takes a while the first time. */
  async open(): Promise<void> {
    await this.page.goto('/timing');
    await expect(this.page.getByText('It must look like this.')).toBeVisible({ timeout: 60_000 });
  }

  /** Starts by the keys under the forefingers, without a look. */
  async startByKeys(): Promise<void> {
    await this.page.getByLabel('Look beforehand').selectOption('none');
    await this.hands('down');
    await expect(this.says).toHaveText('Let go to start');
    await this.hands('up');
    await expect(this.says).toContainText('Daisy');
  }

  async stopByKeys(): Promise<void> {
    await this.hands('down');
    await expect(this.after).toBeVisible();
    await this.hands('up');
  }

  /** Lays both forefingers down on their keys, or lifts them. */
  async hands(way: 'down' | 'up'): Promise<void> {
    await this.page.keyboard[way]('f');
    await this.page.keyboard[way]('j');
  }

  /** The turns of the scramble, as the tiles tell them. */
  async scramble(): Promise<string[]> {
    const label = await this.page.locator('.mix sc-tiles [role="img"]').getAttribute('aria-label');
    return label!.split(' ');
  }

  async connectTable(): Promise<void> {
    await this.page.getByRole('button', { name: 'Simulated table timer' }).click();
    await expect(this.page.getByText('Simulated table timer, connected.')).toBeVisible();
  }

  async lay(hand: 'left' | 'right'): Promise<void> {
    await this.page.getByRole('button', { name: `Lay the ${hand} hand` }).click();
    await expect(this.page.getByRole('button', { name: `Lift the ${hand} hand` })).toBeVisible();
  }

  async lift(hand: 'left' | 'right'): Promise<void> {
    await this.page.getByRole('button', { name: `Lift the ${hand} hand` }).click();
    await expect(this.page.getByRole('button', { name: `Lay the ${hand} hand` })).toBeVisible();
  }

  /** Starts by the simulated table timer: both hands on it, and off again. */
  async startByTable(): Promise<void> {
    await this.lay('left');
    await this.lay('right');
    await expect(this.says).toHaveText('Let go to start');
    await this.lift('left');
    await this.lift('right');
  }

  async stopByTable(): Promise<void> {
    await this.lay('left');
    await this.lay('right');
    await expect(this.says).toHaveText('Stopped');
  }

  /** Turns the simulated cube, quarter by quarter. */
  async turn(turns: readonly string[]): Promise<void> {
    const hands = this.page.getByRole('group', { name: 'Turn the simulated cube' });
    for (const turn of turns) {
      const quarter = turn.replace('2', '');
      for (let k = turn.endsWith('2') ? 2 : 1; k > 0; k--) {
        await hands.getByText(quarter, { exact: true }).click();
      }
    }
  }
}

/** The turns that undo these. */
export const undoing = (turns: readonly string[]): string[] =>
  [...turns]
    .reverse()
    .map((turn) =>
      turn.endsWith('2') ? turn : turn.endsWith("'") ? turn.slice(0, -1) : `${turn}'`,
    );
