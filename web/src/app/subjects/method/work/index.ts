export { CaseBook, type Whose } from './case-book';
export { type OnProgress, type Proved, Work } from './work';
