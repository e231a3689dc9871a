// Made by npm run facts: do not edit.
export const plan =
  '{"words":[{"sticker":"UB.U"},["first"],{"case":"daisy-cross/down","piece":"UB"},["opposite","right","front","left","back"],{"sticker":"UL.U"},{"case":"daisy-cross/down","piece":"UL"},{"sticker":"UR.U"},{"case":"daisy-cross/down","piece":"UR"},{"case":"daisy-cross/down","piece":"UF"}],"nodes":[[2],[5],[7],[8],[6,0,1,0.104,2,3,0.0625,3],[4,0,1,0.208,1,3,0.167,4],[0,0,1,0.625,0,3,0.375,5]]}';
