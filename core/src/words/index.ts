/** What is said to people: words by key, as ICU messages. */
export { capitalised } from './capitalised.js';
export { isLonger, speak } from './language.js';
export { either, listed } from './listed.js';
export { NUMBER_WORDS, numberWord } from './numbers.js';
export { spoken, words } from './words.js';
