import { signal } from '@angular/core';
import { RIGHTS, type Account, type Group } from '@sleetcrest/contract/accounts';
import type { Matrix, MatrixRow } from '@sleetcrest/contract/table';
import { type Standing, STANDINGS } from '@sleetcrest/core/learner/standing';
import { GroupStore } from '../../subjects/group';

export const RUNA: Account = {
  id: '5f0f6a52-6f5c-4e53-9a43-30b2a4a7e101',
  name: 'Runa',
  role: 'coach',
};

export const learnerId = (k: number): string =>
  `5f0f6a52-6f5c-4e53-9a43-30b2a4a7e${String(200 + k)}`;

/** A group of learners called by these names. */
export const aGroup = (...names: string[]): Group => ({
  id: '5f0f6a52-6f5c-4e53-9a43-30b2a4a7e103',
  name: 'Thursday',
  coach: RUNA,
  learners: names.map((name, k) => ({ id: learnerId(k), name })),
  code: 'ACDEFHJK',
  rights: [...RIGHTS],
  assistants: [],
  archivedAt: null,
  method: 'gentle',
  firstColour: 'white',
  zone: 'UTC',
});

/** What is known of the groups, without asking anybody. */
export const groupsOf = (group: Group | undefined, account: Account | null = RUNA) => ({
  provide: GroupStore,
  useValue: {
    group: signal(group),
    account: signal(account),
    whose: signal(account?.id ?? null),
    all: signal(group ? [group] : []),
    taught: signal(group ? [group] : []),
    away: signal([]),
    joined: signal([]),
    trouble: signal(null),
    isKnown: signal(true),
    may: () => true,
    isBusy: signal(false),
    moves: { value: signal([]), trouble: signal(null), again: () => undefined },
    again: () => undefined,
    changed: () => undefined,
    choose: () => undefined,
    change: async () => undefined,
    leave: async () => undefined,
    endHelp: async () => undefined,
  },
});

/** A matrix with these columns in two stages; each learner stands with them as is given. */
export function aMatrix(cases: number, learners: Record<string, readonly Standing[]>): Matrix {
  const columns = Array.from({ length: cases }, (_, k) => ({
    case: `corners-repeat/${k}`,
    title: `Case ${k}`,
    turns: 4,
    stage: k < cases / 2 ? ('daisy' as const) : ('corners' as const),
  }));
  return {
    columns,
    day: '2026-11-26',
    stages: [
      { stage: 'daisy', title: 'Daisy' },
      { stage: 'corners', title: 'White corners' },
    ],
    rows: Object.entries(learners).map(([name, standings], k): MatrixRow => ({
      id: learnerId(k),
      name,
      lastDay: 20_000 + k,
      typical: 60 + k,
      mixedUp: [],
      due: [],
      cases: columns.map((_, at) => ({
        standing: standings[at % standings.length]!,
        answers: 3,
        rightDays: 2,
        lastDay: 20_000,
        recall: 0.9,
      })),
      stages: (['daisy', 'corners'] as const).map((stage) => ({
        stage,
        standing: standings[0]!,
        times: 2,
        days: 1,
        lastDay: 20_000,
        typical: 9.5,
      })),
    })),
  };
}

/** Many learners, each elsewhere. */
export const manyLearners = (count: number): Record<string, readonly Standing[]> =>
  Object.fromEntries(
    Array.from({ length: count }, (_, k) => [
      `Learner ${String(k).padStart(3, '0')}`,
      STANDINGS.map((__, at) => STANDINGS[(at + k) % STANDINGS.length]!),
    ]),
  );
