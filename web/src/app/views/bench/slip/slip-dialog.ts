import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MAT_DIALOG_DATA, MatDialogRef } from '@angular/material/dialog';
import { MatIcon } from '@angular/material/icon';
import { MatProgressBar } from '@angular/material/progress-bar';
import { Store } from '@ngrx/store';
import type { Position } from '@sleetcrest/contract';
import {
  type Colour,
  copyCube,
  type Cube,
  FRONT,
  type Hold,
  methodOf,
  paintedFromCube,
  sideInHold,
  sideOfColour,
  SIDES,
  stickerInHold,
  stickersSeen,
  turnHold,
  UNSEEN,
  unseenCube,
  UP,
  writeCubeDocument,
} from '@sleetcrest/core';
import type { WayBack } from '@sleetcrest/core/insight/slips';
import { readerFeature } from '../../../subjects/settings';
import { stateAt, walkFeature, WalkPage } from '../../../subjects/walk';
import type { Answer, SlipFound } from '../../../subjects/walk/work';
import { Crown, type Stroke } from '../../../ui/crown/crown';
import { TurnTile } from '../../../ui/tiles/turn-tile';
import { Palette } from '../entry/palette';
import { meantSoFar } from './meant-so-far';
import { SlipTiles } from './slip-tiles';
import { Slips } from '../../../subjects/walk/work';
import { reading } from '../../../base/reading/reading';
import { undoable } from '../../../base/undo/undoable';
import { Trouble } from '../../../ui/trouble';
import { listensTo } from '../../../base/keys/keyboard';
import { SLIP_KEYS } from './slip.keys';
import { SlipWays, WAYS } from './slip-ways';
import { anew } from '../../../base/state/anew';
import { SAY } from './words';
import { Sentence, SentenceSlot } from '../../../ui/sentence/sentence';

const NOT_STARTED = SAY.theSearchCouldNotBe;

/** What is known when the question is asked: the whole cube, where one reports its turns. */
export interface SlipQuestion {
  cube: Cube | null;
  /** How far on the walk the hands meant to be. */
  position: Position;
}

/** Asks what is seen, says what slipped, and shows the ways back, the cheapest first. */
@Component({
  selector: 'sc-slip-dialog',
  imports: [
    Sentence,
    SentenceSlot,
    Crown,
    MatButton,
    MatIcon,
    MatProgressBar,
    Palette,
    SlipTiles,
    SlipWays,
    Trouble,
    TurnTile,
  ],
  templateUrl: './slip-dialog.html',
  styleUrl: './slip-dialog.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SlipDialog {
  protected readonly say = SAY;
  private readonly store = inject(Store);
  private readonly slips = inject(Slips);
  private readonly dialog = inject(MatDialogRef<SlipDialog>);
  private readonly question = inject<SlipQuestion>(MAT_DIALOG_DATA);
  private readonly known = this.question.cube;
  private readonly record = this.store.selectSignal(walkFeature.selectRecord);
  private readonly scene = this.store.selectSignal(walkFeature.selectScene)()!;

  protected readonly reader = this.store.selectSignal(readerFeature.selectReaderState);
  protected readonly scheme = this.scene.timeline.scheme;
  private readonly there = stateAt(this.scene.timeline, this.question.position);
  protected readonly meant = meantSoFar(this.scene.timeline, this.question.position);
  protected readonly told = this.known !== null;
  protected readonly titles = WAYS;
  protected readonly hold = signal<Hold>(this.there.hold);
  protected readonly brush = signal<number>(SIDES[0]!);
  protected readonly painting = undoable(
    () => this.known,
    (known): readonly number[] => Array.from(known ? paintedFromCube(known) : unseenCube()),
  );
  protected readonly seen = this.painting.now;
  protected readonly picture = computed(() => stickersSeen(this.seen(), this.scheme, this.hold()));
  protected readonly left = computed(() =>
    SIDES.map((side) => 9 - this.seen().filter((colour) => colour === side).length),
  );
  protected readonly count = computed(
    () => this.seen().filter((colour) => colour !== UNSEEN).length - 6,
  );
  protected readonly up = computed(() => this.scheme[sideInHold(this.hold(), UP)]!);
  protected readonly front = computed(() => this.scheme[sideInHold(this.hold(), FRONT)]!);
  private readonly asking = reading(
    () => (this.count() > 0 ? this.seen() : undefined),
    (seen) => this.explain(seen),
  );
  protected readonly busy = this.asking.isBusy;
  protected readonly failure = computed(() => this.asking.trouble() && NOT_STARTED);
  protected readonly answer = computed(() => (this.count() > 0 ? this.asking.value() : undefined));
  /** Which explanation is looked at, and the way back that is being taken. */
  protected readonly chosen = anew(this.answer, () => 0);
  protected readonly taken = anew(this.answer, (): WayBack | null => null);
  protected readonly explained = computed((): readonly SlipFound[] => {
    const answer = this.answer();
    return answer?.kind === 'explained' ? answer.told : [];
  });
  protected readonly shown = computed(() => this.explained()[this.chosen()] ?? null);
  /** The answer where no slip explains the cube. */
  protected readonly puzzle = computed(() => {
    const answer = this.answer();
    return answer?.kind === 'unexplained' ? answer : null;
  });
  protected readonly ways = computed(() => this.shown()?.ways ?? this.puzzle()?.ways ?? []);

  constructor() {
    listensTo(SLIP_KEYS, { undo: () => this.painting.undo() }, { isMeant: () => !this.told });
    void this.slips.prepare().catch(() => undefined);
  }

  private async explain(seen: readonly number[]): Promise<Answer | undefined> {
    const record = this.record();
    const method = record && methodOf(record.method);
    if (!this.meant || !method) return undefined;
    const { before, steps } = this.meant;
    return this.slips.explain({
      before: copyCube(before),
      steps,
      seen,
      method,
      first: sideOfColour(this.scheme, record.firstColour),
      scheme: this.scheme,
    });
  }

  protected paint({ sticker, colour, continues }: Stroke): void {
    const side =
      colour === undefined ? this.brush() : colour === null ? UNSEEN : this.scheme.indexOf(colour);
    const own = stickerInHold(this.hold(), sticker);
    const painted = this.seen().map((was, k) => (k === own ? side : was));
    if (continues) this.painting.amend(painted);
    else this.painting.set(painted);
  }

  /** Puts the cube as it was meant to be on the picture, to change only what is otherwise. */
  protected startFromMeant(): void {
    this.painting.set(Array.from(paintedFromCube(this.there.cube)));
  }

  protected turnPicture(axis: number, quarters: number): void {
    this.hold.update((hold) => turnHold(hold, axis, quarters));
  }

  protected stepTitle(told: SlipFound): string {
    const { stepsBack } = told;
    if (stepsBack === 0) return SAY.inThisStep;
    return stepsBack === 1 ? SAY.oneStepBack : SAY.stepsBack({ stepsBack });
  }

  protected heldUp(hold: Hold): Colour {
    return this.scheme[sideInHold(hold, UP)]!;
  }

  protected heldFront(hold: Hold): Colour {
    return this.scheme[sideInHold(hold, FRONT)]!;
  }

  protected take(way: WayBack): void {
    const cube = this.shown()?.explanation.cube ?? this.puzzle()?.cube;
    if (way.kind !== 'go-on' || !cube) {
      this.taken.set(way);
      return;
    }
    const start = writeCubeDocument(cube, this.scheme);
    this.store.dispatch(
      WalkPage.planChanged({ change: { start, position: { step: 0, turn: 0 } } }),
    );
    this.dialog.close('gone-on');
  }

  protected close(): void {
    this.dialog.close();
  }

  /** The way back was turned: the cube is again as the walk has it. */
  protected isBack(): void {
    const { position } = this.question;
    this.store.dispatch(WalkPage.positionReached({ position }));
    this.dialog.close('back');
  }
}
