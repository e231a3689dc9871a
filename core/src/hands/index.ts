/** How hands hold and turn: what each turn costs, and the easiest plan for a sequence. */
export * from './actions.js';
export * from './plan.js';
