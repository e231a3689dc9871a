import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import type { ChangeEntry } from '@sleetcrest/contract/log';
import { type ColourScheme, readMoves, type Side, stageWords } from '@sleetcrest/core';
import type { LogEntry, Outcome } from '@sleetcrest/core/learner/log';
import { signal } from '@angular/core';
import { TOLD_WORDS, type ToldWords } from '../../subjects/log';
import { ToldField } from '../../ui/fields/told-field';
import { clockText } from '../../base/words/clock-text';
import type { Keeping } from './timed-record';
import { Trouble } from '../../ui/trouble';
import type { Option } from '../../ui/fields/choice';
import { Segments } from '../../ui/fields/segments';
import { SAY } from './words';

/** What can have come between; any other words will do as well. */
const REASONS = [SAY.aPiecePoppedOut, SAY.somebodyInterrupted, SAY.theScrambleWasWrong];

const KEPT_SAID: Record<Keeping, string> = {
  kept: SAY.inTheLog,
  waiting: SAY.keptHereUntilTheServer,
  failed: SAY.notInTheLogYet,
};

/** What is told of a solve once it is stopped. Everything is kept as it is told. */
@Component({
  selector: 'sc-after',
  imports: [MatButton, Segments, RouterLink, ToldField, Trouble],
  template: `
    <h2>
      <span class="mono">{{ clock() }}</span>
      <span class="quieter" role="status">{{ keptSaid() }}</span>
    </h2>
    @if (entry().kind === 'solve' && splits().length > 0) {
      <table>
        @for (split of splits(); track split.title) {
          <tr>
            <th scope="row">{{ split.title }}</th>
            <td class="mono">{{ split.time }}</td>
            <td class="quieter">{{ split.turns }}</td>
          </tr>
        }
      </table>
    }
    <sc-segments
      [label]="say.howItEnded"
      [options]="endings"
      [value]="aside() ? 'aside' : entry().outcome"
      (chosen)="end($event)"
    />
    @if (aside() || entry().outcome === 'aside') {
      <sc-told-field
        [label]="say.whyItIsNotCounted"
        list="reasons"
        [most]="200"
        [value]="entry().reason"
        (told)="setAside($event)"
      />
      <datalist id="reasons">
        @for (one of reasons; track one) {
          <option [value]="one"></option>
        }
      </datalist>
    }
    @for (words of told; track words.field) {
      <sc-told-field
        [label]="words.name"
        [rows]="words.rows"
        [most]="words.most"
        [value]="entry()[words.field]"
        (told)="tell(words, $event)"
      />
    }
    <sc-told-field
      [label]="say.turnsDoneIfYouKnow"
      [rows]="2"
      [mono]="true"
      [value]="entry().turns"
      (told)="setTurns($event)"
    />
    <sc-trouble [of]="wrong()" />
    <div class="row">
      @if (entry().turns !== '') {
        <a matButton="filled" [routerLink]="['/review', entry().id]">{{ say.reviewIt }}</a>
      }
      <button matButton="outlined" (click)="next.emit()">
        {{ say.next }}<span class="keys-only">&ngsp;{{ say.enter }}</span>
      </button>
      <button matButton (click)="discarded.emit()">{{ say.delete }}</button>
    </div>
  `,
  styles: `
    :host {
      display: grid;
      gap: 10px;
      padding: 14px 16px;
      border-radius: var(--radius);
      background: var(--surface);
    }
    h2 {
      display: flex;
      gap: 10px;
      align-items: baseline;
      font-size: var(--type-heading);
    }
    table {
      border-collapse: collapse;
      font-size: var(--type-note);
    }
    th {
      font-weight: 400;
      text-align: left;
    }
    td {
      padding-left: 12px;
      text-align: right;
    }
    sc-segments {
      justify-self: start;
    }
    .row {
      display: flex;
      flex-wrap: wrap;
      gap: 6px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class After {
  protected readonly say = SAY;
  readonly entry = input.required<LogEntry>();
  readonly state = input<Keeping | null>(null);
  readonly first = input.required<Side>();
  readonly scheme = input.required<ColourScheme>();
  readonly changed = output<ChangeEntry>();
  readonly discarded = output();
  readonly next = output();

  protected readonly reasons = REASONS;
  protected readonly told = TOLD_WORDS;
  /** Don’t count, but no reason is given yet: it is not told before there is one. */
  protected readonly aside = signal(false);
  protected readonly wrong = signal<string | null>(null);

  protected readonly clock = computed(() => {
    const { time } = this.entry();
    return time === null ? '–' : clockText(time);
  });
  protected readonly splits = computed(() =>
    this.entry().splits.map(({ stage, time, turns }) => ({
      title: stageWords(stage, this.first(), this.scheme()).title,
      time: clockText(time),
      turns: turns === null ? '' : SAY.turns({ turns }),
    })),
  );
  /** Nothing before it is known: that it is kept is said only once it is. */
  protected readonly keptSaid = computed(() => {
    const state = this.state();
    return state && KEPT_SAID[state];
  });

  protected tell({ field }: ToldWords, words: string): void {
    this.changed.emit({ [field]: words });
  }

  protected readonly endings: readonly Option<Outcome>[] = [
    { value: 'finished', name: SAY.finished },
    { value: 'unfinished', name: SAY.notFinished },
    { value: 'aside', name: SAY.dontCount },
  ];

  protected end(outcome: Outcome): void {
    this.aside.set(outcome === 'aside');
    if (outcome !== 'aside') this.changed.emit({ outcome, reason: '' });
  }

  protected setAside(reason: string): void {
    if (reason.trim() === '') return;
    this.aside.set(false);
    this.changed.emit({ outcome: 'aside', reason });
  }

  protected setTurns(turns: string): void {
    const read = readMoves(turns);
    this.wrong.set(read.ok ? null : `${read.error.message}.`);
    if (read.ok) this.changed.emit({ turns });
  }
}
