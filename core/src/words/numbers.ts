/** Numbers as they are written in a sentence, from none on. */
export const NUMBER_WORDS: readonly string[] = [
  'zero',
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
  'twelve',
];

/** A count in a sentence: a word up to twelve, figures beyond. */
export const numberWord = (count: number): string => NUMBER_WORDS[count] ?? String(count);
