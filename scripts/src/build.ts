import { command } from './said.js';
import { buildWeb } from './web-build.js';

// The rooms that run on Node were built on the way here.
await command(buildWeb);
