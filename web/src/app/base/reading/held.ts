import { Injectable } from '@angular/core';
import { openDB, type IDBPDatabase } from 'idb';
import { apiFailure } from '../api/failure';

const STORE = 'answers';

/** Answers of the server as they were heard last, for when it cannot be reached. */
@Injectable({ providedIn: 'root' })
export class Held {
  private database: Promise<IDBPDatabase> | undefined;

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
      return (await (await this.open()).get(STORE, key)) as T | undefined;
    } catch {
      // Storage may be closed to us.
      return undefined;
    }
  }

  async hold(key: string, answer: unknown): Promise<void> {
    try {
      await (await this.open()).put(STORE, answer, key);
    } catch {
      // Without storage, or room in it, there is nothing to show without a network; no more than that.
    }
  }

  /** Forgets everything, as when somebody signs out. */
  async forget(): Promise<void> {
    try {
      await (await this.open()).clear(STORE);
    } catch {
      // Then there was nothing to forget.
    }
  }

  private open(): Promise<IDBPDatabase> {
    return (this.database ??= openDB('sleetcrest held', 1, {
      upgrade: (database) => void database.createObjectStore(STORE),
    }));
  }
}
