import { MOST_AT_TABLE, type Programmes } from './programmes.js';

/** Learners who sit together, and whether one of their blocks is beside the coach. */
export interface Seated {
  readonly members: readonly number[];
  readonly withCoach: boolean;
}

/** Up to so many learners the best seating is found by trying all. */
export const EXACT_UP_TO = 12;

/**
 * The best of all ways to seat learners: of each set of them it is reckoned what it is worth, by which
 * table its first learner sits at, how many tables had the coach, and how many there are.
 * @param tables the most there may be; all must find a place
 */
export function seatExactly(programmes: Programmes, tables: number): Seated[] {
  const { learners, blocks } = programmes.gains;
  const whole = (1 << learners) - 1;
  const seatings = tableSets(learners);
  // By how many tables stand and how many had the coach; the sets in rows.
  const layer = (table: number, coached: number): number => table * (blocks + 1) + coached;
  const layers = (tables + 1) * (blocks + 1);
  const values = Array.from({ length: layers }, () => new Float64Array(whole + 1).fill(-Infinity));
  const through = Array.from({ length: layers }, () => new Int32Array(whole + 1));
  values[layer(0, 0)]![0] = 0;
  const worth = [false, true].map((withCoach) => {
    const all = new Float64Array(whole + 1);
    for (const { bits, members } of seatings) all[bits] = programmes.of(members, withCoach).value;
    return all;
  });
  for (let set = 1; set <= whole; set++) {
    const first = set & -set;
    for (const { bits } of seatings) {
      if ((bits & first) === 0 || (bits & set) !== bits) continue;
      const rest = set ^ bits;
      for (let table = 1; table <= tables; table++) {
        for (let coached = 0; coached <= blocks; coached++) {
          const into = values[layer(table, coached)]!;
          const take = (before: number, withCoach: 0 | 1): void => {
            const value = values[layer(table - 1, before)]![rest]! + worth[withCoach]![bits]!;
            if (value <= into[set]!) return;
            into[set] = value;
            through[layer(table, coached)]![set] = withCoach ? -bits : bits;
          };
          take(coached, 0);
          if (coached > 0) take(coached - 1, 1);
        }
      }
    }
  }
  return followed(values, through, whole, tables, blocks);
}

function followed(
  values: readonly Float64Array[],
  through: readonly Int32Array[],
  whole: number,
  tables: number,
  blocks: number,
): Seated[] {
  let [table, coached, best] = [0, 0, -Infinity];
  for (let t = 1; t <= tables; t++) {
    for (let c = 0; c <= blocks; c++) {
      const value = values[t * (blocks + 1) + c]![whole]!;
      if (value > best + 1e-12) [table, coached, best] = [t, c, value];
    }
  }
  const seated: Seated[] = [];
  for (let set = whole; set !== 0;) {
    const took = through[table * (blocks + 1) + coached]![set]!;
    const bits = Math.abs(took);
    seated.push({ members: membersOf(bits), withCoach: took < 0 });
    set ^= bits;
    table--;
    if (took < 0) coached--;
  }
  return seated;
}

const membersOf = (bits: number): number[] =>
  Array.from({ length: 32 - Math.clz32(bits) }, (_, k) => k).filter((k) => (bits >> k) & 1);

/** All sets of learners that fit at one table. */
function tableSets(learners: number): { bits: number; members: readonly number[] }[] {
  const sets: { bits: number; members: readonly number[] }[] = [];
  for (let bits = 1; bits < 1 << learners; bits++) {
    const members = membersOf(bits);
    if (members.length <= MOST_AT_TABLE) sets.push({ bits, members });
  }
  return sets;
}
