import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { MatFormField, MatInput, MatLabel } from '@angular/material/input';
import { Notices } from '../../../base/dialogs/notices';
import { RouterLink } from '@angular/router';
import type { Account, Group, Member } from '@sleetcrest/contract/accounts';
import { firstValueFrom, type Observable } from 'rxjs';
import { NewPhrase } from './new-phrase';
import { reading } from '../../../base/reading/reading';
import { readingOf } from '../../../base/reading/reading-of';
import { apiFailure } from '../../../base/api/failure';
import { AccountApi, leavingWords } from '../../account';
import { TableApi } from '../table-api';

/** The groups of an account: a coach's with their learners, a learner's with their coach. */
@Component({
  selector: 'sc-groups',
  imports: [FormsModule, MatButton, MatFormField, MatInput, MatLabel, NewPhrase, RouterLink],
  template: `
    <h2>{{ account().role === 'coach' ? 'Your groups' : 'Your group' }}</h2>
    @if (trouble(); as message) {
      <p class="trouble" role="alert">{{ message }}</p>
    }
    @for (move of moves.value() ?? []; track move.to.id) {
      <article role="status">
        {{ move.coach }} asks you to move from {{ move.from }} to <b>{{ move.to.name }}</b>, whose
        coaches then see your log.
        <button matButton="outlined" (click)="answerMove(move.to.id, true)">Move</button>
        <button matButton (click)="answerMove(move.to.id, false)">Stay</button>
      </article>
    }
    @for (group of groups(); track group.id) {
      <article>
        <header>
          <b>{{ group.name }}</b>
          @if (group.archivedAt) {
            <span>archived; restore it under Table</span>
          } @else if (group.coach.id !== account().id && group.rights.length > 0) {
            <span>taught by {{ group.coach.name }}; you help</span>
          } @else if (group.code; as code) {
            <span
              >Learners join with <span class="mono code">{{ code }}</span></span
            >
            <button matButton (click)="dissolve(group)">Delete</button>
          } @else {
            <span>with {{ group.coach.name }}, who sees your log</span>
            <button matButton (click)="leave(group, account())">Leave</button>
          }
        </header>
        @if (group.code && group.coach.id === account().id) {
          <ul>
            @for (learner of group.learners; track learner.id) {
              <li>
                <span class="who">{{ learner.name }}</span>
                <a
                  matButton
                  [routerLink]="['/log']"
                  [queryParams]="{ of: learner.id, name: learner.name }"
                >
                  Look at the log
                </a>
                <button matButton (click)="setting.set(learner)">Set a new phrase</button>
                <button matButton (click)="takeOut(group, learner)">Take out</button>
                @if (setting()?.id === learner.id) {
                  <sc-new-phrase
                    [name]="learner.name"
                    (told)="setPhrase(learner, $event)"
                    (left)="setting.set(null)"
                  />
                }
              </li>
            } @empty {
              <li class="quiet">Nobody has joined yet: tell your learners the code.</li>
            }
          </ul>
        }
      </article>
    } @empty {
      <p class="quiet">
        {{
          account().role === 'coach'
            ? 'Make a group and tell your learners its code; you then see their logs.'
            : 'Your coach can tell you a code. In a group your coach sees your log.'
        }}
      </p>
    }
    @if (account().role === 'coach') {
      <form class="row" (ngSubmit)="make(name.value); name.value = ''">
        <mat-form-field appearance="outline" subscriptSizing="dynamic">
          <mat-label>Name of the group</mat-label>
          <input #name matInput maxlength="60" required />
        </mat-form-field>
        <button matButton="outlined" type="submit">Make a group</button>
      </form>
      <form class="row" (ngSubmit)="join(help.value)">
        <mat-form-field appearance="outline" subscriptSizing="dynamic">
          <mat-label>Code of a group you help with</mat-label>
          <input #help matInput class="mono" maxlength="8" autocapitalize="characters" />
        </mat-form-field>
        <button matButton="outlined" type="submit">Help</button>
      </form>
    } @else {
      <form class="row" (ngSubmit)="join(code.value)">
        <mat-form-field appearance="outline" subscriptSizing="dynamic">
          <mat-label>Code from your coach</mat-label>
          <input #code matInput class="mono" maxlength="8" autocapitalize="characters" required />
        </mat-form-field>
        <button matButton="outlined" type="submit">Join</button>
      </form>
    }
  `,
  styles: `
    h2 {
      font-size: 1.125rem;
    }
    article {
      margin-top: 10px;
      padding: 10px 14px;
      border-left: 4px solid var(--accent);
      background: var(--surface);
    }
    header,
    li,
    .row,
    form {
      display: flex;
      flex-wrap: wrap;
      gap: 4px 14px;
      align-items: center;
    }
    .row {
      margin-top: 12px;
    }
    ul {
      margin: 0;
      padding: 0;
      list-style: none;
    }
    .who {
      min-width: 9rem;
    }
    .code {
      font-size: 1.1rem;
      letter-spacing: 0.12em;
    }
    .quiet {
      color: var(--quiet);
    }
    .trouble {
      margin: 8px 0;
      padding: 8px 12px;
      border-left: 4px solid var(--trouble);
      background: var(--trouble-soft);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Groups {
  readonly account = input.required<Account>();
  private readonly api = inject(AccountApi);
  private readonly tables = inject(TableApi);
  private readonly notices = inject(Notices);

  private readonly read = reading(
    () => this.account().id,
    () => firstValueFrom(this.api.groups()),
  );
  protected readonly groups = computed(() => this.read.value() ?? []);
  protected readonly moves = readingOf(
    () => (this.account().role === 'learner' ? this.account().id : undefined),
    () => firstValueFrom(this.api.moves()),
  );
  private readonly refusal = signal<string | null>(null);
  protected readonly trouble = computed(() => this.refusal() ?? this.read.trouble());
  protected readonly setting = signal<Member | null>(null);

  protected make(name: string): void {
    this.ask(this.api.makeGroup(name), () => this.read.again());
  }

  protected join(code: string): void {
    this.ask(this.api.joinGroup(code), () => this.read.again());
  }

  protected answerMove(to: string, agrees: boolean): void {
    this.ask(this.api.answerMove(to, agrees), () => {
      this.moves.again();
      this.read.again();
    });
  }

  protected dissolve({ id, name }: Group): void {
    // A group cannot be brought back; its learners and their logs stay.
    const asked = this.tables.leaving(id).then(leavingWords, () => '');
    void asked.then((goes) =>
      this.notices.offerUndo(
        `Delete “${name}”?${goes} Its learners keep their logs.`,
        () => this.ask(this.api.dissolve(id), () => this.read.again()),
        'Delete',
      ),
    );
  }

  protected takeOut(group: Group, learner: Member): void {
    void this.notices.offerUndo(
      `Take ${learner.name} out? They cannot come back by the code of now.`,
      () => this.leave(group, learner),
      'Take out',
    );
  }

  protected leave({ id }: Group, learner: Member): void {
    this.ask(this.api.leave(id, learner.id), () => this.read.again());
  }

  protected setPhrase(learner: Member, phrase: string): void {
    this.ask(this.api.setPhrase(learner.id, phrase), () => {
      this.setting.set(null);
      void this.notices.say(`${learner.name} signs in with the new phrase from now on.`);
    });
  }

  private ask<T>(asked: Observable<T>, done: (answer: T) => void): void {
    this.refusal.set(null);
    asked.subscribe({
      next: done,
      error: (error: unknown) => this.refusal.set(apiFailure(error).message),
    });
  }
}
