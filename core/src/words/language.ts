/** Plain English, or the longer one that only shows which words a page has room for (docs/running.md). */
type Language = 'plain' | 'longer';

let spoken: Language = 'plain';

/** Chooses the language of all that is said from now on in this thread; what was said stays as it is. */
export function speak(language: Language): void {
  spoken = language;
}

export const isLonger = (): boolean => spoken === 'longer';
