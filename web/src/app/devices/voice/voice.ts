import { Injectable, signal } from '@angular/core';

/**
 * Says sentences aloud with the browser's own voices. Where none is installed it stays silent, and
 * `silent` says so.
 */
@Injectable({ providedIn: 'root' })
export class Voice {
  private readonly speech = globalThis.speechSynthesis as SpeechSynthesis | undefined;
  /** Whether there is no voice to speak with; voices may be found a moment after the start. */
  readonly silent = signal(true);

  constructor() {
    this.look();
    this.speech?.addEventListener('voiceschanged', () => this.look());
  }

  private look(): void {
    this.silent.set((this.speech?.getVoices().length ?? 0) === 0);
  }

  /** Says it instead of what is being said; resolves when it was said, at once where silent. */
  say(text: string): Promise<void> {
    this.speech?.cancel();
    if (!this.speech || this.silent()) return Promise.resolve();
    const said = new SpeechSynthesisUtterance(text);
    said.lang = 'en';
    return new Promise((resolve) => {
      said.onend = () => {
        resolve();
      };
      said.onerror = () => {
        resolve();
      };
      this.speech!.speak(said);
    });
  }

  hush(): void {
    this.speech?.cancel();
  }
}
