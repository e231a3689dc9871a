import { accountNameSchema, nameKey } from '@sleetcrest/contract/accounts';
import { MOST_AT_ONCE } from '@sleetcrest/contract/table';
import { parse } from 'papaparse';
import { SAY } from './words';

/** One row of a list of names as it was brought. */
export interface ListRow {
  /** Counted from 1, as the person counts. */
  readonly line: number;
  readonly name: string;
  /** What is wrong with it, in a sentence; null where it can be added. */
  readonly wrong: string | null;
  /** A name like it that is free, where it is taken. */
  readonly free: string | null;
}

const HEADINGS = ['name', 'names', 'learner', 'learners', 'pupil', 'student'];

/**
 * Reads names from CSV or pasted lines, the first column of each; a heading is left out. Rows that cannot be
 * added are told, each with why: empty names are not rows.
 * @param here names that belong to the group already
 */
export function readClass(text: string, here: readonly string[]): ListRow[] {
  const { data } = parse<string[]>(text.trim(), { skipEmptyLines: 'greedy' });
  const rows = data.map(([first = ''], k) => ({ line: k + 1, name: first.trim() }));
  const named = HEADINGS.includes(rows[0]?.name.toLowerCase() ?? '') ? rows.slice(1) : rows;
  const seen = new Set<string>();
  const belongs = new Set(here.map(nameKey));
  return named.map(({ line, name }, k): ListRow => {
    const key = nameKey(name);
    const parsed = accountNameSchema.safeParse(name);
    const wrong = !parsed.success
      ? (parsed.error.issues[0]?.message ?? SAY.thisIsNoName)
      : belongs.has(key)
        ? SAY.belongsToThisGroupAlready
        : seen.has(key)
          ? SAY.isInTheListTwice
          : k >= MOST_AT_ONCE
            ? SAY.atMostAreAddedAt({ mostAtOnce: MOST_AT_ONCE })
            : null;
    seen.add(key);
    return { line, name: parsed.success ? parsed.data : name, wrong, free: null };
  });
}

/** The rows with those names marked that somebody else has. */
export const markTaken = (
  rows: readonly ListRow[],
  taken: readonly { name: string; free: string }[],
): ListRow[] =>
  rows.map((row) => {
    const same = taken.find(({ name }) => nameKey(name) === nameKey(row.name));
    return same && row.wrong === null
      ? { ...row, wrong: SAY.isANameAlreadyIn, free: same.free }
      : row;
  });
