import {
  partsOf,
  type PlanAsked,
  type Planned,
  type Remark,
  type Slot,
  OBJECTIVE,
  type Worth,
} from '@sleetcrest/core/group/planning';
import { counted } from '../../../base/words/counted';

/** Cases made sure: less than this is not told as a difference. */
const NOTABLE = 0.05;

/** What somebody or something is called. */
type Named = (id: string) => string;

/** The cases that are done in a block, one or two. */
export function casesOfSlot({ kind, case: id, other }: Slot): string[] {
  if (kind === 'solve') return [];
  return kind === 'apart' ? [id, other] : [id];
}

/** What a table does in a block. */
export function slotWords({ kind, case: id, other }: Slot, titleOf: Named): string {
  const cases = casesOfSlot({ kind, case: id, other }).map(titleOf);
  return [slotKindWords(kind), cases.join(' and ')].join(' ').trim();
}

const SLOT_KINDS: Record<Slot['kind'], string> = {
  solve: 'Whole solves',
  new: 'New, you teach:',
  apart: 'Tell apart:',
  firm: 'Consolidate:',
};

/** What is done in a block, before the cases it is done with are named. */
export const slotKindWords = (kind: Slot['kind']): string => SLOT_KINDS[kind];

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
      return `Nothing here suits: ${names}.`;
    case 'left-out':
      return `Has no table yet: ${names}.`;
  }
}

/**
 * How good a plan is, and what was changed costs against what was proposed.
 * @param proposed what was proposed for the same people, minutes and cubes; null where nothing was
 */
export function worthWords(
  { cases, tables, without }: Pick<Worth, 'cases' | 'tables' | 'without'>,
  { minutes, learners }: Pick<PlanAsked, 'minutes' | 'learners'>,
  proposed: Judged | null,
): string {
  const { blocks, block } = partsOf(minutes);
  const spent = blocks * block * learners.length;
  const rate =
    spent > 0 && cases > 0 ? `, one for every ${Math.round(spent / cases)} learner-minutes` : '';
  const expected = `Expect about ${counted(Math.round(cases), 'case')} learned${rate}.`;
  if (!proposed) return expected;
  const less = proposed.worth.cases - cases;
  const more = tables - proposed.worth.tables;
  const alone = without - proposed.worth.without;
  const differs = Math.abs(less) > NOTABLE;
  if (!differs && more === 0 && alone === 0)
    return [expected, bestWords(proposed)].join(' ').trim();
  const changed = differs
    ? `Your change ${less > 0 ? 'loses' : 'gains'} ${Math.abs(less).toFixed(1)}`
    : 'Your change loses none';
  const look = `${counted(Math.abs(more), 'table')} ${more > 0 ? 'more' : 'fewer'} to look after`;
  const left =
    alone > 0
      ? ` ${counted(alone, 'learner has', 'learners have')} nothing of their own to do.`
      : '';
  return `${expected} ${changed}${more === 0 ? '' : `, with ${look}`}.${left}`;
}

/** How good what was proposed is. */
type Judged = Pick<Planned, 'worth' | 'bound' | 'boundCut' | 'exact'>;

/** How much better another plan could be. */
function bestWords({ worth, bound, boundCut, exact }: Judged): string {
  if (!exact && worth.value <= 0) return '';
  const most = Math.floor((bound / worth.value - 1) * 100) + 1;
  const best = exact ? 'No plan is worth more' : `No plan is worth ${most} % more`;
  const reckoned = boundCut ? ', as far as was reckoned' : '';
  return `${best}${reckoned}, where each extra table costs ${OBJECTIVE.tableCosts} of a case, and everybody is to do something of their own.`;
}
