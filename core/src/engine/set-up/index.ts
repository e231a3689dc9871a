export { type SetUp, setUpFor } from './set-up.js';
