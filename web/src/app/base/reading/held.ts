import { Injectable } from '@angular/core';
import { database } from '../storage/database';
import { apiFailure } from '../api/failure';

const STORE = 'answers';

/** Answers of the server as they were heard last, for when it cannot be reached. */
@Injectable({ providedIn: 'root' })
export class Held {
  private readonly open = database('sleetcrest held', 1, { [STORE]: '' });

  /** What is asked for; where the server cannot be reached, what it answered last. */
  async or<T>(key: string, ask: () => Promise<T>): Promise<T> {
    try {
      const answer = await ask();
      void this.hold(key, answer);
      return answer;
    } catch (error) {
      const last = apiFailure(error).unreachable ? await this.last<T>(key) : undefined;
      if (last === undefined) throw error;
      return last;
    }
  }

  async last<T>(key: string): Promise<T | undefined> {
    try {
      return await (await this.open()).table<T, string>(STORE).get(key);
    } catch {
      // Storage may be closed to us.
      return undefined;
    }
  }

  async hold(key: string, answer: unknown): Promise<void> {
    try {
      await (await this.open()).table(STORE).put(answer, key);
    } catch {
      // Without storage, or room in it, there is nothing to show without a network; no more than that.
    }
  }

  /** Forgets everything, as when somebody signs out. */
  async forget(): Promise<void> {
    try {
      await (await this.open()).table(STORE).clear();
    } catch {
      // Then there was nothing to forget.
    }
  }
}
