import { signal } from '@angular/core';
import { apiFailure } from '../api/failure';

/** What a page does at somebody's wish: one thing at a time, and why it failed, in a sentence. */
export class Deed {
  private readonly doing = signal(false);
  private readonly failed = signal<string | null>(null);
  readonly busy = this.doing.asReadonly();
  readonly trouble = this.failed.asReadonly();

  /** Does it; what goes wrong is told by `trouble` and thrown no further. */
  readonly do = async (work: () => Promise<void>): Promise<void> => {
    this.doing.set(true);
    this.failed.set(null);
    try {
      await work();
    } catch (error) {
      this.failed.set(apiFailure(error).message);
    } finally {
      this.doing.set(false);
    }
  };

  /** Something is wrong before it is begun. */
  refuse(why: string): void {
    this.failed.set(why);
  }

  forget(): void {
    this.failed.set(null);
  }
}
