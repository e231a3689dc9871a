import { fail, ok, randomFrom, type Result } from '../../puzzle/cube/index.js';
import {
  LEAST_MINUTES,
  MOST_MINUTES,
  mostTables,
  partsOf,
  type PlanAsked,
  type PlanTable,
  type Slot,
} from './asked.js';
import { boundOf } from './bound.js';
import { EXACT_UP_TO, type Seated, seatExactly } from './exact.js';
import { gainAt, type Gains, gainsOf } from './gains.js';
import { improve, withTheCoach } from './improve.js';
import { OBJECTIVE, type Worth } from './objective.js';
import { MOST_AT_TABLE, Programmes } from './programmes.js';
import { mostDue } from './warm-up.js';
import { SAY } from './words.js';

/** Tables that would have the coach do one thing in one block each. */
interface SessionPlan {
  /** Cases that are due for most, in the warm-up. */
  readonly warmUp: readonly string[];
  readonly tables: readonly PlanTable[];
}

/** A plan, and how good it is. */
export interface Planned {
  readonly plan: SessionPlan;
  readonly worth: Worth;
  /** No plan has a value above this. */
  readonly bound: number;
  /** Whether reckoning the bound was given up before it was as low as it can be told. */
  readonly boundCut: boolean;
  /** Whether it is the best there is. */
  readonly exact: boolean;
}

/** The most learners one session is planned for. */
export const MOST_PLANNED = 40;

/**
 * Plans a session for one coach: who sits together, and what each table does in each block, so that as many
 * cases as can be expected are made sure in the minutes there are. The best there is up to twelve learners;
 * beyond, the best found by a search from seeded starts, with a bound that says how far it may be off.
 */
export function planSession(asked: PlanAsked): Result<Planned, string> {
  const { learners, minutes, cubes, cases } = asked;
  if (learners.length === 0) return fail(SAY.nobodyComesChooseWhoIs);
  if (learners.length > MOST_PLANNED) {
    return fail(SAY.aSessionIsPlannedFor({ mostPlanned: MOST_PLANNED }));
  }
  if (minutes < LEAST_MINUTES || minutes > MOST_MINUTES) {
    return fail(
      SAY.aSessionTakesToMinutes({ leastMinutes: LEAST_MINUTES, mostMinutes: MOST_MINUTES }),
    );
  }
  const least = Math.ceil(learners.length / MOST_AT_TABLE);
  if (cubes < least) {
    return fail(SAY.eachTableNeedsACube({ least }));
  }
  const gains = gainsOf(asked);
  const programmes = new Programmes(gains);
  const exactly = learners.length <= EXACT_UP_TO;
  const most = mostTables(asked, MOST_AT_TABLE);
  const seated = exactly
    ? seatExactly(programmes, most)
    : withTheCoach(
        programmes,
        improve(programmes, startingFrom(gains, most), most, randomFrom(asked.seed)),
      ).seated;
  const tables = inTurn(seated, programmes).map(({ members, slots }) => ({
    learners: members.map((one) => learners[one]!.id),
    slots,
  }));
  const plan = { warmUp: mostDue(learners, cases), tables };
  const worth = worthOf(asked, tables);
  if (exactly) return ok({ plan, worth, bound: worth.value, boundCut: false, exact: true });
  const { bound, cut } = boundOf(programmes, most);
  return ok({ plan, worth, bound, boundCut: cut, exact: false });
}

/** Learners whose next things are alike beside each other, at as many tables as there may be. */
function startingFrom({ learners, fresh, others }: Gains, most: number): number[][] {
  const first = (one: number): number => {
    const all = [...fresh, ...others];
    return all.reduce((best, { alone }, k) => (alone[one]! > all[best]!.alone[one]! ? k : best), 0);
  };
  const keys = Array.from({ length: learners }, (_, one) =>
    fresh.length + others.length > 0 ? first(one) : 0,
  );
  const order = [...keys.keys()].sort((a, b) => keys[a]! - keys[b]! || a - b);
  const tables = Array.from({ length: most }, (): number[] => []);
  for (const [k, one] of order.entries()) tables[Math.floor((k * most) / learners)]!.push(one);
  return tables.map((members) => members.sort((a, b) => a - b));
}

/**
 * Puts the blocks beside the coach one after the other: the first table that has one has it in the first
 * block, the second in the second. What else a table does keeps its order.
 */
function inTurn(
  seated: readonly Seated[],
  programmes: Programmes,
): { members: readonly number[]; slots: Slot[] }[] {
  let next = 0;
  return seated.map(({ members, withCoach }) => {
    const slots = [...programmes.of(members, withCoach).slots];
    const shown = slots.findIndex(({ kind }) => kind === 'new');
    if (shown >= 0) {
      const [slot] = slots.splice(shown, 1);
      slots.splice(next++, 0, slot!);
    }
    return { members, slots };
  });
}

/** How good tables are as they stand, whoever seated them. */
export function worthOf(asked: PlanAsked, tables: readonly PlanTable[]): Worth {
  const gains = gainsOf(asked);
  const index = new Map(asked.learners.map(({ id }, k) => [id, k]));
  let [cases, count, without] = [0, 0, 0];
  for (const { learners, slots } of tables) {
    const members = learners.flatMap((id) => index.get(id) ?? []);
    if (members.length === 0) continue;
    cases += slotsWorth(gains, members, slots) + members.length * gains.beside * gains.blocks;
    without += members.filter((one) => isWithout(gains, one, slots)).length;
    count++;
  }
  return OBJECTIVE.worthOf({ cases, tables: count, without });
}

/** Whether somebody has something of their own to do, and it is not among these. */
const isWithout = (gains: Gains, learner: number, slots: readonly Slot[]): boolean =>
  hasOwn(gains, learner) && slotsOwn(gains, learner, slots) === 0;

function slotsWorth(gains: Gains, members: readonly number[], slots: readonly Slot[]): number {
  const done = new Set<string>();
  let worth = 0;
  for (const slot of slots) {
    const key = `${slot.kind} ${slot.case} ${slot.other}`;
    // The same once more makes nothing surer than the first time was reckoned to.
    if (done.has(key)) continue;
    done.add(key);
    const among = slot.kind === 'new' ? gains.fresh : gains.others;
    const activity = among.find(
      (one) =>
        one.slot.kind === slot.kind && one.slot.case === slot.case && one.slot.other === slot.other,
    );
    if (activity) worth += gainAt(activity, members);
  }
  return worth;
}

/** What is not as a plan should be, after somebody has moved things about: told, never forbidden. */
export interface Remark {
  readonly kind: 'two-new-at-once' | 'new-twice' | 'too-many' | 'nothing-of-theirs' | 'left-out';
  /** The block it is about, from 0; −1 where it is about no one block. */
  readonly block: number;
  readonly learners: readonly string[];
}

/** Says what a plan does that a proposed one never would. */
export function remarksOn(asked: PlanAsked, tables: readonly PlanTable[]): Remark[] {
  const gains = gainsOf(asked);
  const index = new Map(asked.learners.map(({ id }, k) => [id, k]));
  const { blocks } = partsOf(asked.minutes);
  const remarks: Remark[] = [];
  for (let block = 0; block < blocks; block++) {
    const shown = tables.filter(({ slots }) => slots[block]?.kind === 'new');
    if (shown.length > 1) {
      remarks.push({
        kind: 'two-new-at-once',
        block,
        learners: shown.flatMap(({ learners }) => learners),
      });
    }
  }
  for (const { learners, slots } of tables) {
    if (slots.filter(({ kind }) => kind === 'new').length > 1) {
      remarks.push({ kind: 'new-twice', block: -1, learners });
    }
    if (learners.length > MOST_AT_TABLE) remarks.push({ kind: 'too-many', block: -1, learners });
    const without = learners.filter((id) => {
      const at = index.get(id);
      return at !== undefined && isWithout(gains, at, slots);
    });
    if (without.length > 0) {
      remarks.push({ kind: 'nothing-of-theirs', block: -1, learners: without });
    }
  }
  const seated = new Set(tables.flatMap(({ learners }) => learners));
  const out = asked.learners.filter(({ id }) => !seated.has(id)).map(({ id }) => id);
  if (out.length > 0) remarks.push({ kind: 'left-out', block: -1, learners: out });
  return remarks;
}

const hasOwn = ({ fresh, others }: Gains, learner: number): boolean =>
  [...fresh, ...others].some(({ isTheirs }) => isTheirs[learner] === 1);

const slotsOwn = ({ fresh, others }: Gains, learner: number, slots: readonly Slot[]): number =>
  slots.filter((slot) =>
    [...fresh, ...others].some(
      (one) =>
        one.isTheirs[learner] === 1 &&
        one.slot.kind === slot.kind &&
        one.slot.case === slot.case &&
        one.slot.other === slot.other,
    ),
  ).length;
