import { words } from '../../words/index.js';

export const SAY = words({
  everyColourHasNineStickers: 'Every colour has nine stickers, but there are {list}.',
  lookForAStickerThat: 'Look for a {over} sticker that should be {under}.',
  lookAgainAtTheStickers: 'Look again at the {over} stickers: one of them is another colour.',
  theCornerIsPaintedThe:
    'The {colours} corner {where} is painted the wrong way round, as in a mirror.',
  twoOfItsThreeStickers: 'Two of its three stickers are exchanged: read the corner {where} again.',
  thereIsOnlyOneBut: 'There is only one {colours} {piece}, but it is painted {where}.',
  lookAtThosePlacesAgain: 'Look at those places again: one of them holds another piece.',
  paintTheEmptyStickers: 'Paint the empty stickers.',
  oneEdgeIsInThe: 'One edge is in the wrong way up: no turns can solve this cube.',
  whenTheTwoEdgesAre:
    'When the two edges are exchanged, put the {flip} edge back flipped: that mends both.',
  oneCornerIsTwistedIn: 'One corner is twisted in its place: no turns can solve this cube.',
  twoPiecesHaveChangedPlaces: 'Two pieces have changed places: no turns can solve this cube.',
  onTop: 'on top',
  atTheBottom: 'at the bottom',
  inTheMiddle: 'in the middle',
  inFront: 'in front',
  atTheBack: 'at the back',
  onTheRight: 'on the right',
  onTheLeft: 'on the left',
  atTheFrontRight: 'at the front right',
  atTheFrontLeft: 'at the front left',
  atTheBackRight: 'at the back right',
  atTheBackLeft: 'at the back left',
  between: 'between {list}',
  noSuchPiece:
    '{kind, select, corner {The corner {where} is painted {colours}, and no corner has those colours.} other {The edge {where} is painted {colours}, and no edge has those colours.}}',
  lookAgainAtAll:
    '{kind, select, corner {Look again at the three stickers {where}.} other {Look again at the two stickers {where}.}}',
  notPainted:
    '{places, plural, one {One place is not painted yet: {where}.} other {# places are not painted yet.}}',
  flipBack:
    'If it is painted right, take out the {flip} edge {where} and put it back flipped: turn a layer it is in half way to a quarter and lever it out. Any other edge would do, this one is the easiest. Keep the loose parts away from small children.',
  twistBack:
    'If it is painted right, twist the {place} corner {where} a third of a turn {way, select, clockwise {clockwise} other {counter-clockwise}}, looking straight at it. Many cubes let it twist where it is; otherwise take out an edge beside it first. Any other corner would do, this one is the easiest. Keep the loose parts away from small children.',
  exchangeBack:
    '{kind, select, corner {If it is painted right, take out the {one} and the {other} corner and exchange them. Any other two corners would do, these are the easiest.} other {If it is painted right, take out the {one} and the {other} edge and exchange them. Any other two edges would do, these are the easiest.}} Keep the loose parts away from small children.',
  place: '{layer}, {where}',
  coloursMissing: 'a colour scheme names each colour once; {missing} missing',
  wrongCentre: 'the fifth sticker of the {colour} side is its centre and must be {colour}',
});
