import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { MatIconButton } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import { RouterLink } from '@angular/router';
import { shortTitle, skyline, type Stage } from '@sleetcrest/core';
import type { LogEntry } from '@sleetcrest/core/learner/log';
import { clockText, secondsSaid } from '../../base/words/clock-text';
import type { LogLine } from './log-windows';
import { MatCheckbox } from '@angular/material/checkbox';
import { momentThere, momentThereShort } from '../../base/words/days';
import { SAY } from './words';

/** One record as a line of the table. */
@Component({
  selector: 'sc-log-line',
  imports: [MatCheckbox, MatIcon, MatIconButton, RouterLink],
  template: `
    @if (line(); as entry) {
      @if (own()) {
        <span role="cell">
          <mat-checkbox
            [aria-label]="say.chooseTheRecordOf({ when: when() })"
            [checked]="chosen()"
            (change)="toggled.emit(entry.id)"
          />
        </span>
      }
      <span role="cell" class="when">
        <span class="whole">{{ when() }}</span>
        <span class="short">{{ whenShort() }}</span>
      </span>
      <span role="cell" class="what">{{ what() }}</span>
      <span
        role="cell"
        class="time mono"
        [class.aside]="entry.outcome !== 'finished'"
        [attr.aria-label]="said()"
        >{{ time() }}</span
      >
      <span role="cell" class="stands">
        @if (ridge(); as rises) {
          <svg
            viewBox="0 0 1000 100"
            preserveAspectRatio="none"
            role="img"
            [attr.aria-label]="went()"
          >
            <title>{{ went() }}</title>
            @for (rise of rises; track $index) {
              <path [attr.d]="rise.path" />
            }
          </svg>
        } @else {
          <span class="none"></span>
        }
        @if (beside(); as told) {
          <span class="beside" [class.slower]="told.slower" [title]="told.says">{{
            told.text
          }}</span>
        }
      </span>
      <span role="cell" class="method">{{ method() }}</span>
      <span role="cell" class="notes" [title]="entry.note">
        @if (entry.outcome === 'unfinished') {
          <span class="mark">{{ say.notFinished }}</span>
        } @else if (entry.outcome === 'aside') {
          <span class="mark">{{ say.notCounted2({ reason: entry.reason }) }}</span>
        }
        @for (tag of entry.tags; track tag) {
          <span class="tag">{{ tag }}</span>
        }
        {{ entry.note }}
      </span>
      <span role="cell" class="tools">
        @if (entry.turns !== '' && entry.scramble !== '') {
          <a
            matIconButton
            [attr.aria-label]="say.reviewTheSolveOf({ when: when() })"
            [routerLink]="['/review', entry.id]"
            [queryParams]="of() ? { of: of() } : {}"
          >
            <mat-icon svgIcon="review" />
          </a>
        }
        <button
          matIconButton
          [attr.aria-label]="
            own() ? say.changeTheRecord({ when: when() }) : say.lookAtTheRecord({ when: when() })
          "
          (click)="edited.emit(entry)"
        >
          <mat-icon svgIcon="edit" />
        </button>
        @if (own()) {
          <button
            matIconButton
            class="delete"
            [attr.aria-label]="say.deleteTheRecordOf({ when: when() })"
            (click)="removed.emit(entry.id)"
          >
            <mat-icon svgIcon="remove" />
          </button>
        }
      </span>
    } @else {
      <span role="cell" class="quiet">…</span>
    }
  `,
  styles: `
    @use 'blocks';
    @use 'shapes';
    span {
      @include blocks.one-line;
    }
    .when {
      font-variant-numeric: tabular-nums;
    }
    .short {
      display: none;
    }
    .time {
      text-align: right;
      font-size: var(--type-lead);
    }
    .aside {
      color: var(--quiet);
      text-decoration: line-through;
    }
    .stands {
      display: flex;
      gap: 8px;
      align-items: center;
    }
    .none {
      flex: none;
      width: 84px;
    }
    svg {
      flex: none;
      width: 84px;
      height: 24px;
    }
    path {
      fill: var(--quiet);
      stroke: var(--surface);
      vector-effect: non-scaling-stroke;
      stroke-width: 1;
    }
    .beside {
      color: var(--done);
      font-size: var(--type-small);
      font-variant-numeric: tabular-nums;
    }
    .slower {
      color: var(--quiet);
    }
    .method,
    .notes {
      color: var(--quiet);
      font-size: var(--type-note);
    }
    .tag,
    .mark {
      margin-right: 6px;
      padding: 1px 8px;
      border-radius: 8px;
      background: var(--ground);
      font-size: var(--type-caption);
    }
    .mark {
      background: var(--accent-soft);
      color: var(--text);
    }
    .tools {
      display: flex;
      justify-content: flex-end;
      --mat-icon-button-state-layer-size: 40px;
    }
    @include shapes.up-to(shapes.$tablet) {
      .what,
      .stands,
      .method,
      .notes,
      .whole,
      .delete {
        display: none;
      }
      .short {
        display: inline;
      }
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LogLineView {
  protected readonly say = SAY;
  readonly line = input.required<LogLine>();
  readonly own = input(true);
  readonly of = input<string>();
  readonly chosen = input(false);
  /** What is typical of the whole solves shown, in seconds; null where that is not known. */
  readonly typical = input<number | null>(null);
  readonly methods = input.required<readonly { id: string; title: string }[]>();
  readonly titleOf = input.required<(stage: Stage) => string>();
  readonly toggled = output<string>();
  readonly edited = output<LogEntry>();
  readonly removed = output<string>();

  protected readonly when = computed(() => momentThere(this.line()!.beganAt));
  protected readonly whenShort = computed(() => momentThereShort(this.line()!.beganAt));
  protected readonly what = computed(() => {
    const stage = this.line()?.stage;
    return stage == null ? SAY.solve : SAY.alone({ stage: this.titleOf()(stage) });
  });
  protected readonly time = computed(() => {
    const time = this.line()?.time;
    return time == null ? '–' : clockText(time);
  });
  protected readonly said = computed(() => {
    const line = this.line();
    if (line?.time == null) return SAY.noTime;
    const said = secondsSaid(line.time);
    return line.outcome === 'finished' ? said : SAY.doesNotCount({ said });
  });
  /** Where the time of a solve went: a small ridge, each rise as wide as its stage's time. */
  protected readonly ridge = computed(() => {
    const splits = this.line()?.splits ?? [];
    return splits.length < 2
      ? null
      : skyline(
          splits.map(({ time }) => time),
          0,
        );
  });
  protected readonly went = computed(() =>
    (this.line()?.splits ?? [])
      .map(({ stage, time }) => `${this.titleOf()(stage)} ${clockText(time)}`)
      .join(', '),
  );
  /** How a finished whole solve stands to what is typical. */
  protected readonly beside = computed(() => {
    const [line, typical] = [this.line(), this.typical()];
    if (line?.time == null || typical === null) return null;
    if (line.kind !== 'solve' || line.outcome !== 'finished') return null;
    const by = line.time - typical;
    const size = clockText(Math.abs(by));
    const slower = by > 0;
    return {
      slower,
      text: size === '0.00' ? size : `${slower ? '+' : '−'}${size}`,
      says: SAY.besideTypical({ slower: slower ? 'yes' : 'no', size, typical: clockText(typical) }),
    };
  });
  protected readonly method = computed(() => {
    const id = this.line()?.method ?? '';
    const known = this.methods().find((one) => one.id === id);
    return known ? shortTitle(known) : id;
  });
}
