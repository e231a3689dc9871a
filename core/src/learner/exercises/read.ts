import {
  BACK,
  DOWN,
  LEFT,
  quartersOfTurn,
  type Random,
  sideOfTurn,
  type Turn,
  turnOf,
  TURNS,
} from '../../puzzle/cube/index.js';

/** A letter, and the turns to choose from: which way does it go? */
export interface ReadQuestion {
  readonly turn: Turn;
  readonly choices: readonly Turn[];
}

/** How often a letter is asked beside a plain one in sight: what is hardest to imagine, more often. */
function weightOf(turn: Turn): number {
  const side = sideOfTurn(turn);
  const hidden = side === DOWN || side === BACK ? 3 : side === LEFT ? 2 : 1;
  return hidden * (quartersOfTurn(turn) === 1 ? 1 : 2);
}

/** The letters, those that are asked most first. */
export const LETTERS: readonly Turn[] = [...TURNS].sort(
  (a, b) => weightOf(b) - weightOf(a) || a - b,
);

/** All three ways of turning that side, in an order drawn. */
export function readQuestion(turn: Turn, random: Random): ReadQuestion {
  const choices = [1, 2, 3].map((quarters) => turnOf(sideOfTurn(turn), quarters));
  for (let last = choices.length - 1; last > 0; last--) {
    const other = random(last + 1);
    [choices[last], choices[other]] = [choices[other]!, choices[last]!];
  }
  return { turn, choices };
}

/** A letter drawn by its weight, another than the one before. */
export function drawLetter(random: Random, before?: Turn): Turn {
  const letters = TURNS.filter((turn) => turn !== before);
  let at = random(letters.reduce((sum, turn) => sum + weightOf(turn), 0));
  return letters.find((turn) => (at -= weightOf(turn)) < 0)!;
}
