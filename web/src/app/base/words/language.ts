import { isLonger, speak } from '@sleetcrest/core/words';

/** Where a developer asks for the longer language (docs/running.md). */
const ASKED_UNDER = 'sleetcrest language';
/** What the name of a worker ends with in which the longer language is spoken. */
const LONGER = ' longer';

/** A page asks its browser; a worker is told by its name, since it has no such storage. */
const isAskedFor = (): boolean =>
  typeof localStorage === 'undefined'
    ? ((globalThis as { name?: string }).name?.endsWith(LONGER) ?? false)
    : localStorage.getItem(ASKED_UNDER) === 'longer';

// Before any word is said: words stand in constants, too.
if (isAskedFor()) speak('longer');

/** The name of a worker, by which it speaks the language of its page. */
export const workerNamed = (work: string): string => (isLonger() ? `${work}${LONGER}` : work);
