import { CardBook, type Memory, type Review } from '../../learner/answers/index.js';
import {
  caseEvidence,
  needOf,
  type StageDone,
  stageStanding,
  type Standing,
  standingBySolves,
  toPractise,
} from '../../learner/standing/index.js';
import { byNeed, type Here, stateAtTable, stuckAfter } from '../board/index.js';
import { isAway, isStuck } from '../board/live.js';
import { taskWords, wholeOf } from './task.js';

/** Half is gone after ten days, whatever happened. */
const memory: Memory = {
  after: () => ({ stability: 10, difficulty: 5 }),
  recall: (_, days) => 2 ** (-days / 10),
  daysUntil: () => 1,
};

let count = 0;
const DAY = 20_000;
const answered = (kind: Review['kind'], day: number, right = true): Review => ({
  id: `${++count}`,
  kind,
  item: kind === 'turn' ? "R U R' U'" : 'a/1',
  right,
  answer: '',
  at: `${new Date((DAY + day) * 86_400_000).toISOString().slice(0, 10)}T10:00:00.000Z`,
  seconds: 2,
  turns: 4,
  by: 'keys',
});
const about = { case: 'a/1', sequence: "R U R' U'" };
const evidence = (reviews: Review[], today = 3) =>
  caseEvidence(CardBook.of(reviews, memory), about, DAY + today);

describe('how a learner stands with a case', () => {
  it('is new, begun, known and sure, by what was answered on which days', () => {
    const see = answered('see', 0);
    const turn = answered('turn', 0);
    expect(evidence([]).standing).toBe('new');
    expect(evidence([see]).standing).toBe('begun');
    expect(evidence([see, turn]).standing).toBe('known');
    const again = [answered('see', 2), answered('turn', 2)];
    expect(evidence([see, turn, ...again]).standing).toBe('sure');
  });

  it('is slipping once it was sure and is likely gone, or what was known went wrong', () => {
    const sure = [answered('see', 0), answered('turn', 0), answered('see', 2), answered('turn', 2)];
    expect(evidence(sure, 30).standing).toBe('slipping');
    const wrong = [answered('see', 0), answered('turn', 0), answered('see', 2, false)];
    expect(evidence(wrong).standing).toBe('slipping');
  });

  it('says what it rests on', () => {
    const { answers, rightDays, lastDay, recall } = evidence(
      [answered('see', 0), answered('see', 1), answered('turn', 2)],
      12,
    );
    expect([answers, rightDays, lastDay]).toEqual([3, 2, DAY + 2]);
    expect(recall).toBeCloseTo(2 ** -1.1, 9);
    expect(evidence([]).lastDay).toBeNull();
  });
});

describe('how a learner stands with a stage', () => {
  const never: StageDone = { times: 0, days: 0, lastDay: null, typical: null };
  const rows: [Standing[], Partial<StageDone>, Standing][] = [
    [['new', 'new'], {}, 'new'],
    [['new', 'sure'], {}, 'begun'],
    [['known', 'sure'], {}, 'known'],
    [['sure', 'sure'], {}, 'sure'],
    [['new', 'new'], { times: 1, days: 1 }, 'known'],
    [['begun', 'new'], { times: 4, days: 2 }, 'sure'],
    [['begun', 'new'], { times: 9, days: 0 }, 'known'],
    [['slipping', 'sure'], { times: 9, days: 5 }, 'slipping'],
  ];
  for (const [cases, done, standing] of rows) {
    it(`is ${standing} with ${cases.join(' and ')}, finished ${done.times ?? 0} times on ${done.days ?? 0} days`, () => {
      expect(stageStanding(cases, { ...never, ...done })).toBe(standing);
    });
  }
});

describe('a case that was never practised by itself', () => {
  const done = (days: number): StageDone => ({ times: days, days, lastDay: 1, typical: 9 });

  it('is known where its stage was finished, and as sure as that where no other was practised', () => {
    expect(standingBySolves('new', done(0), true)).toBe('new');
    expect(standingBySolves('new', done(1), true)).toBe('known');
    expect(standingBySolves('new', done(3), true)).toBe('sure');
    expect(standingBySolves('new', done(3), false)).toBe('known');
    for (const standing of ['begun', 'sure', 'slipping'] as const) {
      expect(standingBySolves(standing, done(3), false)).toBe(standing);
    }
  });
});

describe('who needs somebody', () => {
  it('is first who is losing something, then who has most begun', () => {
    const [slips, begun, sure] = [
      needOf(['slipping', 'sure', 'sure']),
      needOf(['begun', 'begun', 'begun']),
      needOf(['sure', 'sure', 'sure']),
    ];
    expect(slips).toBeGreaterThan(begun);
    expect(begun).toBeGreaterThan(sure);
  });
});

describe('being stuck', () => {
  const here = (change: Partial<Here> = {}): Here => ({
    doing: 'walk',
    at: 3,
    of: 20,
    since: 0,
    hand: null,
    told: 199_000,
    ...change,
  });

  it('is three of one’s own usual steps in one, never under a minute and never over ten', () => {
    expect(stuckAfter([])).toBe(180_000);
    expect(stuckAfter([40_000, 40_000])).toBe(180_000);
    expect(stuckAfter([30_000, 40_000, 50_000, 45_000, 600_000])).toBe(135_000);
    expect(stuckAfter([1000, 1000, 1000, 1000, 1000])).toBe(60_000);
    expect(stuckAfter(Array.from({ length: 9 }, () => 500_000))).toBe(600_000);
    expect(isStuck(here(), 135_000, 135_000)).toBeFalse();
    expect(isStuck(here(), 135_000, 135_001)).toBeTrue();
    for (const doing of ['idle', 'done'] as const) {
      expect(isStuck(here({ doing }), 1, 1e9))
        .withContext(doing)
        .toBeFalse();
    }
  });

  it('comes after hands that are up, those up longest first, and before the rest', () => {
    const all = [
      { name: 'done', here: here({ doing: 'done' }), usual: 60_000 },
      { name: 'well', here: here({ since: 190_000 }), usual: 60_000 },
      { name: 'later hand', here: here({ hand: 190_000 }), usual: 60_000 },
      { name: 'stuck', here: here({ since: 100_000 }), usual: 60_000 },
      { name: 'first hand', here: here({ hand: 150_000 }), usual: 60_000 },
    ];
    expect(byNeed(all, 200_000).map(({ name }) => name)).toEqual([
      'first hand',
      'later hand',
      'stuck',
      'well',
      'done',
    ]);
  });

  it('is not said of a page that is gone, whose hand stays up all the same', () => {
    const gone = here({ told: 10_000 });
    expect(isAway(gone, 100_000)).toBeFalse();
    expect(isAway(gone, 100_001)).toBeTrue();
    expect(stateAtTable(gone, 60_000, 200_000)).toBe('away');
    expect(stateAtTable({ ...gone, hand: 9_000 }, 60_000, 200_000)).toBe('hand');
    // A board that has heard nothing itself since then does not blame the page.
    expect(stateAtTable(gone, 60_000, 200_000, 100_000)).toBe('stuck');
    const all = [
      { name: 'gone', here: gone, usual: 60_000 },
      { name: 'done', here: here({ doing: 'done' }), usual: 60_000 },
    ];
    expect(byNeed(all, 200_000).map(({ name }) => name)).toEqual(['done', 'gone']);
  });
});

describe('what is taken home to practise', () => {
  it('is two cases: what slips first, then what is begun, known, and the next new one', () => {
    expect(toPractise(['sure', 'known', 'begun', 'slipping', 'new'])).toEqual([3, 2]);
    expect(toPractise(['sure', 'new', 'new', 'new'])).toEqual([1]);
    expect(toPractise(['sure', 'sure'])).toEqual([]);
    expect(toPractise(['known', 'new', 'known'])).toEqual([0, 2]);
  });
});

describe('what is set, in words', () => {
  const title = (id: string): string => id.toUpperCase();

  it('says what to do and how often', () => {
    expect(taskWords({ do: 'lesson', case: 'a/1' }, title)).toBe('The lesson “A/1”');
    expect(taskWords({ do: 'cases', cases: ['a/1', 'a/2'], times: 2 }, title)).toBe(
      'Recognise “A/1”, “A/2”, 2 times right each',
    );
    expect(taskWords({ do: 'stage', stage: 'daisy', times: 1 }, title)).toBe(
      'DAISY on the clock, once',
    );
    expect(wholeOf({ do: 'cases', cases: ['a/1', 'a/2'], times: 3 })).toBe(6);
    expect(wholeOf({ do: 'lesson', case: 'a/1' })).toBe(1);
  });
});
