export { casesOf, type Task, taskWords, wholeOf } from './task.js';
