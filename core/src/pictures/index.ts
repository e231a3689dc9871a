/** Reading a cube from photographs of its sides, and a simulated camera that takes them. */
export * from './camera.js';
export * from './image.js';
export * from './read-sides.js';
export * from './sampling.js';
