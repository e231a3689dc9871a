import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import {
  MAT_DIALOG_DATA,
  MatDialogActions,
  MatDialogContent,
  MatDialogRef,
  MatDialogTitle,
} from '@angular/material/dialog';
import { MatProgressBar } from '@angular/material/progress-bar';
import type { HandIn } from '@sleetcrest/contract/table';
import { v4 as uuid } from 'uuid';
import { Notices } from '../../../base/dialogs/notices';
import { action } from '../../../base/reading/action';
import { GroupStore } from '../group-store';
import { TableApi } from '../table-api';
import { Trouble } from '../../../ui/trouble';
import { Choice, type Option } from '../../../ui/fields/choice';
import { SAY } from './words';

/** What is handed in, to whom, and the words with it. */
@Component({
  selector: 'sc-hand-in-dialog',
  imports: [
    Choice,
    FormsModule,
    MatButton,
    MatDialogActions,
    MatDialogContent,
    MatDialogTitle,
    MatProgressBar,
    Trouble,
  ],
  template: `
    <h2 mat-dialog-title>{{ isQuestion ? say.askYourCoach : say.handItIn }}</h2>
    <mat-dialog-content>
      @if (!groups.isKnown()) {
        <mat-progress-bar mode="indeterminate" [aria-label]="say.fetchingYourGroups" />
      } @else if (all().length === 0) {
        <p>
          {{ groups.trouble() ?? say.youBelongToNoGroup }}
        </p>
      } @else {
        @if (all().length > 1) {
          <sc-choice
            [label]="say.to"
            [options]="addressees()"
            [value]="group_()?.id ?? ''"
            (chosen)="chosen.set($event)"
          />
        } @else {
          <p>
            {{ say.toCoach({ coach: group_()?.coach?.name ?? '', group: group_()?.name ?? '' }) }}
          </p>
        }
        <label for="hand-in-words">{{ isQuestion ? say.whatDoYouAsk : say.aWordWithIt }}</label>
        <textarea
          class="words"
          id="hand-in-words"
          rows="3"
          maxlength="2000"
          cdkFocusInitial
          [ngModel]="words()"
          (ngModelChange)="words.set($event)"
        ></textarea>
      }
      <sc-trouble [of]="trouble()" />
    </mat-dialog-content>
    <mat-dialog-actions>
      <button matButton (click)="dialog.close()">{{ say.notNow }}</button>
      <button matButton="filled" [disabled]="busy() || !group_()" (click)="send()">
        {{ isQuestion ? say.ask : say.handItIn }}
      </button>
    </mat-dialog-actions>
  `,
  styles: ``,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class HandInDialog {
  protected readonly say = SAY;
  private readonly handed = inject<HandIn['handed']>(MAT_DIALOG_DATA);
  protected readonly dialog = inject<MatDialogRef<HandInDialog>>(MatDialogRef);
  private readonly api = inject(TableApi);
  private readonly notices = inject(Notices);
  protected readonly isQuestion = this.handed.what === 'question';
  /** Made once, so that what is sent again adds nothing. */
  private readonly id = uuid();
  protected readonly groups = inject(GroupStore);
  protected readonly all = this.groups.joined;
  protected readonly chosen = signal('');
  protected readonly addressees = computed((): Option<string>[] =>
    this.all().map(({ id, coach, name }) => ({ value: id, name: `${coach.name}, ${name}` })),
  );
  protected readonly group_ = computed(
    () => this.all().find(({ id }) => id === this.chosen()) ?? this.all().at(0),
  );
  protected readonly words = signal('');
  private readonly action = action();
  protected readonly busy = this.action.busy;
  protected readonly trouble = this.action.trouble;

  protected async send(): Promise<void> {
    const group = this.group_();
    if (!group) return;
    const { id, handed } = this;
    await this.action.run(async () => {
      await this.api.handIn({ id, group: group.id, handed, words: this.words() });
      this.dialog.close();
      void this.notices.say(SAY.hasItTheAnswerComes({ name: group.coach.name }));
    });
  }
}
