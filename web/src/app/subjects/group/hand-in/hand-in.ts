import { computed, inject, Injectable } from '@angular/core';
import { Store } from '@ngrx/store';
import type { HandIn as Handing } from '@sleetcrest/contract/table';
import { accountFeature } from '../../account';
import { Dialogs } from '../../../base/dialogs/dialogs';
import { SAY } from './words';

/** Hands something in to one's coach: a record of the log, or a cube with a question. */
@Injectable({ providedIn: 'root' })
export class HandIn {
  private readonly dialogs = inject(Dialogs);
  private readonly account = inject(Store).selectSignal(accountFeature.selectAccount);
  /** Whether there may be somebody to hand it to. */
  readonly isFor = computed(() => this.account()?.role === 'learner');

  async ask(handed: Handing['handed']): Promise<void> {
    const dialog = import('../parts/hand-in-dialog').then(({ HandInDialog }) => HandInDialog);
    await this.dialogs.open(dialog, { data: handed, width: '520px', ariaLabel: SAY.handItIn });
  }
}
