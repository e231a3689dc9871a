import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatFormField, MatInput, MatLabel } from '@angular/material/input';
import { MatProgressBar } from '@angular/material/progress-bar';
import { RouterLink, RouterLinkActive, RouterOutlet } from '@angular/router';
import { firstValueFrom } from 'rxjs';
import { AccountApi } from '../../subjects/account';
import { TableGroups } from '../../subjects/group';
import { apiFailure } from '../../base/api/failure';
import { Notices } from '../../base/dialogs/notices';
import { Mine } from './mine/mine';

/** The Table: a coach's group with what belongs to it; for everybody else, their side of it. */
@Component({
  selector: 'sc-table-frame',
  imports: [
    MatButton,
    MatFormField,
    MatInput,
    MatLabel,
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
          <div class="field">
            <label for="which-group">Group</label>
            <select #which id="which-group" (change)="groups.choose(which.value)">
              @for (one of groups.taught(); track one.id) {
                <option [value]="one.id" [selected]="one.id === group.id">{{ one.name }}</option>
              }
            </select>
          </div>
        } @else {
          <b class="group">{{ group.name }}</b>
        }
        <nav aria-label="Of the group">
          <a
            matButton
            routerLink="/table"
            routerLinkActive="current"
            [routerLinkActiveOptions]="{ exact: true }"
            >How they stand</a
          >
          <a matButton routerLink="/table/plan" routerLinkActive="current">Plan</a>
          <a matButton routerLink="/table/set" routerLinkActive="current">Set work</a>
          @if (groups.may('answer')) {
            <a matButton routerLink="/table/answers" routerLinkActive="current">Answers</a>
          }
          @if (groups.may('plan')) {
            <a matButton routerLink="/table/paper" routerLinkActive="current">Paper</a>
          }
          <a matButton routerLink="/table/who" routerLinkActive="current">Who belongs</a>
        </nav>
        <span class="gap"></span>
        <a matButton="filled" routerLink="/table/board">Board</a>
      </header>
      <router-outlet />
    } @else if (groups.account()?.role === 'coach' && groups.isKnown()) {
      <section class="first" aria-labelledby="first-group">
        <h1 id="first-group">A table of your own</h1>
        @if (groups.trouble(); as sentence) {
          <p class="trouble" role="alert">
            {{ sentence }} <button matButton (click)="groups.again()">Try again</button>
          </p>
        } @else {
          <p>
            Make a group, bring in who belongs to it, and see here how each of them stands, what to
            do next and with whom together.
          </p>
          <form (submit)="make($event, name.value)">
            <mat-form-field appearance="outline" subscriptSizing="dynamic">
              <mat-label>Name of the group</mat-label>
              <input #name matInput maxlength="60" required />
            </mat-form-field>
            <button matButton="filled" type="submit">Make a group</button>
          </form>
          @if (groups.away().length > 0) {
            <p>
              Put away:
              @for (one of groups.away(); track one.id) {
                <a matButton routerLink="/account">{{ one.name }}</a>
              }
            </p>
          }
        }
      </section>
    } @else if (groups.isKnown()) {
      <sc-mine />
    } @else {
      <mat-progress-bar mode="indeterminate" aria-label="Fetching your groups" />
    }
  `,
  styles: `
    :host {
      display: block;
    }
    .frame {
      display: flex;
      flex-wrap: wrap;
      gap: 4px 16px;
      align-items: center;
      padding: 8px 24px;
      border-bottom: 1px solid var(--line);
    }
    .frame nav {
      display: flex;
      flex-wrap: wrap;
      gap: 2px;
    }
    .group {
      font-size: 1.1rem;
    }
    .current {
      background: var(--accent-soft);
    }
    .gap {
      flex: 1;
    }
    .first {
      display: grid;
      gap: 12px;
      max-width: 42rem;
      margin: 40px auto;
      padding: 0 24px;
    }
    form {
      display: flex;
      flex-wrap: wrap;
      gap: 12px;
      align-items: center;
    }
    @media (max-width: 40em) {
      .frame {
        padding: 8px 12px;
      }
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TableFrame {
  protected readonly groups = inject(TableGroups);
  private readonly api = inject(AccountApi);
  private readonly notices = inject(Notices);

  protected async make(event: Event, name: string): Promise<void> {
    event.preventDefault();
    if (name.trim() === '') return;
    try {
      const group = await firstValueFrom(this.api.makeGroup(name));
      this.groups.changed(group);
      this.groups.choose(group.id);
    } catch (error) {
      void this.notices.say(apiFailure(error).message);
    }
  }
}
