import { spoken } from '../words/say';
import { matchKeyBindingPress, parseKeybinding } from 'tinykeys';

/** One thing that keys do somewhere. */
export interface KeyDeed {
  /** Which keys, as tinykeys has them: `Shift+ArrowRight`, `([1-9])`; `$mod` is Ctrl, or Cmd on a Mac. */
  readonly on: readonly string[];
  /** How they are shown. */
  readonly shown: string;
  /** What they do, in few words. */
  readonly says: string;
}

/** A place where keys do something: what is listened to, and what the map under `?` shows of it. */
export interface KeyScope<D extends string = string> {
  /** Where that is, as the map says it. */
  readonly title: string;
  readonly deeds: Readonly<Record<D, KeyDeed>>;
}

/** Says which keys do what somewhere; stands in a file `….keys.ts` of its own, from which the map is made. */
export const keyScope = <D extends string>(
  title: string,
  deeds: Record<D, KeyDeed>,
): KeyScope<D> => ({
  title: spoken(title),
  deeds: Object.fromEntries(
    Object.entries<KeyDeed>(deeds).map(([deed, { on, shown, says }]) => [
      deed,
      { on, shown, says: spoken(says) },
    ]),
  ) as Record<D, KeyDeed>,
});

/** Whether a press is one of those meant. */
const isOneOf = (event: KeyboardEvent, { on }: KeyDeed): boolean =>
  on.some((binding) => {
    const [press] = parseKeybinding(binding);
    return press !== undefined && matchKeyBindingPress(event, press);
  });

/** Which of the deeds a press asks for; undefined where none. */
export const deedOf = <D extends string>(
  { deeds }: KeyScope<D>,
  event: KeyboardEvent,
): D | undefined => (Object.keys(deeds) as D[]).find((deed) => isOneOf(event, deeds[deed]));

/** Undo and redo, wherever something can be taken back. */
export const HISTORY = {
  undo: { on: ['$mod+z'], shown: 'Ctrl Z', says: 'undo' },
  redo: { on: ['$mod+Shift+z', '$mod+y'], shown: 'Ctrl Shift Z', says: 'redo' },
} as const satisfies Record<string, KeyDeed>;
