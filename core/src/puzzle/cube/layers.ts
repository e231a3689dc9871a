import { CORNERS, EDGES, type Place } from './pieces.js';
import { opposite, type Side, SIDES } from './sides.js';

/** The places of each layer and the stickers that face away from the first colour. */
export interface Layers {
  firstEdges: number[];
  firstCorners: number[];
  middleEdges: number[];
  lastEdges: number[];
  lastCorners: number[];
  /** The stickers that face out on the side opposite the first colour. */
  lastEdgeStickers: number[];
  lastCornerStickers: number[];
}

const onSide = (places: readonly Place[], side: Side): Place[] =>
  places.filter((place) => place.sides.includes(side));
const indices = (places: Place[]): number[] => places.map((place) => place.index);
const facing = (places: Place[], side: Side): number[] =>
  places.map((place) => place.stickers[place.sides.indexOf(side)]!);

const LAYERS: readonly Layers[] = SIDES.map((first) => {
  const last = opposite(first);
  return {
    firstEdges: indices(onSide(EDGES, first)),
    firstCorners: indices(onSide(CORNERS, first)),
    middleEdges: indices(
      EDGES.filter(({ sides }) => !sides.includes(first) && !sides.includes(last)),
    ),
    lastEdges: indices(onSide(EDGES, last)),
    lastCorners: indices(onSide(CORNERS, last)),
    lastEdgeStickers: facing(onSide(EDGES, last), last),
    lastCornerStickers: facing(onSide(CORNERS, last), last),
  };
});

/** The edges and corners (numbered by home place) of the layers, for one first colour. */
export const layersOf = (first: Side): Readonly<Layers> => LAYERS[first]!;
