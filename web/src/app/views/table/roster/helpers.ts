import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatCheckbox } from '@angular/material/checkbox';
import { RIGHTS, type Right } from '@sleetcrest/contract/accounts';
import { action } from '../../../base/reading/action';
import { reading } from '../../../base/reading/reading';
import { GroupApi, GroupStore, TableApi } from '../../../subjects/group';
import { Trouble } from '../../../ui/trouble';

/** What an assistant may do, in words. */
const RIGHT_WORDS: Record<Right, string> = {
  see: 'see how everybody stands',
  plan: 'plan, set work and hold sessions',
  answer: 'answer what is handed in',
  roster: 'change who belongs to it',
  phrase: 'set a new phrase for who has not chosen one',
};

/** Assistants with a group, the codes by which others may, and whose calendars read its sessions. */
@Component({
  selector: 'sc-helpers',
  imports: [MatButton, MatCheckbox, Trouble],
  template: `
    <sc-trouble [of]="action.trouble() ?? invitations.trouble() ?? calendars.trouble()" />
    <h2>Assistants</h2>
    <ul class="people">
      @for (one of groups.group()?.assistants; track one.id) {
        <li>
          <b>{{ one.name }}</b> may {{ says(one.rights) }}
          <button matButton (click)="endHelp(one.id)">End</button>
        </li>
      } @empty {
        <li class="quiet">No assistants yet.</li>
      }
    </ul>
    <p class="quiet">Ask another coach by a code. They may see how everybody stands, and</p>
    @for (right of rights; track right) {
      <mat-checkbox [checked]="asked().includes(right)" (change)="toggle(right, $event.checked)">{{
        words[right]
      }}</mat-checkbox>
    }
    <div class="go">
      <button matButton="outlined" [disabled]="action.busy()" (click)="invite()">
        Make a code
      </button>
    </div>
    @if (invitations.value(); as codes) {
      <ul class="people" role="status" aria-label="Codes for assistants">
        @for (one of codes; track one.code) {
          <li>
            <b class="mono">{{ one.code }}</b> works once, within three days: {{ says(one.rights) }}
            <button matButton [disabled]="action.busy()" (click)="withdraw(one.code)">
              Withdraw
            </button>
          </li>
        }
      </ul>
    }
    @if (calendars.value(); as read) {
      @if (read.length > 0) {
        <h2>Calendars that read the sessions</h2>
        <ul class="people">
          @for (one of read; track one.coach) {
            <li>
              <b>{{ one.name }}</b>
              <button matButton [disabled]="action.busy()" (click)="withdrawCalendar(one.coach)">
                Withdraw the address
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
