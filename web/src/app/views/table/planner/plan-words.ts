import {
  partsOf,
  type PlanAsked,
  type Planned,
  type Remark,
  type Slot,
  OBJECTIVE,
  type Worth,
} from '@sleetcrest/core/group/planning';
import { listed } from '../../../base/words/say';
import { SAY } from './words';

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
  return [slotKindWords(kind), listed(cases)].join(' ').trim();
}

const SLOT_KINDS: Record<Slot['kind'], string> = {
  solve: SAY.wholeSolves,
  new: SAY.newYouTeach,
  apart: SAY.tellApart,
  firm: SAY.consolidate,
};

/** What is done in a block, before the cases it is done with are named. */
export const slotKindWords = (kind: Slot['kind']): string => SLOT_KINDS[kind];

/** What is not as it should be in a plan; the coach may leave it so. */
export function remarkWords({ kind, block, learners }: Remark, nameOf: Named): string {
  const names = listed(learners.map(nameOf));
  switch (kind) {
    case 'two-new-at-once':
      return SAY.inBlockTwoTablesWould({ block: block + 1 });
    case 'new-twice':
      return SAY.wouldMeetTwoNewCases({ names });
    case 'too-many':
      return SAY.moreThanSix({ names });
    case 'nothing-of-theirs':
      return SAY.nothingHereSuits({ names });
    case 'left-out':
      return SAY.hasNoTableYet({ names });
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
  const expected = SAY.expected({
    cases: Math.round(cases),
    spent: cases > 0 ? Math.round(spent / cases) : 0,
  });
  if (!proposed) return expected;
  const less = proposed.worth.cases - cases;
  const more = tables - proposed.worth.tables;
  const alone = without - proposed.worth.without;
  const differs = Math.abs(less) > NOTABLE;
  if (!differs && more === 0 && alone === 0)
    return [expected, bestWords(proposed)].join(' ').trim();
  const changed = SAY.changed({
    how: differs ? (less > 0 ? 'loses' : 'gains') : 'none',
    cases: Math.abs(less).toFixed(1),
    more: more > 0 ? 'more' : more < 0 ? 'fewer' : 'same',
    tables: Math.abs(more),
  });
  return [expected, changed, alone > 0 ? SAY.alone({ alone }) : ''].join(' ').trim();
}

/** How good what was proposed is. */
type Judged = Pick<Planned, 'worth' | 'bound' | 'boundCut' | 'exact'>;

/** How much better another plan could be. */
function bestWords({ worth, bound, boundCut, exact }: Judged): string {
  if (!exact && worth.value <= 0) return '';
  const most = Math.floor((bound / worth.value - 1) * 100) + 1;
  return SAY.best({
    exact: exact ? 'yes' : 'no',
    most,
    cut: boundCut ? 'yes' : 'no',
    tableCosts: OBJECTIVE.tableCosts,
  });
}
