/** What specs of every room need made: records and methods that pass the contract. */
export * from './entries.js';
export * from './reviews.js';
