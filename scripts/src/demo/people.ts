import type { DemoAccount } from '@sleetcrest/contract/accounts';

/** Somebody of the cube table, and how they practise. */
export interface DemoPerson extends DemoAccount {
  /** Practice over the last ten weeks; none for a coach. */
  practice?: {
    seed: number;
    method: string;
    cube: string;
    /** On how many days of the ten weeks, and how many solves on such a day at most. */
    days: number;
    most: number;
    /** The median of a solve at the beginning and at the end, in seconds. */
    from: number;
    to: number;
    /** Of how many stages single ones are timed; whole solves where it is not said. */
    stages?: number;
    /** How many things have been begun at most; all there are where it is not said. */
    begun?: number;
    /** Two cases that are taken for each other. */
    confuses?: readonly [string, string];
  };
}

/** The group at the landing; its learners are all of the people with practice. */
export const DEMO_GROUP = {
  id: '7b0c3c0e-5d0e-4f6b-9f5e-2f8f1c6a4d01',
  name: 'Thursday table at Skarvik landing',
};

export const DEMO_PEOPLE_NAME = 'ferry-landing-people';
export const DEMO_PRACTICE_NAME = 'ferry-landing-practice';
export const DEMO_TABLE_NAME = 'ferry-landing-table';

export const DEMO_PEOPLE: readonly DemoPerson[] = [
  {
    name: 'Runa',
    phrase: 'lamp over the landing',
    role: 'coach',
    about: 'keeps the cube table and sees her learners’ logs',
  },
  {
    name: 'Amalie',
    phrase: 'corners going in',
    role: 'learner',
    about: 'ten weeks of practice, steadily faster',
    practice: {
      seed: 1104,
      method: 'gentle',
      cube: 'the one from the harbour shop',
      days: 46,
      most: 9,
      from: 168,
      to: 92,
    },
  },
  {
    name: 'Nils',
    phrase: 'between two ferries',
    role: 'learner',
    about: 'fast, but the last layer holds him up',
    practice: {
      seed: 2213,
      method: 'front-right',
      cube: 'grey, soft springs',
      days: 38,
      most: 14,
      from: 64,
      to: 51,
      confuses: ['face-two/one-front', 'face-two/one-right'],
    },
  },
  {
    name: 'Sunniva',
    phrase: 'last boat at seven',
    role: 'learner',
    about: 'a few careful solves a week',
    practice: {
      seed: 3310,
      method: 'white-up',
      cube: 'Grandfather Ivo’s',
      days: 21,
      most: 4,
      from: 240,
      to: 175,
    },
  },
];

/** Others who sit at the table on Thursdays; they learn the gentle way, each elsewhere. */
export const TABLE_PEOPLE: readonly DemoPerson[] = [
  ['Teo', 'gulls on the roof', 4401, 18, 5, 300, 210, 9, 2],
  ['Vilde', 'mittens in the stove', 4512, 22, 4, 320, 190, 14, 3],
  ['Jonas', 'rope and red paint', 4623, 14, 3, 360, 280, 6, 2],
  ['Marit', 'two cups of cocoa', 4734, 26, 5, 260, 150, 20, 5],
  ['Odd', 'the slow ferry home', 4845, 20, 4, 280, 200, 14, 3],
  ['Pia', 'snow on the bollard', 4956, 12, 3, 380, 300, 4, 1],
].map(([name, phrase, seed, days, most, from, to, begun, stages]) => ({
  name: String(name),
  phrase: String(phrase),
  role: 'learner' as const,
  about: 'sits at the table on Thursdays',
  practice: {
    seed: Number(seed),
    method: 'gentle',
    cube: 'one from the box',
    days: Number(days),
    most: Number(most),
    from: Number(from),
    to: Number(to),
    begun: Number(begun),
    stages: Number(stages),
    ...(name === 'Marit'
      ? { confuses: ['corners-repeat/right', 'corners-repeat/up'] as const }
      : {}),
  },
}));

/** What the sign-in page tells of them. */
export const DEMO_ACCOUNTS: readonly DemoAccount[] = DEMO_PEOPLE.map(
  ({ name, phrase, role, about }) => ({ name, phrase, role, about }),
);
