// Made by npm run facts: do not edit.
export const plan =
  '{"words":[{"sticker":"UR.R"},["front","left","back"],{"open":["edges-match/neighbours","edges-match/all","edges-match/opposite"]},["right"],{"sticker":"UF.F"},["left","back"],{"open":["edges-match/neighbours","edges-match/opposite"]},["front"],{"case":"edges-match/neighbours","turn":3}],"nodes":[[2],[6],[8],[4,0,5,0.185,1,7,0.037,2],[0,0,1,0.778,0,3,0.222,3]]}';
