import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import {
  MAT_DIALOG_DATA,
  MatDialogActions,
  MatDialogContent,
  MatDialogRef,
  MatDialogTitle,
} from '@angular/material/dialog';
import { changeEntrySchema, secondsIn, type ChangeEntry } from '@sleetcrest/contract/log';
import { describeErrors, fieldErrors } from '@sleetcrest/contract';
import { shortTitle } from '@sleetcrest/core';
import type { LogEntry, Outcome } from '@sleetcrest/core/learner/log';
import { apiFailure } from '../../base/api/failure';
import { Trouble } from '../../ui/trouble';
import { TOLD_WORDS, type ToldWords } from '../../subjects/log';
import { Choice, type Option } from '../../ui/fields/choice';
import { ToldField } from '../../ui/fields/told-field';
import { clockText } from '../../base/words/clock-text';
import { momentThere } from '../../base/words/days';
import type { AccountLog, LogBook } from '../../subjects/log';
import { EntryHistory } from './entry-history';
import { SAY } from './words';

export interface EntryDialogData {
  entry: LogEntry;
  methods: readonly { id: string; title: string }[];
  /** Where the change goes; null when the record is only looked at. */
  book: LogBook | null;
  /** Where it is known what the record said before; undefined where that is not kept. */
  history?: Pick<AccountLog, 'history'> | undefined;
}

/** One record: looked at whole, and changed where it is one's own. */
@Component({
  selector: 'sc-entry-dialog',
  imports: [
    Choice,
    EntryHistory,
    MatButton,
    MatDialogActions,
    MatDialogContent,
    MatDialogTitle,
    ToldField,
    Trouble,
  ],
  template: `
    <h2 mat-dialog-title>{{ when }}</h2>
    <mat-dialog-content>
      <form id="entry" (submit)="$event.preventDefault(); save()">
        <sc-told-field
          [label]="say.timeSecondsOrMinutes"
          [readonly]="!data.book"
          [value]="clock(draft().time)"
          (told)="setTime($event)"
        />
        <sc-choice
          [label]="say.ended"
          [options]="outcomes"
          [disabled]="!data.book"
          [value]="draft().outcome ?? 'finished'"
          (chosen)="end($event)"
        />
        @if (draft().outcome === 'aside') {
          <sc-told-field
            [label]="say.whyItIsNotCounted"
            [most]="200"
            [readonly]="!data.book"
            [value]="draft().reason ?? ''"
            (typed)="set({ reason: $event })"
          />
        }
        <sc-choice
          [label]="say.method"
          [options]="methods"
          [disabled]="!data.book"
          [value]="draft().method ?? ''"
          (chosen)="set({ method: $event })"
        />
        <sc-told-field
          [label]="say.tagsSeparatedBySemicolons"
          [readonly]="!data.book"
          [value]="data.entry.tags.join('; ')"
          (typed)="setTags($event)"
        />
        @for (words of told; track words.field) {
          <sc-told-field
            [class.whole]="words.rows > 1"
            [label]="words.name"
            [rows]="words.rows"
            [most]="words.most"
            [readonly]="!data.book"
            [value]="draft()[words.field] ?? ''"
            (typed)="tell(words, $event)"
          />
        }
        @if (data.entry.scramble !== '') {
          <p class="whole">
            <b>{{ say.scramble }}</b> <span class="mono">{{ data.entry.scramble }}</span>
          </p>
        }
        <sc-told-field
          class="whole"
          [label]="say.turnsDone"
          [rows]="3"
          [mono]="true"
          [readonly]="!data.book"
          [value]="draft().turns ?? ''"
          (typed)="set({ turns: $event })"
        />
        @if (data.history; as log) {
          <sc-entry-history
            class="whole"
            [of]="data.entry.id"
            [log]="log"
            (takenBack)="set($event)"
          />
        }
        <sc-trouble class="whole" [of]="trouble()" />
      </form>
    </mat-dialog-content>
    <mat-dialog-actions align="end">
      <button matButton type="button" (click)="dialog.close()">
        {{ data.book ? say.cancel : say.close }}
      </button>
      @if (data.book) {
        <button matButton="filled" type="submit" form="entry" [disabled]="busy()">
          {{ say.keepTheChanges }}
        </button>
      }
    </mat-dialog-actions>
  `,
  styles: `
    @use 'shapes';
    form {
      display: grid;
      grid-template-columns: 1fr 1fr;
      gap: 12px;
      padding-top: 6px;
    }
    .whole {
      grid-column: 1 / -1;
    }
    @include shapes.up-to(shapes.$phone) {
      form {
        grid-template-columns: 1fr;
      }
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class EntryDialog {
  protected readonly say = SAY;
  protected readonly data = inject<EntryDialogData>(MAT_DIALOG_DATA);
  protected readonly dialog = inject<MatDialogRef<EntryDialog, LogEntry>>(MatDialogRef);

  protected readonly told = TOLD_WORDS;
  protected readonly outcomes = [
    { value: 'finished', name: 'finished' },
    { value: 'unfinished', name: SAY.notFinished },
    { value: 'aside', name: SAY.notCounted },
  ] as const;
  protected readonly methods: readonly Option<string>[] = [
    { value: '', name: SAY.notKnown },
    ...this.data.methods.map((one) => ({ value: one.id, name: shortTitle(one) })),
  ];
  private readonly changed = signal<ChangeEntry>({});
  protected readonly when = momentThere(this.data.entry.beganAt);
  protected readonly draft = signal<ChangeEntry>(this.data.entry);
  protected readonly trouble = signal<string | null>(null);
  protected readonly busy = signal(false);

  protected clock(time: number | null | undefined): string {
    return time == null ? '' : clockText(time);
  }

  protected set(change: ChangeEntry): void {
    this.changed.update((before) => ({ ...before, ...change }));
    this.draft.update((before) => ({ ...before, ...change }));
  }

  protected tell({ field }: ToldWords, words: string): void {
    this.set({ [field]: words });
  }

  protected setTime(text: string): void {
    this.set({ time: text.trim() === '' ? null : secondsIn(text.trim()) });
  }

  protected setTags(text: string): void {
    const tags = text.split(';').map((tag) => tag.trim());
    this.set({ tags: [...new Set(tags.filter((tag) => tag !== ''))] });
  }

  protected end(outcome: Outcome): void {
    this.set({ outcome, reason: outcome === 'aside' ? (this.draft().reason ?? '') : '' });
  }

  protected save(): void {
    const { book, entry } = this.data;
    if (!book || this.busy()) return;
    if (Object.keys(this.changed()).length === 0) {
      this.dialog.close();
      return;
    }
    const parsed = changeEntrySchema.safeParse(this.changed());
    if (!parsed.success) {
      this.trouble.set(`${describeErrors(fieldErrors(parsed.error))}.`);
      return;
    }
    this.busy.set(true);
    book
      .change(entry.id, parsed.data)
      .then((changed) => this.dialog.close(changed))
      .catch((error: unknown) => {
        this.busy.set(false);
        this.trouble.set(apiFailure(error).message);
      });
  }
}
