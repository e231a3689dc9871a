import {
  partsOf,
  type PlanAsked,
  type Planned,
  type Remark,
  type Slot,
} from '@sleetcrest/core/planning';

/** Cases made sure: less than this is not told as a difference. */
const NOTABLE = 0.05;

/** What somebody or something is called. */
type Named = (id: string) => string;

/** What a table does in a block. */
export function slotWords({ kind, case: id, other }: Slot, titleOf: Named): string {
  switch (kind) {
    case 'solve':
      return 'Whole solves';
    case 'new':
      return `New, with you: ${titleOf(id)}`;
    case 'apart':
      return `Tell apart: ${titleOf(id)} and ${titleOf(other)}`;
    case 'firm':
      return `Make sure: ${titleOf(id)}`;
  }
}

/** What is not as it should be in a plan; the coach may leave it so. */
export function remarkWords({ kind, block, learners }: Remark, nameOf: Named): string {
  const names = learners.map(nameOf).join(', ');
  switch (kind) {
    case 'two-new-at-once':
      return `In block ${block + 1} two tables would need you at once.`;
    case 'new-twice':
      return `${names} would meet two new cases in one session.`;
    case 'too-many':
      return `More than six sit together: ${names}.`;
    case 'nothing-of-theirs':
      return `Nothing in it is ${learners.length === 1 ? 'theirs' : 'of their own'}: ${names}.`;
    case 'left-out':
      return `Sits nowhere yet: ${names}.`;
  }
}

/**
 * How good a plan is, and what was changed costs against what was proposed.
 * @param value in cases made sure
 * @param proposed what was proposed for the same people, minutes and cubes; null where nothing was
 */
export function worthWords(
  value: number,
  { minutes, learners }: Pick<PlanAsked, 'minutes' | 'learners'>,
  proposed: Pick<Planned, 'value' | 'bound' | 'exact'> | null,
): string {
  const { blocks, block } = partsOf(minutes);
  const spent = blocks * block * learners.length;
  const rate =
    spent > 0 && value > 0 ? `, one for every ${Math.round(spent / value)} learner-minutes` : '';
  const expected = `About ${value.toFixed(1)} cases made sure are to be expected${rate}.`;
  if (!proposed) return expected;
  const less = proposed.value - value;
  if (less > NOTABLE) return `${expected} What was changed costs ${less.toFixed(1)}.`;
  if (less < -NOTABLE) return `${expected} What was changed gains ${(-less).toFixed(1)}.`;
  if (proposed.exact) return `${expected} No plan is worth more.`;
  if (proposed.value <= 0) return expected;
  const most = Math.floor((proposed.bound / proposed.value - 1) * 100) + 1;
  return `${expected} No plan is worth ${most} % more.`;
}
