export { KINDS } from './kinds';
export type { CaseKnown, Knowledge } from './local-practice';
export { PracticeBook } from './practice-book';
