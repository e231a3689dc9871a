/** What somebody needs who has never solved a cube. */
export * from './pages.js';
