import { Injectable } from '@angular/core';
import { Held } from './held';

/** Holds answers in memory, so that no spec hears what another one held in the browser. */
@Injectable()
export class MemoryHeld extends Held {
  private readonly answers = new Map<string, unknown>();

  override last = async <T>(key: string): Promise<T | undefined> =>
    this.answers.get(key) as T | undefined;

  override hold = async (key: string, answer: unknown): Promise<void> => {
    this.answers.set(key, structuredClone(answer));
  };

  override forget = async (): Promise<void> => {
    this.answers.clear();
  };
}
