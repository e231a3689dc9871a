import { randomInt } from 'node:crypto';
import { CODE_LETTERS } from '@sleetcrest/contract/accounts';

/** Letters and digits that are not mixed up, by chance. */
export const newCode = (letters: number): string =>
  Array.from({ length: letters }, () => CODE_LETTERS[randomInt(CODE_LETTERS.length)]!).join('');
