/** British, as all that is said: no comma before the last. */
const LANGUAGE = 'en-GB';
const AND = new Intl.ListFormat(LANGUAGE, { type: 'conjunction' });
const OR = new Intl.ListFormat(LANGUAGE, { type: 'disjunction' });

/** `a, b and c` */
export const listed = (all: readonly string[]): string => AND.format(all);

/** `a, b or c` */
export const either = (all: readonly string[]): string => OR.format(all);
