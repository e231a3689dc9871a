export type { Branded } from './brand.js';
export {
  type Colour,
  colourLetter,
  COLOURS,
  type ColourScheme,
  sideOfColour,
  STANDARD_SCHEME,
} from './colours.js';
export {
  colourAt,
  colourOfValue,
  compose,
  composeInto,
  copyCube,
  type Cube,
  inverse,
  isHome,
  isSolved,
  paintStickers,
  pieceAt,
  placeOfPiece,
  placeValue,
  sameCube,
  solvedCube,
  twistAt,
} from './cube.js';
export { type Filled, fillPlaces, type Semiring, VALUES } from './fill-places.js';
export { NORMALS, STICKERS } from './geometry.js';
export {
  faceInHold,
  type Hold,
  HOLD_COUNT,
  holdOf,
  HOLDS,
  holdsWithUp,
  HOME_HOLD,
  nearestHolds,
  sideInHold,
  stickerInHold,
  stickerSeenInHold,
  turnedOver,
  turnHold,
  turnInHold,
  turnSeenInHold,
} from './holds.js';
export { isOdd, isSolvable } from './laws.js';
export { type Layers, layersOf } from './layers.js';
export { findProblems, type Problem, PROBLEM_KINDS } from './legality.js';
export {
  type CubeDocument,
  cubeFromPainted,
  type DocumentError,
  type Painted,
  type PaintedCube,
  paintedFromCube,
  readCubeDocument,
  SCHEME_SIDES,
  STICKER_COUNT,
  stickersSeen,
  UNSEEN,
  unseenCube,
  writeCubeDocument,
  writePainted,
} from './painted.js';
export {
  CORNER_COUNT,
  CORNERS,
  EDGE_COUNT,
  EDGES,
  inLayer,
  type Place,
  PLACE_COUNT,
  placeNamed,
  placeOnSides,
  PLACES,
  STICKER_PLACE,
  STICKER_SLOT,
} from './pieces.js';
export { type Random, type Seed, randomCube, randomFrom, shuffle } from './random.js';
export { fail, ok, type Result } from './result.js';
export {
  BACK,
  DOWN,
  FRONT,
  LEFT,
  opposite,
  RIGHT,
  type Side,
  SIDE_LETTERS,
  sideOfLetter,
  SIDES,
  UP,
} from './sides.js';
export { type Rgb, rgbOf, SWATCHES } from './swatches.js';
export {
  applyTurn,
  applyTurns,
  inverseTurn,
  quartersOfTurn,
  sideOfTurn,
  STICKER_SOURCES,
  STICKER_TARGETS,
  type Turn,
  TURN_COUNT,
  turnOf,
  TURNS,
  turnsIn,
} from './turns.js';
export { inColours, kindOfPlace, pieceColours, placeWords, whereInHold } from './words.js';
