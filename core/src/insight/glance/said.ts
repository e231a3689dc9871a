import { words } from '../../words/index.js';

export const SAY = words({
  not: 'not {others}',
  seenThere: '{place}: {colour}.',
  layerOfPiece: 'the layer of the piece that belongs {piece}',
  placeOfPiece: 'the place of the piece that belongs {piece}',
  wayOfPiece: 'the way of the piece that belongs {piece}',
  whetherOfPiece: 'whether the piece that belongs {piece} is there',
  stickerOnTop: '{place}, the sticker on top',
  stickerUnderneath: '{place}, the sticker underneath',
  stickerInFront: '{place}, the sticker in front',
  stickerAtTheBack: '{place}, the sticker at the back',
  stickerOnTheRight: '{place}, the sticker on the right',
  stickerOnTheLeft: '{place}, the sticker on the left',
  tooManyPlaces:
    'its cases ask about {places, number} places; looks can be planned for {most, number} at most',
});
