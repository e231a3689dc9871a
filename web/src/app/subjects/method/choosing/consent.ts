import { inject, Injectable } from '@angular/core';
import type { ProofState } from '@sleetcrest/contract';
import { Dialogs } from '../../../base/dialogs/dialogs';

/** Asks before a method is used that may leave a learner stuck. */
@Injectable({ providedIn: 'root' })
export class Consent {
  private readonly dialogs = inject(Dialogs);

  /** Whether the method may be used: at once when it is proved, else if the person agrees. */
  async given(title: string, proof: ProofState): Promise<boolean> {
    if (proof === 'proved') return true;
    const unproved = import('../parts/unproved').then(({ Unproved }) => Unproved);
    const data = { title, proof };
    return (await this.dialogs.open<boolean>(unproved, { data, width: '440px' })) === true;
  }
}
