/**
 * How hard a text is to read, by the grade level of Flesch and Kincaid (1975):
 * 0.39 · words per sentence + 11.8 · syllables per word − 15.59. Grade 6 is read at about eleven.
 */
export interface Readable {
  grade: number;
  /** Words of the longest sentence. */
  longest: number;
}

const WORD = /[a-z']+/g;
/** Endings whose e is not spoken, unless it is the word's only vowel. */
const SILENT = /(?:[^aeiouylcgshxz]es|[^aeiouytd]ed|[^aeiouylr]e|[aeiou][lr]e)$/;

/**
 * The syllables of an English word, counted by its groups of vowels. The e of an ending is mostly
 * silent ("side", "sides", "turned"), but not in "little", "centre", "places" or "lifted".
 */
export function syllablesOf(word: string): number {
  const letters = word.toLowerCase().replace(/[^a-z]/g, '');
  const spoken = letters
    .replace(/^y|([aeiou])y(?=[aeiou])/g, '$1-')
    .replace(SILENT, (ending) => ending.slice(0, ending.search(/e[sd]?$/)));
  return Math.max(1, spoken.match(/[aeiouy]+/g)?.length ?? 0);
}

/** The sentences of a text; a colon and a semicolon end one no more than a comma does. */
const sentencesIn = (text: string): string[][] =>
  text
    .toLowerCase()
    .split(/[.!?]+(?:\s|$)/)
    .map((sentence): string[] => sentence.match(WORD) ?? [])
    .filter((words) => words.length > 0);

/** How hard a text is to read; one without words is of grade 0. */
export function readable(text: string): Readable {
  const sentences = sentencesIn(text);
  const words = sentences.flat();
  if (words.length === 0) return { grade: 0, longest: 0 };
  const syllables = words.reduce((sum, word) => sum + syllablesOf(word), 0);
  return {
    grade: 0.39 * (words.length / sentences.length) + 11.8 * (syllables / words.length) - 15.59,
    longest: Math.max(...sentences.map(({ length }) => length)),
  };
}
