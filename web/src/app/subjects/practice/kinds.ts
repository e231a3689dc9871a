import type { CardKind } from '@sleetcrest/core/learner/answers';
import type { Inks } from '../../ui/charts/inks';

/** How a kind of card is called, and drawn on a chart, in the order they are offered. */
export const KINDS: readonly {
  readonly kind: CardKind;
  readonly name: string;
  readonly ink: keyof Inks;
}[] = [
  { kind: 'see', name: 'See', ink: 'accent' },
  { kind: 'turn', name: 'Turn', ink: 'done' },
  { kind: 'both', name: 'See and turn', ink: 'quiet' },
  { kind: 'read', name: 'Read letters', ink: 'before' },
];
