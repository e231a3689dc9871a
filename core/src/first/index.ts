/** What somebody needs who has never solved a cube. */
export * from './page.js';
export { firstPages } from './pages.js';
export { doneBy, shownAt } from './shown.js';
