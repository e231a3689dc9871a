import { ChangeDetectionStrategy, Component, inject, input } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { MatFormField, MatInput, MatLabel } from '@angular/material/input';
import type { ChangeGroup, Group } from '@sleetcrest/contract/accounts';
import { action } from '../../../base/reading/action';
import { GroupStore } from '../../../subjects/group';
import { MethodChoice, type MethodChosen } from '../../../subjects/method/parts/method-choice';
import { copied } from '../../../subjects/settings';
import { Trouble } from '../../../ui/trouble';
import { Choice, type Option } from '../../../ui/fields/choice';
import { SAY } from './words';

/** What a group is called, how it learns, and by which clock it meets. */
@Component({
  selector: 'sc-group-ways',
  imports: [
    Choice,
    FormsModule,
    MatButton,
    MatFormField,
    MatInput,
    MatLabel,
    MethodChoice,
    Trouble,
  ],
  template: `
    <sc-trouble [of]="action.trouble()" />
    <form class="go" (ngSubmit)="change({ name: named.value })">
      <mat-form-field appearance="outline" subscriptSizing="dynamic">
        <mat-label>{{ say.nameOfTheGroup }}</mat-label>
        <input #named matInput maxlength="60" [value]="group().name" />
      </mat-form-field>
      <button matButton="outlined" type="submit">{{ say.rename }}</button>
    </form>
    <sc-method-choice [value]="group().method" (chosen)="chooseMethod($event)" />
    <sc-choice
      [label]="say.timeZone"
      [options]="zones"
      [value]="group().zone"
      (chosen)="change({ zone: $event })"
    />
  `,
  styleUrls: ['../table-page.scss', './roster.scss', './part.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class GroupWays {
  protected readonly say = SAY;
  readonly group = input.required<Group>();
  private readonly groups = inject(GroupStore);
  protected readonly action = action();
  protected readonly zones: readonly Option<string>[] = [
    'UTC',
    ...Intl.supportedValuesOf('timeZone'),
  ].map((zone) => ({ value: zone, name: zone }));

  protected chooseMethod(method: MethodChosen): void {
    void this.change({ method: copied(method) });
  }

  protected async change(change: ChangeGroup): Promise<void> {
    await this.action.run(() => this.groups.change(this.group().id, change));
  }
}
