import type { Method } from './walkthrough.js';

/** The methods that have a name, each an approach per stage. */
export const METHODS: readonly Method[] = [
  {
    format: 'sleetcrest/method@1',
    id: 'gentle',
    title: 'Gentle: few sequences, repeated',
    approaches: [
      'daisy',
      'daisy-cross',
      'corners-repeat',
      'middle-turn',
      'ycross-repeat',
      'edges-match',
      'place-left',
      'turn-under',
    ],
  },
];

export const methodById = (id: string): Method | undefined =>
  METHODS.find((method) => method.id === id);

/** The method for someone who has not chosen one: the fewest sequences to know. */
export const DEFAULT_METHOD: Method = METHODS[0]!;
