import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatCheckbox } from '@angular/material/checkbox';
import { MatIcon } from '@angular/material/icon';
import { Choice } from '../../ui/fields/choice';
import { ToldField } from '../../ui/fields/told-field';
import { CaseForm } from './case-form';
import { DraftDesk } from './draft-desk';
import { SayingsForm } from './sayings-form';
import { CaseName } from '../../subjects/method/parts/case-name';
import { SAY } from './words';

/** The approach in hand: what it is called, its cases, and the one that is being changed. */
@Component({
  selector: 'sc-approach-work',
  imports: [CaseName, CaseForm, Choice, MatButton, MatCheckbox, MatIcon, SayingsForm, ToldField],
  templateUrl: './approach-work.html',
  styleUrl: './approach-work.scss',
  host: { role: 'region', '[attr.aria-label]': 'say.approach' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ApproachWork {
  protected readonly say = SAY;
  protected readonly desk = inject(DraftDesk);
  protected readonly ups = [
    { value: 'first', name: SAY.firstColour },
    { value: 'opposite', name: SAY.itsOpposite },
  ] as const;
}
