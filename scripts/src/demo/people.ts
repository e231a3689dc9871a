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
      ...{ seed: 1104, method: 'gentle', cube: 'the one from the harbour shop' },
      ...{ days: 46, most: 9, from: 168, to: 92 },
    },
  },
  {
    name: 'Nils',
    phrase: 'between two ferries',
    role: 'learner',
    about: 'fast, but the last layer holds him up',
    practice: {
      ...{ seed: 2207, method: 'front-right', cube: 'grey, soft springs' },
      ...{ days: 38, most: 14, from: 64, to: 51 },
      confuses: ['face-two/one-front', 'face-two/one-right'],
    },
  },
  {
    name: 'Sunniva',
    phrase: 'last boat at seven',
    role: 'learner',
    about: 'a few careful solves a week',
    practice: {
      ...{ seed: 3310, method: 'white-up', cube: 'Grandfather Ivo’s' },
      ...{ days: 21, most: 4, from: 240, to: 175 },
    },
  },
];

/** What the sign-in page tells of them. */
export const DEMO_ACCOUNTS: readonly DemoAccount[] = DEMO_PEOPLE.map(
  ({ name, phrase, role, about }) => ({ name, phrase, role, about }),
);
