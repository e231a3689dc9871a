import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import type { LiveSession } from '@sleetcrest/contract/table';
import { Seat, TableApi, GroupStore } from '../../../subjects/group';
import { Assignments } from '../../../subjects/group/parts/assignments';
import { reading } from '../../../base/reading/reading';
import { action } from '../../../base/reading/action';
import { WorkView } from '../work/work-view';
import { Trouble } from '../../../ui/trouble';
import { Groups } from '../groups/groups';
import { JoinTable } from './join-table';
import { SAY } from './words';
import { Sentence, SentenceSlot } from '../../../ui/sentence/sentence';

/** A learner's side of the table: sitting down at it, what is set, and what was handed in. */
@Component({
  selector: 'sc-mine',
  imports: [Sentence, SentenceSlot, Assignments, Groups, JoinTable, MatButton, Trouble, WorkView],
  template: `
    <div class="page">
      <section aria-labelledby="sit-down">
        <h1 id="sit-down">{{ say.theTable }}</h1>
        @if (seat.session(); as sits) {
          <p>
            <sc-sentence [of]="say.youSitAtYourCoach">
              <b *scSlot="'groupName'">{{ sits.groupName }}</b>
            </sc-sentence>
          </p>
        } @else {
          @for (session of sessions(); track session.id) {
            <p class="meets">
              <sc-sentence [of]="say.meetsNow">
                <b *scSlot="'groupName'">{{ session.groupName }}</b>
              </sc-sentence>
              <button matButton="filled" (click)="sit(session)">{{ say.sitDown }}</button>
            </p>
          }
          <sc-trouble [of]="trouble()" />
          <p class="quiet">
            {{ groups.account() ? say.atAnotherTableTodayType : say.atATableTodayType }}
          </p>
          <sc-join-table />
        }
      </section>
      @if (groups.account()) {
        <section aria-labelledby="is-set">
          <h2 id="is-set">{{ say.whatIsSetForYou }}</h2>
          <sc-assignments [saysNothing]="true" />
        </section>
        <section aria-labelledby="handed-in">
          <h2 id="handed-in">{{ say.whatYouHandedIn }}</h2>
          <sc-work-view [own]="true" />
        </section>
        <sc-groups />
      }
    </div>
  `,
  styles: `
    @use 'blocks';

    .page {
      display: grid;
      gap: 24px;
      max-width: 78rem;
      margin: 0 auto;
      padding: 12px 24px 24px;
    }
    h1 {
      font-size: var(--type-title);
    }
    h2 {
      font-size: var(--type-section);
    }
    section {
      display: grid;
      gap: 8px;
    }
    p {
      margin: 0;
    }
    .meets {
      @include blocks.set-off($loud: true);
    }
    sc-work-view {
      padding: 0;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Mine {
  protected readonly say = SAY;
  protected readonly groups = inject(GroupStore);
  protected readonly seat = inject(Seat);
  private readonly api = inject(TableApi);
  private readonly action = action();
  protected readonly trouble = this.action.trouble;
  private readonly asking = reading(
    () => ({ whose: this.groups.whose(), sits: this.seat.session()?.id }),
    () => this.api.sessions(),
  );
  protected readonly sessions = computed(() =>
    (this.asking.value() ?? []).filter(({ code }) => code === null),
  );

  protected async sit(session: LiveSession): Promise<void> {
    await this.action.run(async () =>
      this.seat.sit(session.joined ? session : await this.api.joinOfGroup(session.group)),
    );
  }
}
