import type { Random, Turn } from '../../puzzle/cube/index.js';
import { readMoves, writeMove } from '../../puzzle/notation/index.js';
import type { Stage } from '../../teaching/stages/index.js';
import type { Asked, CardKind, CardName, Fresh, Grasp } from '../answers/index.js';
import { drawLetter, LETTERS } from './read.js';

/** A case on somebody's path, as far as its cards need it. */
export interface OnPath {
  readonly case: string;
  /** The sequence to be turned; empty where there is none to learn. */
  readonly drill: string;
  readonly turns: number;
  readonly stage: Stage;
  readonly grasp: Grasp;
  readonly skipped: boolean;
}

/** The cards of what is on the path, and of the letters: no other is asked. */
export function cardsOnPath(cases: readonly OnPath[]): CardName[] {
  const letters = LETTERS.map(
    (turn) => ({ kind: 'read', item: writeMove(turn, 'prime') }) as const,
  );
  const ofCases = cases
    .filter(({ skipped }) => !skipped)
    .flatMap((one): CardName[] => {
      const turn: CardName[] = one.drill === '' ? [] : [{ kind: 'turn', item: one.drill }];
      return [{ kind: 'see', item: one.case }, { kind: 'both', item: one.case }, ...turn];
    });
  return [...ofCases, ...letters];
}

/** The cards with which what was never begun begins, in the order of the path. */
export function freshOnPath(cases: readonly OnPath[]): Fresh[] {
  return cases
    .filter(({ grasp, skipped }) => grasp === 'new' && !skipped)
    .flatMap((one): Fresh[] => {
      const see: Fresh = { kind: 'see', item: one.case, turns: 0 };
      return one.drill === '' ? [see] : [see, { kind: 'turn', item: one.drill, turns: one.turns }];
    });
}

/**
 * A card of one kind where none is due, since one may practise all the same: of what is begun, else of
 * the stage one is at, else of all that is there; another than the last, where there is another.
 */
export function drawCard(
  kind: CardKind,
  cases: readonly OnPath[],
  here: Stage | undefined,
  last: string | undefined,
  random: Random,
): Asked | null {
  if (kind === 'read') {
    const before = readMoves(last ?? '');
    const letter = drawLetter(random, before.ok ? (before.value[0] as Turn) : undefined);
    return { kind, item: writeMove(letter, 'prime'), because: 'new' };
  }
  const all = cases.filter(({ skipped, drill }) => !skipped && (kind !== 'turn' || drill !== ''));
  const begun = all.filter(({ grasp }) => grasp !== 'new');
  const atHand = all.filter(({ stage }) => stage === here);
  const [some = all] = [begun, atHand].filter(({ length }) => length > 0);
  const items = [...new Set(some.map((one) => (kind === 'turn' ? one.drill : one.case)))];
  const others = items.filter((item) => item !== last);
  const from = others.length > 0 ? others : items;
  const item = from.length > 0 ? from[random(from.length)] : undefined;
  return item === undefined ? null : { kind, item, because: 'new' };
}
