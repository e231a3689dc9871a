import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  input,
  output,
  signal,
} from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatFormField, MatHint, MatInput, MatLabel } from '@angular/material/input';
import { Store } from '@ngrx/store';
import {
  BACK,
  type Colour,
  colourLetter,
  countTurns,
  FRONT,
  LEFT,
  readMoves,
  RIGHT,
  type Side,
  sideInHold,
  STANDARD_SCHEME,
  UP,
} from '@sleetcrest/core';
import { patternsOf } from '@sleetcrest/core/engine/run';
import { patternPicture, pictureHold } from '@sleetcrest/core/shown/cases';
import { handsFor } from '@sleetcrest/core/shown/hands';
import {
  type Case,
  type LiningUp,
  type PatternApproach,
  retold,
  type Role,
  type Seen,
  textOf,
} from '@sleetcrest/core/teaching/approaches';
import { readerFeature } from '../../subjects/settings';
import { Tiles } from '../../subjects/settings/parts/tiles';
import { Crown, type Stroke } from '../../ui/crown/crown';
import { ToldField } from '../../ui/fields/told-field';
import { heldFurther, painted, withPatterns } from '@sleetcrest/core/engine/draft';
import { Trouble } from '../../ui/trouble';
import { Choice } from '../../ui/fields/choice';
import { SAY } from './words';

/** A change to a case: applied to the case as it then is, since several may come within a frame. */
export interface CaseChange {
  id: string;
  update: (one: Case) => Case;
}

interface Brush {
  name: string;
  seen: Seen | null;
  colour: Colour | null;
}

/** What a sentence may name, as it is written in one. */
const ROLES = '{piece} {at} {first} {opposite} {front} {right}';

/** One case of one's own approach: what must be seen, and what is turned. */
@Component({
  selector: 'sc-case-form',
  imports: [
    Choice,
    Crown,
    MatButton,
    MatFormField,
    MatHint,
    MatInput,
    MatLabel,
    Tiles,
    ToldField,
    Trouble,
  ],
  templateUrl: './case-form.html',
  styleUrl: './case-form.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CaseForm {
  protected readonly say = SAY;
  readonly approach = input.required<PatternApproach>();
  readonly value = input.required<Case>();
  protected readonly text = textOf;
  protected readonly anew = retold;
  protected readonly roles = SAY.nameWhatIsMeant({ roles: ROLES });
  readonly changed = output<CaseChange>();

  protected readonly reader = inject(Store).selectSignal(readerFeature.selectReaderState);
  protected readonly way = signal(0);
  protected readonly brush = signal(0);

  private readonly hold = computed(() => pictureHold(this.approach(), UP));
  protected readonly patterns = computed(() => patternsOf(this.value()));
  protected readonly shownWay = computed(() => Math.min(this.way(), this.patterns().length - 1));
  private readonly cells = computed(() =>
    patternPicture(this.patterns()[this.shownWay()]!, this.hold(), UP, STANDARD_SCHEME),
  );
  protected readonly stickers = computed(() =>
    this.cells().map((cell) => (cell && 'is' in cell ? cell.is : null)),
  );
  /** What is asked of stickers that are not one colour. */
  protected readonly notes = computed(
    () =>
      new Map(
        this.cells().flatMap((cell, sticker): [number, string][] => {
          if (!cell || 'is' in cell) return [];
          if ('not' in cell) return [[sticker, SAY.not({ not: colourLetter(cell.not) })]];
          const letters = cell.oneOf.map(colourLetter).join('');
          return [[sticker, letters]];
        }),
      ),
  );

  /** The colours by their roles in the hold, then what is less than a colour. */
  protected readonly brushes = computed((): Brush[] => {
    const role = (name: Role, colour: Colour): Brush => ({ name: colour, seen: name, colour });
    const at = (face: Side): Colour => STANDARD_SCHEME[sideInHold(this.hold(), face)]!;
    return [
      role('first', 'white'),
      role('opposite', 'yellow'),
      role('front', at(FRONT)),
      role('right', at(RIGHT)),
      role('back', at(BACK)),
      role('left', at(LEFT)),
      { name: SAY.notYellow, seen: '!opposite', colour: null },
      { name: SAY.notWhite, seen: '!first', colour: null },
      { name: SAY.anySideColour, seen: 'side', colour: null },
      { name: SAY.rubOut, seen: null, colour: null },
    ];
  });
  protected readonly sequenceTrouble = computed(() => {
    const read = readMoves(this.value().sequence);
    return read.ok ? null : read.error.message;
  });

  /** How long the sequence is, and what it asks of the hands. */
  protected readonly cost = computed(() => {
    const read = readMoves(this.value().sequence);
    if (!read.ok || read.value.length === 0) return '';
    const { cost, regrips } = handsFor(read.value, this.reader().hand);
    return SAY.cost({ turns: countTurns(read.value), cost: cost.toFixed(1), regrips });
  });

  private change(update: (one: Case) => Case): void {
    this.changed.emit({ id: this.value().id, update });
  }

  protected set(change: Partial<Case>): void {
    this.change((one) => ({ ...one, ...change }));
  }

  /** Which piece to find; the usual words where nothing is written. */
  protected find(text: string): void {
    this.change(({ find = '', ...one }) =>
      text.trim() === '' ? one : { ...one, find: retold(find, text) },
    );
  }

  protected line(words: Partial<LiningUp>): void {
    this.change((one) => (one.lineUp ? { ...one, lineUp: { ...one.lineUp, ...words } } : one));
  }

  protected setTimes(text: string): void {
    const times = Math.min(12, Math.max(1, Math.round(Number(text)) || 1));
    this.set({ times });
  }

  protected setRank(text: string): void {
    const rank = Math.min(9, Math.max(0, Math.round(Number(text)) || 0));
    this.set({ rank });
  }

  protected readonly layers = [
    { value: '', name: 'nothing' },
    { value: 'U', name: SAY.theTop },
    { value: 'D', name: SAY.theBottom },
  ] as const;

  protected setLineUp(layer: 'U' | 'D' | ''): void {
    this.change(({ lineUp, ...rest }) => {
      if (layer === '') return rest;
      const name = layer === 'U' ? 'top' : 'bottom';
      const words = {
        turning: SAY.turnTheUntilItLooks({ name }),
        already: SAY.itLooksLikeThisAlready,
      };
      return { ...rest, lineUp: { ...words, ...lineUp, layer } };
    });
  }

  protected paint({ sticker, colour }: Stroke): void {
    const brush =
      colour === undefined
        ? this.brushes()[this.brush()]!
        : colour === null
          ? { seen: null }
          : this.brushes().find((one) => one.colour === colour)!;
    const way = this.shownWay();
    this.change((one) => painted(one, way, sticker, brush.seen));
  }

  protected holdFurther(): void {
    this.change(heldFurther);
  }

  protected addWay(): void {
    const way = this.shownWay();
    this.change((one) => {
      const patterns = patternsOf(one);
      return withPatterns(one, [...patterns, patterns[way]!]);
    });
    this.way.set(this.patterns().length);
  }

  protected removeWay(): void {
    const way = this.shownWay();
    this.change((one) =>
      withPatterns(
        one,
        patternsOf(one).filter((_, k) => k !== way),
      ),
    );
  }
}
