import type { Leaving } from '@sleetcrest/contract/accounts';
import { counted } from '../../base/words/counted';

/** What of others’ goes with what is deleted, as a sentence after a space; empty where nothing does. */
export function leavingWords(goes: Leaving): string {
  const parts = [
    goes.groups > 0 && goes.learners > 0 && `the group of ${counted(goes.learners, 'learner')}`,
    goes.plans > 0 && counted(goes.plans, 'planned session'),
    goes.assignments > 0 && counted(goes.assignments, 'task'),
    goes.work > 0 && `${counted(goes.work, 'piece')} of work that others handed in`,
    goes.notes > 0 && `${counted(goes.notes, 'comment')} on work`,
  ].filter((part) => part !== false);
  return parts.length === 0 ? '' : ` With it goes: ${parts.join(', ')}.`;
}
