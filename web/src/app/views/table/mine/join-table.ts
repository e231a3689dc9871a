import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { MatFormField, MatInput, MatLabel } from '@angular/material/input';
import { Store } from '@ngrx/store';
import { joinLiveSchema } from '@sleetcrest/contract/table';
import { describeErrors, fieldErrors } from '@sleetcrest/contract';
import { accountFeature } from '../../../subjects/account';
import { Seat, TableApi } from '../../../subjects/group';
import { action } from '../../../base/reading/action';
import { Trouble } from '../../../ui/trouble';
import { SAY } from './words';

/** Sits down at a table by the code on its board; without an account, under a nickname. */
@Component({
  selector: 'sc-join-table',
  imports: [FormsModule, MatButton, MatFormField, MatInput, MatLabel, Trouble],
  template: `
    <form (ngSubmit)="join()">
      <mat-form-field appearance="outline" subscriptSizing="dynamic">
        <mat-label>{{ say.codeOnTheBoard }}</mat-label>
        <input
          matInput
          class="mono"
          name="code"
          maxlength="6"
          autocapitalize="characters"
          autocomplete="off"
          [ngModel]="code()"
          (ngModelChange)="code.set($event)"
        />
      </mat-form-field>
      @if (!account()) {
        <mat-form-field appearance="outline" subscriptSizing="dynamic">
          <mat-label>{{ say.whatYouWantToBe }}</mat-label>
          <input
            matInput
            name="nickname"
            maxlength="40"
            autocomplete="off"
            [ngModel]="nickname()"
            (ngModelChange)="nickname.set($event)"
          />
        </mat-form-field>
      }
      <button matButton="filled" type="submit" [disabled]="busy()">
        {{ say.joinWithTheCode }}
      </button>
    </form>
    <sc-trouble [of]="trouble()" />
  `,
  styles: `
    @use 'blocks';

    form {
      @include blocks.row(10px);
    }
    mat-form-field {
      width: min(100%, 17rem);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class JoinTable {
  protected readonly say = SAY;
  private readonly api = inject(TableApi);
  private readonly seat = inject(Seat);
  protected readonly account = inject(Store).selectSignal(accountFeature.selectAccount);
  protected readonly code = signal('');
  protected readonly nickname = signal('');
  private readonly action = action();
  protected readonly busy = this.action.busy;
  protected readonly trouble = this.action.trouble;

  protected async join(): Promise<void> {
    const nickname = this.account() ? null : this.nickname();
    const parsed = joinLiveSchema.safeParse({ code: this.code(), nickname });
    if (!parsed.success) {
      this.action.refuse(`${describeErrors(fieldErrors(parsed.error))}.`);
      return;
    }
    await this.action.run(async () => this.seat.sit(await this.api.joinByCode(parsed.data)));
  }
}
