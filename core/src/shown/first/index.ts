export type { Ask } from './page.js';
export { firstPages } from './pages.js';
export { doneBy, shownAt } from './shown.js';
