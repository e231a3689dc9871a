/** What is said to people: words by key, as ICU messages. */
export { isLonger, type Language, speak } from './language.js';
export { either, listed } from './listed.js';
export { BEGINS, ENDS } from './longer.js';
export { spoken, words, type Words } from './words.js';
