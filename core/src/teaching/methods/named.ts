import { spoken } from '../../words/index.js';
import type { Method } from './method.js';

/** A method of built-in approaches alone, each by its id. */
export interface NamedMethod extends Method {
  approaches: readonly string[];
}

/** What a built-in method is called and what sets it apart; its title says both. */
interface Called {
  id: string;
  name: string;
  about: string;
  approaches: readonly string[];
}

const CALLED: readonly Called[] = [
  {
    id: 'gentle',
    name: 'Gentle',
    about: 'few sequences, repeated',
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
  {
    id: 'side-match',
    name: 'Side match',
    about: 'corners and edges by matching a side',
    approaches: [
      'daisy',
      'daisy-cross',
      'corners-match',
      'middle-refit',
      'ycross-repeat',
      'face-repeat',
      'swap-left',
      'cycle-two',
    ],
  },
  {
    id: 'white-up',
    name: 'White up',
    about: 'the first layer stays in sight',
    approaches: [
      'cross-lift',
      'corners-white-up',
      'middle-refit',
      'ycross-two',
      'edges-match',
      'place-right',
      'turn-up',
    ],
  },
  {
    id: 'front-right',
    name: 'Front right',
    about: 'one hold for most of it',
    approaches: [
      'cross-lift',
      'corners-three',
      'middle-eight',
      'ycross-two',
      'face-two',
      'swap-right',
      'cycle-one',
    ],
  },
  {
    id: 'five-beat',
    name: 'Five beat',
    about: 'middle edges by five and five',
    approaches: [
      'daisy',
      'daisy-cross',
      'corners-match',
      'middle-five',
      'ycross-alt',
      'edges-match',
      'place-right',
      'turn-under',
    ],
  },
  {
    id: 'step-up',
    name: 'Step up',
    about: 'cross underneath, corner and edge together',
    approaches: ['cross-under', 'pairs', 'ycross-two', 'face-two', 'swap-back', 'cycle-two'],
  },
];

const called = (id: string): Called | undefined => CALLED.find((one) => one.id === id);

/** The methods that have a name, each an approach per stage. */
export const METHODS: readonly NamedMethod[] = CALLED.map(({ id, name, about, approaches }) => ({
  format: 'sleetcrest/method@1',
  id,
  title: `${name}: ${about}`,
  approaches,
}));

/** A method's title short enough for a field: a built-in one's name; what its coach called one's own. */
export const shortTitle = ({ id, title }: Pick<Method, 'id' | 'title'>): string =>
  spoken(called(id)?.name ?? title);

/** The whole title of a method, as it is said. */
export const methodTitle = ({ title }: Pick<Method, 'title'>): string => spoken(title);

/** What sets a built-in method apart; nothing of others, whose title is all there is. */
export const aboutMethod = ({ id }: Pick<Method, 'id'>): string => spoken(called(id)?.about ?? '');

export const methodById = (id: string): Method | undefined =>
  METHODS.find((method) => method.id === id);

/** The method for someone who has not chosen one: the fewest sequences to know. */
export const DEFAULT_METHOD: Method = METHODS[0]!;

/** The method chosen by a named one's id, or written out; undefined for an id that is not known. */
export const methodOf = (choice: string | Method): Method | undefined =>
  typeof choice === 'string' ? methodById(choice) : choice;
