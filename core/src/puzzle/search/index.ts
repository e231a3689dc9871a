export { crossTable, turnsLayer } from './cross-table.js';
export { fewestTo, type FirstGoal, reachedOf } from './first-steps.js';
export { pairTables, PairTables, ROOM_COUNT } from './pair-tables.js';
export { atHome, MOVED, placeOf, whereIs } from './piece-moves.js';
export { scramble } from './scramble.js';
export { makeWayTables, WAY_TABLES_VERSION, type WayTables } from './way-tables.js';
export { SHORTEST_UP_TO, wayBetween } from './way.js';
