import { Threads } from '../threads/threads.js';
import type { PageAsked } from './asked.js';

// A page with two cases takes half a second of drawing; the thread that answers must not.
const pages = new Threads<PageAsked, Uint8Array>('pages', {
  file: new URL('./page.js', import.meta.url),
  threads: 1,
  waiting: 10,
  seconds: 60,
});
const binders = new Threads<readonly Uint8Array[], Uint8Array>('binding', {
  file: new URL('./bind.js', import.meta.url),
  threads: 1,
  waiting: 10,
  seconds: 60,
});

export const pageOf = (asked: PageAsked, signal: AbortSignal): Promise<Uint8Array> =>
  pages.run(asked, signal);
export const bound = (parts: readonly Uint8Array[], signal: AbortSignal): Promise<Uint8Array> =>
  binders.run(parts, signal);
