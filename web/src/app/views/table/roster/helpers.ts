import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatCheckbox } from '@angular/material/checkbox';
import { RIGHTS, type Right } from '@sleetcrest/contract/accounts';
import { action } from '../../../base/reading/action';
import { reading } from '../../../base/reading/reading';
import { GroupApi, GroupStore, TableApi } from '../../../subjects/group';
import { Trouble } from '../../../ui/trouble';
import { SAY } from './words';
import { Sentence, SentenceSlot } from '../../../ui/sentence/sentence';

/** What an assistant may do, in words. */
const RIGHT_WORDS: Record<Right, string> = {
  see: SAY.seeHowEverybodyStands,
  plan: SAY.planSetWorkAndHold,
  answer: SAY.answerWhatIsHandedIn,
  roster: SAY.changeWhoBelongsToIt,
  phrase: SAY.setANewPhraseFor,
};

/** Assistants with a group, the codes by which others may, and whose calendars read its sessions. */
@Component({
  selector: 'sc-helpers',
  imports: [Sentence, SentenceSlot, MatButton, MatCheckbox, Trouble],
  template: `
    <sc-trouble [of]="action.trouble() ?? invitations.trouble() ?? calendars.trouble()" />
    <h2>{{ say.assistants }}</h2>
    <ul class="people">
      @for (one of groups.group()?.assistants; track one.id) {
        <li>
          <sc-sentence [of]="say.may" [with]="{ rights: says(one.rights) }">
            <b *scSlot="'name'">{{ one.name }}</b>
          </sc-sentence>
          <button matButton (click)="endHelp(one.id)">{{ say.end }}</button>
        </li>
      } @empty {
        <li class="quiet">{{ say.noAssistantsYet }}</li>
      }
    </ul>
    <p class="quiet">{{ say.askAnotherCoachByA }}</p>
    @for (right of rights; track right) {
      <mat-checkbox [checked]="asked().includes(right)" (change)="toggle(right, $event.checked)">{{
        words[right]
      }}</mat-checkbox>
    }
    <div class="go">
      <button matButton="outlined" [disabled]="action.busy()" (click)="invite()">
        {{ say.makeACode }}
      </button>
    </div>
    @if (invitations.value(); as codes) {
      <ul class="people" role="status" [attr.aria-label]="say.codesForAssistants">
        @for (one of codes; track one.code) {
          <li>
            <sc-sentence [of]="say.worksOnceWithinThreeDays" [with]="{ rights: says(one.rights) }">
              <b *scSlot="'code'" class="mono">{{ one.code }}</b>
            </sc-sentence>
            <button matButton [disabled]="action.busy()" (click)="withdraw(one.code)">
              {{ say.withdraw }}
            </button>
          </li>
        }
      </ul>
    }
    @if (calendars.value(); as read) {
      @if (read.length > 0) {
        <h2>{{ say.calendarsThatReadThe }}</h2>
        <ul class="people">
          @for (one of read; track one.coach) {
            <li>
              <b>{{ one.name }}</b>
              <button matButton [disabled]="action.busy()" (click)="withdrawCalendar(one.coach)">
                {{ say.withdrawTheAddress }}
              </button>
            </li>
          }
        </ul>
      }
    }
  `,
  styleUrls: ['../table-page.scss', './roster.scss', './part.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Helpers {
  protected readonly say = SAY;
  protected readonly groups = inject(GroupStore);
  private readonly api = inject(GroupApi);
  private readonly table = inject(TableApi);
  protected readonly action = action();
  protected readonly rights = RIGHTS.filter((right) => right !== 'see');
  protected readonly words = RIGHT_WORDS;
  protected readonly asked = signal<readonly Right[]>(['plan', 'answer']);
  private readonly group = computed(() => this.groups.group()?.id);
  protected readonly invitations = reading(this.group, (group) => this.api.invitations(group), {
    whenAnother: 'drop',
  });
  protected readonly calendars = reading(this.group, (group) => this.table.calendars(group), {
    whenAnother: 'drop',
  });

  protected says(rights: readonly Right[]): string {
    return rights.map((right) => RIGHT_WORDS[right]).join(', ');
  }

  protected toggle(right: Right, on: boolean): void {
    this.asked.update((all) => (on ? [...all, right] : all.filter((one) => one !== right)));
  }

  protected async invite(): Promise<void> {
    await this.do(async (group) => {
      await this.api.invite(group, this.asked());
      this.invitations.again();
    });
  }

  protected async withdraw(code: string): Promise<void> {
    await this.do(async (group) => {
      await this.api.withdraw(group, code);
      this.invitations.again();
    });
  }

  protected async withdrawCalendar(coach: string): Promise<void> {
    await this.do(async (group) => {
      await this.table.withdrawCalendar(group, coach);
      this.calendars.again();
    });
  }

  protected async endHelp(coach: string): Promise<void> {
    await this.do((group) => this.groups.endHelp(group, coach));
  }

  private async do(work: (group: string) => Promise<void>): Promise<void> {
    const group = this.group();
    if (group !== undefined) await this.action.run(() => work(group));
  }
}
