export { type Task, taskWords, wholeOf } from './task.js';
