export { createApp } from './app.js';
export { openDatabase } from './database/database.js';
export { loadOnce } from './database/load-once.js';
export { migrations } from './database/migrate.js';
export { MethodService } from './methods/service.js';
export { finish, listen } from './serve.js';
export { SolveService } from './solves/service.js';
