export { CROWN_SHAPES, CROWN_SIZE } from './crown.js';
export { letterOn } from './letter-on.js';
export { GROUND, skyline } from './skyline.js';
export { crownSvg, type Ink, tilesSvg } from './svg.js';
export { drawTurn } from './turn.js';
