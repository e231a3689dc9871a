import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Router } from '@angular/router';
import { Store } from '@ngrx/store';
import { DEFAULT_METHOD, readCubeDocument } from '@sleetcrest/core';
import { casesOf, taskWords } from '@sleetcrest/core/group/tasks';
import type { Assignment, Progress } from '@sleetcrest/contract/table';
import { accountFeature } from '../../account';
import { EntryPage } from '../../cube';
import { daySaid, today } from '../../../base/words/days';
import { Held } from '../../../base/reading/held';
import { reading } from '../../../base/reading/reading';
import { action } from '../../../base/reading/action';
import type { Whose } from '../../method/work';
import { CaseName } from '../../method/parts/case-name';
import { GroupStore } from '../group-store';
import { methodTitles } from '../method-titles';
import { TableApi } from '../table-api';
import { taskPlace } from './task-place';
import { Trouble } from '../../../ui/trouble';
import { SAY } from './words';

/** Done longer ago than so many days is not shown any more. */
const SHOWN_DAYS = 7;

/** What a coach has set for a learner: what is open first, by the day it is wanted. */
@Component({
  selector: 'sc-assignments',
  imports: [CaseName, MatButton, Trouble],
  template: `
    <sc-trouble [of]="asking.trouble() ?? trouble()" />
    @for (one of shown(); track one.assignment.id) {
      <article [class.done]="one.own.doneAt">
        <div>
          <b>{{ words(one.assignment) }}</b>
          @for (id of casesOf(one.assignment.task); track id) {
            <sc-case-name [case]="id" [whose]="whose(one.assignment)" [bare]="true" />
          }
          <div class="quiet">{{ says(one.assignment, one.own) }}</div>
          @if (one.assignment.note) {
            <p>{{ one.assignment.note }}</p>
          }
        </div>
        @if (one.own.doneAt === null) {
          <button matButton="filled" (click)="go(one.assignment)">{{ say.doIt }}</button>
          <button matButton (click)="mark(one.assignment, true)">{{ say.iHaveDoneIt }}</button>
        } @else if (one.own.said) {
          <button matButton (click)="mark(one.assignment, false)">{{ say.markAsNotDone }}</button>
        }
      </article>
    } @empty {
      @if (saysNothing() && !asking.isBusy()) {
        <p class="quiet">{{ say.noTasksForYou }}</p>
      }
    }
  `,
  styles: `
    @use 'blocks';

    :host {
      display: grid;
      gap: 6px;
    }
    article {
      @include blocks.set-off;
      @include blocks.row(4px 14px);
    }
    article > div {
      flex: 1 1 18rem;
    }
    .done {
      border-left-color: var(--done);
    }
    p {
      margin: 2px 0;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Assignments {
  protected readonly say = SAY;
  /** Whether it is said that nothing is set. */
  readonly saysNothing = input(false);

  private readonly api = inject(TableApi);
  private readonly groups = inject(GroupStore);
  private readonly held = inject(Held);
  private readonly store = inject(Store);
  private readonly router = inject(Router);
  private readonly account = this.store.selectSignal(accountFeature.selectAccount);
  private readonly action = action();
  protected readonly trouble = this.action.trouble;
  protected readonly asking = reading(
    () => (this.account()?.role === 'learner' ? this.account()!.id : undefined),
    () => this.held.or('assignments', () => this.api.ownAssignments()),
  );
  protected readonly shown = computed(() => {
    const all = (this.asking.value() ?? []).flatMap((assignment) => {
      const own = assignment.progress[0];
      return own ? [{ assignment, own }] : [];
    });
    const day = (one: Assignment): string => one.until ?? '9999';
    const isOld = ({ doneAt }: Progress): boolean =>
      doneAt !== null && Date.now() - Date.parse(doneAt) > SHOWN_DAYS * 86_400_000;
    return all
      .filter(({ own }) => !isOld(own))
      .sort(
        (a, b) =>
          Number(a.own.doneAt !== null) - Number(b.own.doneAt !== null) ||
          (day(a.assignment) < day(b.assignment) ? -1 : 1),
      );
  });

  /** By group, what its method's cases are called. */
  private readonly titles = computed(
    () =>
      new Map(this.groups.all().map((one) => [one.id, methodTitles(one.method, one.firstColour)])),
  );
  private readonly usual = methodTitles(DEFAULT_METHOD);

  protected readonly casesOf = casesOf;

  protected whose({ group }: Assignment): Whose {
    const one = this.groups.all().find(({ id }) => id === group);
    return one ? { method: one.method, firstColour: one.firstColour } : {};
  }

  protected words({ task, group }: Assignment): string {
    return taskWords(task, this.titles().get(group) ?? this.usual);
  }

  /** How far it is, and by when it is wanted: what is late is said, and no more. */
  protected says({ groupName, until }: Assignment, { done, of, doneAt }: Progress): string {
    if (doneAt !== null) return SAY.done({ groupName });
    const far = of > 1 ? SAY.of({ done, of }) : '';
    const by =
      until === null
        ? ''
        : until < today()
          ? SAY.wasDueOn({ until: daySaid(until) })
          : SAY.until({ until: daySaid(until) });
    return [groupName, far, by].filter((part) => part !== '').join(' · ');
  }

  protected go({ task }: Assignment): void {
    if (task.do === 'cube') {
      const read = readCubeDocument(task.cube);
      if (read.ok) {
        const { painted, scheme } = read.value;
        this.store.dispatch(EntryPage.cubeReplaced({ painted: Array.from(painted), scheme }));
      }
    }
    const { path, query } = taskPlace(task);
    void this.router.navigate([path], { queryParams: query });
  }

  protected async mark({ id }: Assignment, done: boolean): Promise<void> {
    await this.action.run(async () => {
      const changed = await this.api.sayDone(id, done);
      this.asking.set((this.asking.value() ?? []).map((one) => (one.id === id ? changed : one)));
    });
  }
}
