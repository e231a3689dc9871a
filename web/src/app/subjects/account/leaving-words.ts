import type { Leaving } from '@sleetcrest/contract/accounts';
import { listed } from '../../base/words/say';
import { SAY } from './words';

/** What of others’ goes with what is deleted, as a sentence; empty where nothing does. */
export function leavingWords(goes: Leaving): string {
  const parts = [
    goes.groups > 0 && goes.learners > 0 && SAY.theGroupOfLearners({ learners: goes.learners }),
    goes.plans > 0 && SAY.plannedSessions({ planned: goes.plans }),
    goes.assignments > 0 && SAY.tasks({ tasks: goes.assignments }),
    goes.work > 0 && SAY.piecesOfWorkThatOthers({ pieces: goes.work }),
    goes.notes > 0 && SAY.commentsOnWork({ comments: goes.notes }),
  ].filter((part) => part !== false);
  return parts.length === 0 ? '' : SAY.withItGoes({ parts: listed(parts) });
}
