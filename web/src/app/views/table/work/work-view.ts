import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  signal,
  untracked,
} from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatProgressBar } from '@angular/material/progress-bar';
import { Router } from '@angular/router';
import { Store } from '@ngrx/store';
import type { Place, Work } from '@sleetcrest/contract/table';
import { readerFeature } from '../../../subjects/settings';
import { GroupTitles, TableApi, GroupStore } from '../../../subjects/group';
import { reading } from '../../../base/reading/reading';
import { action } from '../../../base/reading/action';
import { CubeBeside } from './cube-beside';
import { SolveBeside } from './solve-beside';
import { WorkNotes, type Draft } from './work-notes';
import { Trouble } from '../../../ui/trouble';
import { daySaid } from '../../../base/words/days';
import { SAY } from './words';

const NOWHERE: Place = { turn: null, stage: null };

/** In the place of a group: what one handed in oneself. */
const OWN = 'own';

/**
 * What was handed in, the unread first: the solve or the cube, and beside it the words on it. A coach sees
 * that of the group, a learner their own.
 */
@Component({
  selector: 'sc-work-view',
  imports: [CubeBeside, MatButton, MatProgressBar, SolveBeside, Trouble, WorkNotes],
  template: `
    @if (trouble() ?? asking.trouble(); as message) {
      <sc-trouble [of]="message" [again]="say.tryAgain" (asked)="asking.again()" />
    }
    @if (asking.isBusy() && all().length === 0) {
      <mat-progress-bar mode="indeterminate" [aria-label]="say.fetchingWhatWasHandedIn" />
    }
    <div class="two" [class.open]="shown()">
      <nav [attr.aria-label]="say.whatWasHandedIn">
        @for (one of all(); track one.id) {
          <button
            class="work"
            [class.unread]="one.unread"
            [attr.aria-current]="one.id === shown()?.id"
            (click)="open(one)"
          >
            <b>{{ own() ? one.groupName : one.learner.name }}</b>
            <span>{{ whatOf(one) }}</span>
            <span class="quiet">{{ day(one.handedAt) }}</span>
            @if (one.unread) {
              <span class="new">{{ one.notes.length > 0 ? say.newWords : say.new }}</span>
            } @else if (one.markedAt) {
              <span class="good">{{ say.answered }}</span>
            }
          </button>
        } @empty {
          @if (!asking.isBusy()) {
            <p class="quiet">
              {{ own() ? say.youHaveNotHandedAnything : say.nothingWasHandedInYet }}
            </p>
          }
        }
      </nav>
      @if (shown(); as work) {
        <div class="beside">
          <div>
            @if (work.handed.what === 'record') {
              <sc-solve-beside
                [entry]="work.handed.entry"
                [notes]="work.notes"
                [letters]="letters()"
                [firstColour]="firstColour()"
                [place]="place()"
                (looked)="place.set($event)"
              />
            } @else {
              <sc-cube-beside [cube]="work.handed.cube" [letters]="letters()" />
            }
          </div>
          <div>
            <sc-work-notes
              [work]="work"
              [place]="place()"
              [busy]="busy()"
              [stageTitle]="titles.of"
              (wrote)="write(work, $event)"
              (looked)="place.set($event)"
            />
            @if (!own()) {
              <p>
                <button matButton="outlined" [disabled]="busy()" (click)="mark(work)">
                  {{ work.markedAt ? say.notAnsweredAfterAll : say.markAsAnswered }}
                </button>
              </p>
            }
          </div>
        </div>
      }
    </div>
  `,
  styleUrl: '../table-page.scss',
  styles: `
    @use 'shapes';
    .two {
      grid-template-columns: minmax(0, 1fr);
      gap: 24px;
      max-width: 44rem;
    }
    .two.open {
      grid-template-columns: 17rem minmax(0, 1fr);
      max-width: none;
    }
    .beside {
      display: grid;
      grid-template-columns: minmax(0, 3fr) minmax(0, 2fr);
      gap: 24px;
    }
    p {
      margin: 10px 0 0;
    }
    nav {
      display: grid;
      gap: 4px;
      align-content: start;
    }
    .work {
      display: grid;
      grid-template-columns: 1fr auto;
      gap: 0 8px;
      padding: 8px 12px;
      border: 1px solid var(--line);
      border-left: 4px solid var(--line-strong);
      border-radius: 0 var(--radius) var(--radius) 0;
      background: var(--surface);
      color: var(--text);
      font: inherit;
      text-align: left;
      cursor: pointer;
    }
    .work span:nth-of-type(1) {
      grid-row: 2;
    }
    .unread {
      border-left-color: var(--accent);
    }
    [aria-current='true'] {
      background: var(--accent-soft);
    }
    .new {
      color: var(--text);
      font-weight: 700;
    }
    @include shapes.up-to(shapes.$desk) {
      .two.open,
      .beside {
        grid-template-columns: minmax(0, 1fr);
      }
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WorkView {
  protected readonly say = SAY;
  /** The piece looked at, from the address. */
  readonly id = input<string>();
  /** Whether a learner looks at their own. */
  readonly own = input(false);

  protected readonly groups = inject(GroupStore);
  protected readonly titles = inject(GroupTitles);
  private readonly api = inject(TableApi);
  private readonly router = inject(Router);
  protected readonly letters = inject(Store).selectSignal(readerFeature.selectLetters);
  protected readonly day = daySaid;
  protected readonly place = signal<Place>(NOWHERE);
  private readonly action = action();
  protected readonly busy = this.action.busy;
  protected readonly trouble = this.action.trouble;
  protected readonly asking = reading(
    () => {
      const group = this.groups.group()?.id;
      if (this.own()) return this.groups.whose() ? OWN : undefined;
      return group;
    },
    (whose) => (whose === OWN ? this.api.ownWork() : this.api.work(whose)),
    { whenAnother: 'drop' },
  );
  protected readonly all = computed(() => this.asking.value() ?? []);
  private readonly picked = signal<string | undefined>(undefined);
  protected readonly shown = computed(() => {
    const id = this.picked() ?? this.id();
    return this.all().find((one) => one.id === id);
  });

  protected readonly firstColour = computed(
    () => this.groups.all().find(({ id }) => id === this.shown()?.group)?.firstColour ?? 'white',
  );

  constructor() {
    // What is looked at has been read, also where it was opened by its address.
    effect(() => {
      const shown = this.shown();
      if (shown?.unread) untracked(() => void this.read(shown));
    });
  }

  protected open(work: Work): void {
    this.place.set(NOWHERE);
    this.picked.set(work.id);
    if (!this.own()) {
      void this.router.navigate([], { queryParams: { id: work.id }, replaceUrl: true });
    }
  }

  protected whatOf({ handed }: Work): string {
    if (handed.what === 'question') return SAY.aCubeWhatNow;
    const { kind, stage } = handed.entry;
    return kind === 'stage' && stage ? this.titles.of(stage) : SAY.aSolve2;
  }

  protected write(work: Work, draft: Draft): Promise<boolean> {
    return this.doing(() => this.api.writeOn(work.id, { ...draft, place: this.place() }));
  }

  protected mark(work: Work): Promise<boolean> {
    return this.doing(() => this.api.markWork(work.id, work.markedAt === null));
  }

  private read(work: Work): Promise<boolean> {
    return this.doing(() => this.api.readWork(work.id));
  }

  /** Puts what was changed in its place, where it stands. */
  private doing(change: () => Promise<Work>): Promise<boolean> {
    return this.action.run(async () => {
      const changed = await change();
      this.asking.set(this.all().map((one) => (one.id === changed.id ? changed : one)));
    });
  }
}
