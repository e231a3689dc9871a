import { Clipboard } from '@angular/cdk/clipboard';
import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Notices } from '../../../base/dialogs/notices';
import { reading } from '../../../base/reading/reading';
import { apiFailure } from '../../../base/api/failure';
import { TableApi, GroupStore } from '../../../subjects/group';
import { Trouble } from '../../../ui/trouble';
import { SAY } from './words';

/** Where calendars read the planned sessions: a secret address, that can be changed. */
@Component({
  selector: 'sc-plan-calendar',
  imports: [MatButton, Trouble],
  template: `
    <p>
      {{ say.yourCalendarReadsThe }}
    </p>
    <sc-trouble [of]="asking.trouble()" />
    @if (address(); as whole) {
      <code>{{ whole }}</code>
      <div>
        <button matButton="outlined" (click)="copy(whole)">{{ say.copyIt }}</button>
        <button matButton (click)="change()">{{ say.changeIt }}</button>
      </div>
    }
  `,
  styles: `
    p {
      margin: 4px 0;
    }
    code {
      display: block;
      padding: 6px 10px;
      overflow-wrap: anywhere;
      background: var(--ground);
      font-family: var(--mono);
      font-size: var(--type-small);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PlanCalendar {
  protected readonly say = SAY;
  private readonly groups = inject(GroupStore);
  private readonly api = inject(TableApi);
  private readonly clipboard = inject(Clipboard);
  private readonly notices = inject(Notices);
  protected readonly asking = reading(
    () => this.groups.group()?.id,
    (group) => this.api.calendar(group),
    { whenAnother: 'drop' },
  );
  protected readonly address = computed(() => {
    const path = this.asking.value();
    return path === undefined ? null : `${location.origin}${path}`;
  });
  protected copy(address: string): void {
    this.clipboard.copy(address);
    void this.notices.say(SAY.theAddressIsCopiedAdd);
  }

  protected async change(): Promise<void> {
    const group = this.groups.group();
    if (!group) return;
    try {
      this.asking.set(await this.api.changeCalendar(group.id));
      void this.notices.say(SAY.theAddressIsAnotherNow);
    } catch (error) {
      void this.notices.say(apiFailure(error).message);
    }
  }
}
