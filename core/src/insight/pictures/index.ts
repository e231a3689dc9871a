export { DEFAULT_DIFFICULTY, photographs } from './camera.js';
export { middleSquare, type Outline, type Photo, type Point } from './image.js';
export { likeliestCube } from './likeliest.js';
export { readSides } from './read-sides.js';
export { stickerLights } from './sampling.js';
