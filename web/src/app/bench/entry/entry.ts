import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButton, MatIconButton } from '@angular/material/button';
import { MatButtonToggle, MatButtonToggleGroup } from '@angular/material/button-toggle';
import { MatIcon } from '@angular/material/icon';
import { Router, RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import {
  FRONT,
  paintedFromCube,
  randomCube,
  randomFrom,
  sideInHold,
  sideOfColour,
  solvedCube,
  stageWords,
  stickerInHold,
  turnHold,
  UNSEEN,
  unseenCube,
  UP,
  writePainted,
  type Colour,
  type PaintedCube,
} from '@sleetcrest/core';
import { v4 as uuid } from 'uuid';
import { historyKey } from '../../keyboard/keys';
import { FIRST_COLOURS } from '../../reader/options';
import { readerFeature, SettingsPage } from '../../reader/reader.feature';
import { MethodChoice, type MethodChosen } from '../../method/method-choice';
import { copied } from '../../reader/reader';
import { Choice } from '../../shared/choice/choice';
import { Crown, type Stroke } from '../../shared/crown/crown';
import { WalkPage } from '../walk/walk.actions';
import { walkFeature } from '../walk/walk.feature';
import { EntryPage } from './entry.actions';
import { entryFeature } from './entry.feature';
import { FileEntry } from './file-entry';
import { Palette } from './palette';
import { TurnsEntry } from './turns-entry';

/** Where a cube is entered: painted, turned or opened. */
@Component({
  selector: 'sc-entry',
  imports: [
    Choice,
    Crown,
    FileEntry,
    MatButton,
    MatButtonToggle,
    MatButtonToggleGroup,
    MatIcon,
    MatIconButton,
    MethodChoice,
    Palette,
    RouterLink,
    TurnsEntry,
  ],
  templateUrl: './entry.html',
  styleUrl: './entry.scss',
  host: { '(document:keydown)': 'key($event)' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Entry {
  private readonly store = inject(Store);
  protected readonly firstColours = FIRST_COLOURS;
  private readonly router = inject(Router);

  protected readonly way = signal<'paint' | 'turns' | 'file'>('paint');
  protected readonly painted = this.store.selectSignal(entryFeature.selectPainted);
  protected readonly scheme = this.store.selectSignal(entryFeature.selectScheme);
  protected readonly hold = this.store.selectSignal(entryFeature.selectHold);
  protected readonly brush = this.store.selectSignal(entryFeature.selectBrush);
  protected readonly left = this.store.selectSignal(entryFeature.selectLeft);
  protected readonly picture = this.store.selectSignal(entryFeature.selectPicture);
  protected readonly inspection = this.store.selectSignal(entryFeature.selectInspection);
  protected readonly canUndo = this.store.selectSignal(entryFeature.selectCanUndo);
  protected readonly canRedo = this.store.selectSignal(entryFeature.selectCanRedo);
  protected readonly reader = this.store.selectSignal(readerFeature.selectReaderState);

  /** The walk in hand, to which one may go back. */
  protected readonly walk = this.store.selectSignal(walkFeature.selectRecord);

  protected readonly up = computed(() => this.scheme()[sideInHold(this.hold(), UP)]!);
  protected readonly front = computed(() => this.scheme()[sideInHold(this.hold(), FRONT)]!);
  protected readonly marked = computed(() => {
    const wrong = new Set(this.inspection().problems.flatMap(({ stickers }) => stickers));
    const shown = Array.from({ length: 54 }, (_, sticker) => sticker);
    return new Set(shown.filter((sticker) => wrong.has(stickerInHold(this.hold(), sticker))));
  });
  /** What is wrong, but for stickers that are simply not painted yet. */
  protected readonly troubles = computed(() =>
    this.inspection().problems.filter(({ kind }) => kind !== 'unseen'),
  );
  protected readonly unpainted = computed(
    () => this.painted().filter((colour) => colour === UNSEEN).length,
  );
  protected readonly reached = computed(() => {
    const first = sideOfColour(this.scheme(), this.reader().firstColour);
    const last = this.inspection().reached.at(-1);
    if (last === undefined) return 'No stage is done yet.';
    if (last === 'edge-cycle') return 'It is solved already.';
    return `Done so far: ${stageWords(last, first, this.scheme()).title}.`;
  });

  protected paint({ sticker, colour, continues }: Stroke): void {
    const side =
      colour === undefined
        ? this.brush()
        : colour === null
          ? UNSEEN
          : this.scheme().indexOf(colour);
    const own = stickerInHold(this.hold(), sticker);
    this.store.dispatch(EntryPage.stickerPainted({ sticker: own, colour: side, continues }));
  }

  protected choose(brush: number): void {
    this.store.dispatch(EntryPage.brushChosen({ brush }));
  }

  /** Turns the picture as if the cube were turned: axis 0 is `x`, 1 is `y`. */
  protected turnPicture(axis: number, quarters: number): void {
    this.store.dispatch(EntryPage.pictureTurned({ hold: turnHold(this.hold(), axis, quarters) }));
  }

  protected undo(): void {
    this.store.dispatch(EntryPage.paintingUndone());
  }

  protected redo(): void {
    this.store.dispatch(EntryPage.paintingRedone());
  }

  protected replace(painted: ArrayLike<number>): void {
    this.store.dispatch(EntryPage.cubeReplaced({ painted: Array.from(painted) }));
  }

  protected open({ painted, scheme }: PaintedCube): void {
    this.store.dispatch(EntryPage.cubeReplaced({ painted: Array.from(painted), scheme }));
  }

  protected startSolved(): void {
    this.replace(paintedFromCube(solvedCube()));
  }

  protected startEmpty(): void {
    this.replace(unseenCube());
  }

  protected mix(): void {
    const [seed] = crypto.getRandomValues(new Uint32Array(1));
    this.replace(paintedFromCube(randomCube(randomFrom(seed!))));
  }

  protected chooseMethod(method: MethodChosen): void {
    this.store.dispatch(SettingsPage.settingChanged({ change: { method: copied(method) } }));
  }

  protected chooseFirst(firstColour: Colour): void {
    this.store.dispatch(SettingsPage.settingChanged({ change: { firstColour } }));
  }

  protected begin(): void {
    if (!this.inspection().legal) return;
    const id = uuid();
    const record = {
      id,
      name: `Cube of ${WHEN.format(new Date())}`,
      start: writePainted(this.painted(), this.scheme()),
      method: this.reader().method,
      firstColour: this.reader().firstColour,
      position: { step: 0, turn: 0 },
    };
    this.store.dispatch(WalkPage.walkBegun({ record }));
    void this.router.navigate(['/bench', id]);
  }

  protected key(event: KeyboardEvent): void {
    const asked = historyKey(event);
    if (!asked) return;
    event.preventDefault();
    if (asked === 'redo') this.redo();
    else this.undo();
  }
}

const WHEN = new Intl.DateTimeFormat('en-GB', {
  day: 'numeric',
  month: 'short',
  hour: '2-digit',
  minute: '2-digit',
});
