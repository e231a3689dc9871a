import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { readMoves, writeMoves } from '@sleetcrest/core';
import { type Approach, isSearch } from '@sleetcrest/core/teaching/approaches';
import {
  readWords,
  type Saying,
  sayingOf,
  sayingProblems,
  SAYINGS,
  sequenceKey,
  writeWords,
} from '@sleetcrest/core/teaching/sayings';
import { ToldField } from '../../ui/fields/told-field';
import { Trouble } from '../../ui/trouble';
import { SAY } from './words';

/** So many characters fit in one line of the field. */
const A_LINE = 40;

/** One sequence of the approach, with the words said over it. */
interface Row {
  sequence: string;
  name: string;
  words: string;
  own: boolean;
  problems: readonly string[];
}

/** The words a teacher says over the sequences of an approach: those that ship, or their own. */
@Component({
  selector: 'sc-sayings-form',
  imports: [MatButton, ToldField, Trouble],
  template: `
    <h3>{{ say.wordsToRememberItBy }}</h3>
    @if (rows().length === 0) {
      <p class="quieter">{{ say.noSequenceOfSeveralTurns }}</p>
    }
    @for (row of rows(); track row.sequence) {
      <div class="row">
        <span class="mono">{{ row.sequence }}</span>
        <sc-told-field
          [label]="say.name"
          [most]="60"
          [value]="row.name"
          (told)="tell(row, $event, row.words)"
        />
        <sc-told-field
          [label]="say.wordsOneForEachTurn"
          [most]="600"
          [rows]="row.words.length > A_LINE ? 2 : 1"
          [value]="row.words"
          (told)="tell(row, row.name, $event)"
        />
        @if (row.own) {
          <button matButton (click)="told.emit({ sequence: row.sequence, saying: null })">
            {{ say.backToTheFirstWords }}
          </button>
        }
        @for (problem of row.problems; track problem) {
          <sc-trouble [of]="problem" />
        }
      </div>
    }
    <p class="quieter">
      {{ say.aGroupOfTurnsHas }}
    </p>
  `,
  styleUrl: './sayings-form.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SayingsForm {
  protected readonly say = SAY;
  readonly approach = input.required<Approach>();
  /** All approaches of the method: words must be told apart over the whole of it. */
  readonly approaches = input.required<readonly Approach[]>();
  readonly sayings = input.required<readonly Saying[]>();
  /** The words for a sequence; null for those that ship. */
  readonly told = output<{ sequence: string; saying: Saying | null }>();

  protected readonly A_LINE = A_LINE;
  private readonly problems = computed(() => {
    const all = this.approaches().flatMap(sequencesOf);
    const said = [...new Set(all)].flatMap(
      (sequence) => sayingOf(sequence, [...this.sayings(), ...SAYINGS]) ?? [],
    );
    return sayingProblems(said);
  });
  protected readonly rows = computed(() =>
    [...new Set(sequencesOf(this.approach()))].map((sequence): Row => {
      const own = sayingOf(sequence, this.sayings());
      const said = own ?? sayingOf(sequence, SAYINGS);
      return {
        sequence,
        name: said?.name ?? '',
        words: said ? writeWords(said.words) : '',
        own: own !== undefined,
        problems: this.problems()
          .filter((problem) => sequenceKey(problem.sequence) === sequence)
          .map(({ says }) => says),
      };
    }),
  );

  protected tell({ sequence, name, words }: Row, newName: string, newWords: string): void {
    if (newName.trim() === name && newWords.trim() === words) return;
    const said = readWords(newWords).slice(0, 60);
    const empty = newName.trim() === '' && said.length === 0;
    const saying = empty
      ? null
      : {
          sequence,
          name: newName.trim().slice(0, 60),
          words: said.map(({ turns, says }) => ({ turns, says: says.slice(0, 60) })),
        };
    this.told.emit({ sequence, saying });
  }
}

/** The sequences of several turns, as they are written here. */
function sequencesOf(approach: Approach): string[] {
  if (isSearch(approach)) return [];
  return approach.cases.flatMap(({ sequence }) => {
    const read = readMoves(sequence);
    return read.ok && read.value.length > 1 ? [writeMoves(read.value)] : [];
  });
}
