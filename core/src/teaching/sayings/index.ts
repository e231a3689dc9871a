export { sayingFor, SAYINGS } from './built-in.js';
export {
  readWords,
  type Saying,
  sayingOf,
  sayingProblems,
  sequenceKey,
  wordsOver,
  writeWords,
} from './saying.js';
