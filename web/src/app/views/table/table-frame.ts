import { ChangeDetectionStrategy, computed, Component, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatProgressBar } from '@angular/material/progress-bar';
import { RouterLink, RouterLinkActive, RouterOutlet } from '@angular/router';
import { GroupStore } from '../../subjects/group';
import { Groups } from './groups/groups';
import { Mine } from './mine/mine';
import { Choice, type Option } from '../../ui/fields/choice';
import { SAY } from './words';

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
            [label]="say.group"
            [options]="taught()"
            [value]="group.id"
            (chosen)="groups.choose($event)"
          />
        } @else {
          <b class="group">{{ group.name }}</b>
        }
        <nav [attr.aria-label]="say.ofTheGroup">
          <a
            matButton
            routerLink="/table"
            routerLinkActive="current"
            [routerLinkActiveOptions]="{ exact: true }"
            >{{ say.progress }}</a
          >
          <a matButton routerLink="/table/plan" routerLinkActive="current">{{ say.plan }}</a>
          <a matButton routerLink="/table/set" routerLinkActive="current">{{ say.setWork }}</a>
          @if (groups.may('answer')) {
            <a matButton routerLink="/table/answers" routerLinkActive="current">{{
              say.answers
            }}</a>
          }
          @if (groups.may('plan')) {
            <a matButton routerLink="/table/paper" routerLinkActive="current">{{ say.paper }}</a>
          }
          <a matButton routerLink="/table/who" routerLinkActive="current">{{ say.learners }}</a>
          <a matButton routerLink="/table/groups" routerLinkActive="current">{{ say.groups }}</a>
        </nav>
        <span class="gap"></span>
        <a matButton="filled" routerLink="/table/board">{{ say.board }}</a>
      </header>
      <router-outlet />
    } @else if (groups.account()?.role === 'coach' && groups.isKnown()) {
      <section class="first" aria-labelledby="first-group">
        <h1 id="first-group">{{ say.yourFirstGroup }}</h1>
        <p>
          {{ say.makeAGroupAddYour }}
        </p>
        <sc-groups />
      </section>
    } @else if (groups.isKnown()) {
      <sc-mine />
    } @else {
      <mat-progress-bar mode="indeterminate" [aria-label]="say.fetchingYourGroups" />
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
  protected readonly say = SAY;
  protected readonly groups = inject(GroupStore);
  protected readonly taught = computed((): Option<string>[] =>
    this.groups.taught().map(({ id, name }) => ({ value: id, name })),
  );
}
