import { readWords, type Saying, sayingOf } from './saying.js';

const saying = (sequence: string, name: string, words: string): Saying => ({
  sequence,
  name,
  words: readWords(words),
});

/** Words that ship with the built-in sequences; a method's own come before them. */
export const SAYINGS: readonly Saying[] = [
  saying("R U R' U'", 'The ferry', 'ramp up · car on · ramp down · cast off'),
  saying("L' U' L U", 'The lamp', 'lift the lamp · swing it in · hang it down · swing away'),
  saying("R U R'", 'The basket', 'basket up · apple in · basket down'),
  saying("L' U' L", 'The anchor', 'anchor up · boat comes round · anchor down'),
  saying("R U2 R'", 'The wave', 'bow rises · wave rolls round · bow falls'),
  saying("U R U' R'", 'The bus', 'step aside · doors open · step in · doors close'),
  saying("R U2 R' U' R U R'", 'The coat', 'take it off ×3 · turn about · put it on ×3'),
  saying("R' D' R", 'The hatch', 'hatch open · crate slides in · hatch shut'),
  saying("L D L'", 'The well', 'bucket down · water in · bucket up'),
  saying("R' D2 R", 'The rug', 'lift a corner · flip it over · lay it flat'),
  saying("R' D R", 'The drawer', 'pull it out · move the spoon · push it back'),
  saying("F D' F'", 'The letter box', 'flap up · letter through · flap down'),
  saying(
    "U R U R' U' y L' U' L U",
    'The way home',
    'walk away · open the gate · pass through · shut the gate · look back · turn the corner · lift the latch · slip inside · drop the latch · light the stove',
  ),
  saying(
    "U' L' U' L U y' R U R' U'",
    'The rowing boat',
    'row out · raise the oar · glide along · sink the oar · drift back · round the point · throw the rope · pull in · make fast · step ashore',
  ),
  saying("U R U R' U'", 'The milk', 'go out · take the can · fill it · set it down · come home'),
  saying(
    "U' L' U' L U",
    'The hens',
    'cross the yard · raise the lid · take the grain · lower the lid · cross again',
  ),
  saying(
    "U R U' R' U' F' U F",
    'The door',
    'away and up ×2 · back and down ×2 · aside and open ×2 · in and closed ×2',
  ),
  saying(
    "U' L' U L U F U' F'",
    'The shoe',
    'shoe off ×2 · sock on ×2 · shoe over ×2 · lace tight ×2',
  ),
  saying("R U R U R U' R' U' R' U'", 'The lighthouse', 'five stairs up ×5 · five stairs down ×5'),
  saying("R' U' R' U' R' U R U R U", 'The diver', 'five strokes under ×5 · five strokes back ×5'),
  saying("F R U R' U' F'", 'The book', 'open the book · turn a page ×4 · close the book'),
  saying("F U R U' R' F'", 'The tent', 'unzip · crawl in and out ×4 · zip up'),
  saying(
    "R U R' U R U2 R' U",
    'The sails',
    'small sail up ×3 · turn the wheel · big sail up ×3 · steer home',
  ),
  saying(
    "U R U' L' U R' U' L",
    'The gulls',
    'right gull flies ×2 · left gull flies ×2 · right gull lands ×2 · left gull lands ×2',
  ),
  saying(
    "U' L' U R U' L U R'",
    'The cat',
    'left paw out ×2 · right paw out ×2 · left paw in ×2 · right paw in ×2',
  ),
  saying("R' D' R D", 'The pen', 'dip the pen · wipe it · lift the pen · write on'),
  saying("R U R' U R U2 R'", 'The knock', 'knock softly ×3 · wait · knock loudly ×3'),
  saying("R U2 R' U' R U' R'", 'The breath', 'breathe in ×3 · hold · breathe out ×3'),
  saying(
    "R' F R' B2 R F' R' B2 R2",
    'The bed',
    'kneel and tuck ×2 · shake it behind ×2 · stand and untuck ×2 · smooth it behind ×2 · turn round',
  ),
  saying(
    "x R2 D2 R U R' D2 R U' R x'",
    'The table',
    'tip the table · wipe it twice ×2 · set a cup ×3 · wipe again · take the cup ×3 · tip it back',
  ),
  saying(
    "L' U R U' L U R' R U R' U R U2 R'",
    'The bell rope',
    'pull left, pull right ×7 · ring it out ×7',
  ),
  saying(
    "F2 U L R' F2 L' R U F2",
    'The dough',
    'press · go left · squeeze ×2 · press again · let go ×2 · left once more · press flat',
  ),
  saying(
    "F2 U' L R' F2 L' R U' F2",
    'The accordion',
    'thump · reach right · draw it in ×2 · thump louder · draw it out ×2 · reach again · last thump',
  ),
  saying(
    "R U' R U R U R U' R' U' R2",
    'The clock',
    'wind it back ×2 · wind it on ×2 · and on again ×2 · back a little ×2 · unwind ×2 · let it strike',
  ),
];

/** The words for a sequence: the method's own, else those one is taught by, else those that ship. */
export const sayingFor = (
  sequence: string,
  method: { readonly sayings?: readonly Saying[] | undefined } | undefined,
  taught: readonly Saying[] = [],
): Saying | undefined => sayingOf(sequence, [...(method?.sayings ?? []), ...taught, ...SAYINGS]);
