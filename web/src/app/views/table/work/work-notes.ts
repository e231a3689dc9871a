import { ChangeDetectionStrategy, Component, computed, input, output, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import type { Place, Work, WorkNote, WriteNote } from '@sleetcrest/contract/table';
import type { Stage } from '@sleetcrest/core';
import { v4 as uuid } from 'uuid';
import { daySaid } from '../../../base/words/days';
import { SAY } from './words';

/** Words that are being written. The same words keep their id, so that sent again they are one note. */
export type Draft = Pick<WriteNote, 'id' | 'words'>;
const NOTHING: Draft = { id: '', words: '' };

/** The words on a piece of work, each where it was written, and a place to write more. */
@Component({
  selector: 'sc-work-notes',
  imports: [FormsModule, MatButton],
  template: `
    <ol [attr.aria-label]="say.wordsOnIt">
      @if (work().words) {
        <li class="own">
          <b>{{ work().learner.name }}</b><span class="quiet">{{ say.asItWasHandedIn }}</span>
          <p>{{ work().words }}</p>
        </li>
      }
      @for (note of work().notes; track note.id) {
        <li [class.own]="note.byLearner">
          <b>{{ note.by }}</b>
          @if (placeOf(note); as place) {
            <button class="place" (click)="looked.emit(note.place)">{{ place }}</button>
          }
          <span class="quiet">{{ day(note.writtenAt) }}</span>
          <p>{{ note.words }}</p>
        </li>
      }
    </ol>
    <form (ngSubmit)="send()">
      <label for="write-on-it">
        {{ say.write({ hereWords: hereWords() }) }}
        @if (place().turn !== null || place().stage !== null) {
          <button type="button" class="place" (click)="looked.emit(NOWHERE)">
            {{ say.onAllOfItInstead }}
          </button>
        }
      </label>
      <textarea
        class="words"
        id="write-on-it"
        name="words"
        rows="3"
        maxlength="2000"
        [ngModel]="words()"
        (ngModelChange)="type($event)"
      ></textarea>
      <button matButton="filled" type="submit" [disabled]="busy() || words().trim() === ''">
        {{ say.sendIt }}
      </button>
    </form>
  `,
  styles: `
    @use 'blocks';

    :host {
      display: grid;
      gap: 12px;
      align-content: start;
    }
    ol {
      @include blocks.plain-list;
      display: grid;
      gap: 8px;
    }
    li {
      @include blocks.set-off;
      display: flex;
      flex-wrap: wrap;
      gap: 0 8px;
    }
    .own {
      border-left-color: var(--line-strong);
    }
    p {
      flex: 1 0 100%;
      margin: 4px 0 0;
      white-space: pre-wrap;
      overflow-wrap: anywhere;
    }
    .place {
      padding: 0 6px;
      border: 1px solid var(--line-strong);
      border-radius: 6px;
      background: none;
      color: var(--text);
      font: inherit;
      cursor: pointer;
    }
    form {
      display: grid;
      gap: 8px;
      justify-items: start;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WorkNotes {
  protected readonly say = SAY;
  readonly work = input.required<Work>();
  /** Where the next word is written. */
  readonly place = input.required<Place>();
  readonly busy = input(false);
  readonly stageTitle = input.required<(stage: Stage) => string>();
  readonly wrote = output<Draft>();
  /** A place is looked at. */
  readonly looked = output<Place>();
  /** What is being written, by the work it is on: whoever looks at another meanwhile finds it again. */
  private readonly drafts = signal<Readonly<Record<string, Draft>>>({});
  private readonly draft = computed((): Draft => {
    const { id, notes } = this.work();
    const draft = this.drafts()[id];
    // Gone once it stands among the words, and not before: it may have to be sent again.
    return draft && !notes.some((note) => note.id === draft.id) ? draft : NOTHING;
  });
  protected readonly day = daySaid;
  protected readonly words = computed(() => this.draft().words);
  protected readonly NOWHERE: Place = { turn: null, stage: null };

  protected readonly hereWords = computed(() => this.wordsOf(this.place()) ?? SAY.ofTheWhole);
  protected placeOf = ({ place }: WorkNote): string | null => this.wordsOf(place);

  private wordsOf({ turn, stage }: Place): string | null {
    if (turn !== null) return SAY.atTurn({ turn });
    return stage === null ? null : SAY.at({ stage: this.stageTitle()(stage) });
  }

  protected type(words: string): void {
    this.drafts.update((all) => ({ ...all, [this.work().id]: { id: uuid(), words } }));
  }

  protected send(): void {
    if (this.words().trim() !== '') this.wrote.emit(this.draft());
  }
}
