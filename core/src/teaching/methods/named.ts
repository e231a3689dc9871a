import type { Method } from './method.js';

/** A method of built-in approaches alone, each by its id. */
export interface NamedMethod extends Method {
  approaches: readonly string[];
}

const named = (id: string, title: string, ...approaches: string[]): NamedMethod => ({
  format: 'sleetcrest/method@1',
  id,
  title,
  approaches,
});

/** The methods that have a name, each an approach per stage. */
export const METHODS: readonly NamedMethod[] = [
  named(
    'gentle',
    'Gentle: few sequences, repeated',
    'daisy',
    'daisy-cross',
    'corners-repeat',
    'middle-turn',
    'ycross-repeat',
    'edges-match',
    'place-left',
    'turn-under',
  ),
  named(
    'side-match',
    'Side match: corners and edges by matching a side',
    'daisy',
    'daisy-cross',
    'corners-match',
    'middle-refit',
    'ycross-repeat',
    'face-repeat',
    'swap-left',
    'cycle-two',
  ),
  named(
    'white-up',
    'White up: the first layer stays in sight',
    'cross-lift',
    'corners-white-up',
    'middle-refit',
    'ycross-two',
    'edges-match',
    'place-right',
    'turn-up',
  ),
  named(
    'front-right',
    'Front right: one hold for most of it',
    'cross-lift',
    'corners-three',
    'middle-eight',
    'ycross-two',
    'face-two',
    'swap-right',
    'cycle-one',
  ),
  named(
    'five-beat',
    'Five beat: middle edges by five and five',
    'daisy',
    'daisy-cross',
    'corners-match',
    'middle-five',
    'ycross-alt',
    'edges-match',
    'place-right',
    'turn-under',
  ),
  named(
    'step-up',
    'Step up: cross underneath, corner and edge together',
    'cross-under',
    'pairs',
    'ycross-two',
    'face-two',
    'swap-back',
    'cycle-two',
  ),
];

/** A method's title short enough for a field: what stands before its explanation. */
export const shortTitle = ({ title }: Pick<Method, 'title'>): string => title.split(':')[0]!.trim();

/** What stands after the short title; nothing where that is all. */
export const titleRest = ({ title }: Pick<Method, 'title'>): string =>
  title.split(':').slice(1).join(':').trim();

export const methodById = (id: string): Method | undefined =>
  METHODS.find((method) => method.id === id);

/** The method for someone who has not chosen one: the fewest sequences to know. */
export const DEFAULT_METHOD: Method = METHODS[0]!;

/** The method chosen by a named one's id, or written out; undefined for an id that is not known. */
export const methodOf = (choice: string | Method): Method | undefined =>
  typeof choice === 'string' ? methodById(choice) : choice;
