const PLAIN = 'aceinouyACEINOUY';
const ACCENTED = 'àçéïñôûýÀÇÉÏÑÔÛÝ';
/** One sign more for so many letters: as much longer as a wordy language is. */
const LETTERS_PER_SIGN = 3;
/** No word is longer: a line breaks between them. */
const WORD = '~~~~~~ ';

/** Where what is said in the longer language begins and ends: what is cut off lacks one of them. */
const BEGINS = '⟦';
const ENDS = '⟧';

/** Text as a language with accents writes it. */
export function accented(text: string): string {
  return [...text].map((letter) => ACCENTED[PLAIN.indexOf(letter)] ?? letter).join('');
}

/** Lengthens what `message` has become, and marks its ends: what has no marks was never said by key. */
export function lengthened(text: string, message: string): string {
  const signs = Math.ceil(message.length / LETTERS_PER_SIGN);
  const more = WORD.repeat(signs).slice(0, signs).trimEnd();
  return `${BEGINS}${text}${more}${ENDS}`;
}
