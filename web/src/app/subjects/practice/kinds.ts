import type { CardKind } from '@sleetcrest/core/learner/answers';
import type { Inks } from '../../ui/charts/inks';
import { SAY } from './words';

/** How a kind of card is called, and drawn on a chart, in the order they are offered. */
export const KINDS: readonly {
  readonly kind: CardKind;
  readonly name: string;
  readonly ink: keyof Inks;
}[] = [
  { kind: 'see', name: SAY.see, ink: 'accent' },
  { kind: 'turn', name: SAY.turn, ink: 'done' },
  { kind: 'both', name: SAY.seeAndTurn, ink: 'quiet' },
  { kind: 'read', name: SAY.readLetters, ink: 'before' },
];
