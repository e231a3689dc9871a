export { sidesAlike } from './alike.js';
export { PATTERNS } from './built-in.js';
export { paintedPicture } from './paint.js';
