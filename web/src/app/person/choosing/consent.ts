import { inject, Injectable } from '@angular/core';
import { MatDialog } from '@angular/material/dialog';
import type { ProofState } from '@sleetcrest/contract';
import { firstValueFrom } from 'rxjs';

/** Asks before a method is used that may leave a learner stuck. */
@Injectable({ providedIn: 'root' })
export class Consent {
  private readonly dialog = inject(MatDialog);

  /** Whether the method may be used: at once when it is proved, else if the person agrees. */
  async given(title: string, proof: ProofState): Promise<boolean> {
    if (proof === 'proved') return true;
    const { Unproved } = await import('./unproved');
    const asked = this.dialog.open<unknown, unknown, boolean>(Unproved, {
      data: { title, proof },
      width: '440px',
    });
    return (await firstValueFrom(asked.afterClosed())) === true;
  }
}
