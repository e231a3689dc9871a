export { type OnProgress, type Proved, Work } from './work';
