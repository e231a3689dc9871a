export { AccountLog } from './account-log';
export type { Checked, Mapping, Preview } from './import-deeds';
export { type LogBook, type LogReader, MOST_HELD } from './log-book';
export { LogBooks } from './log-books';
export { records } from './records';
export { TOLD_WORDS, type ToldWords } from './told-words';
