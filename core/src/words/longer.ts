const PLAIN = 'aceinouyACEINOUY';
const ACCENTED = 'àçéïñôûýÀÇÉÏÑÔÛÝ';
/** One sign more for so many letters: as much longer as a wordy language is. */
const LETTERS_PER_SIGN = 3;

/** Where what is said in the longer language begins and ends: what is cut off lacks one of them. */
export const BEGINS = '⟦';
export const ENDS = '⟧';

/** Text as a language with accents writes it. */
export function accented(text: string): string {
  return [...text].map((letter) => ACCENTED[PLAIN.indexOf(letter)] ?? letter).join('');
}

/** Lengthens what `message` has become, and marks its ends: what has no marks was never said by key. */
export function lengthened(text: string, message: string): string {
  return `${BEGINS}${text}${'~'.repeat(Math.ceil(message.length / LETTERS_PER_SIGN))}${ENDS}`;
}
