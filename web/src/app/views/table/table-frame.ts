import { ChangeDetectionStrategy, computed, Component, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatProgressBar } from '@angular/material/progress-bar';
import { RouterLink, RouterLinkActive, RouterOutlet } from '@angular/router';
import { GroupStore } from '../../subjects/group';
import { Groups } from './groups/groups';
import { Mine } from './mine/mine';
import { Choice, type Option } from '../../ui/fields/choice';

/** The Table: a coach's group with what belongs to it; for everybody else, their side of it. */
@Component({
  selector: 'sc-table-frame',
  imports: [
    Choice,
    Groups,
    MatButton,
    MatProgressBar,
    Mine,
    RouterLink,
    RouterLinkActive,
    RouterOutlet,
  ],
  template: `
    @if (groups.group(); as group) {
      <header class="frame no-print">
        @if (groups.taught().length > 1) {
          <sc-choice
            label="Group"
            [options]="taught()"
            [value]="group.id"
            (chosen)="groups.choose($event)"
          />
        } @else {
          <b class="group">{{ group.name }}</b>
        }
        <nav aria-label="Of the group">
          <a
            matButton
            routerLink="/table"
            routerLinkActive="current"
            [routerLinkActiveOptions]="{ exact: true }"
            >Progress</a
          >
          <a matButton routerLink="/table/plan" routerLinkActive="current">Plan</a>
          <a matButton routerLink="/table/set" routerLinkActive="current">Set work</a>
          @if (groups.may('answer')) {
            <a matButton routerLink="/table/answers" routerLinkActive="current">Answers</a>
          }
          @if (groups.may('plan')) {
            <a matButton routerLink="/table/paper" routerLinkActive="current">Paper</a>
          }
          <a matButton routerLink="/table/who" routerLinkActive="current">Learners</a>
          <a matButton routerLink="/table/groups" routerLinkActive="current">Groups</a>
        </nav>
        <span class="gap"></span>
        <a matButton="filled" routerLink="/table/board">Board</a>
      </header>
      <router-outlet />
    } @else if (groups.account()?.role === 'coach' && groups.isKnown()) {
      <section class="first" aria-labelledby="first-group">
        <h1 id="first-group">Your first group</h1>
        <p>
          Make a group, add your learners, and see here how far each of them is, what to do next and
          with whom.
        </p>
        <sc-groups />
      </section>
    } @else if (groups.isKnown()) {
      <sc-mine />
    } @else {
      <mat-progress-bar mode="indeterminate" aria-label="Fetching your groups" />
    }
  `,
  styles: `
    @use 'blocks';
    @use 'shapes';
    :host {
      display: block;
    }
    .frame {
      @include blocks.row(4px 16px);
      padding: 8px 24px;
      border-bottom: 1px solid var(--line);
    }
    .frame nav {
      display: flex;
      flex-wrap: wrap;
      gap: 2px;
    }
    .group {
      font-size: var(--type-lead);
    }
    .current {
      background: var(--accent-soft);
    }
    .first {
      display: grid;
      gap: 12px;
      max-width: 42rem;
      margin: 40px auto;
      padding: 0 24px;
    }
    @include shapes.up-to(shapes.$phone) {
      .frame {
        padding: 8px 12px;
      }
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TableFrame {
  protected readonly groups = inject(GroupStore);
  protected readonly taught = computed((): Option<string>[] =>
    this.groups.taught().map(({ id, name }) => ({ value: id, name })),
  );
}
