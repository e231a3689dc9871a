export { checkWording } from './untrue.js';
