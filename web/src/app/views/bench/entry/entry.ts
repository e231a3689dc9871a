import {
  afterNextRender,
  ChangeDetectionStrategy,
  Component,
  computed,
  ElementRef,
  inject,
  Injector,
  signal,
  viewChild,
} from '@angular/core';
import { MatButton, MatIconButton } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import { Router, RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import {
  type Colour,
  FRONT,
  methodById,
  paintedFromCube,
  randomCube,
  randomFrom,
  sideInHold,
  solvedCube,
  stageWords,
  stickerInHold,
  stickerSeenInHold,
  turnHold,
  UNSEEN,
  unseenCube,
  UP,
  writePainted,
} from '@sleetcrest/core';
import { v4 as uuid } from 'uuid';
import { anySeed } from '../../../base/work/chance';
import { listensTo } from '../../../base/keys/keyboard';
import { ENTRY_KEYS } from './entry.keys';
import { Segments } from '../../../ui/fields/segments';
import { FIRST_COLOURS } from '../../../ui/fields/options';
import { selectFirstSide } from '../../../subjects/method';
import { MethodChoice, type MethodChosen } from '../../../subjects/method/parts/method-choice';
import { copied, readerFeature, SettingsPage } from '../../../subjects/settings';
import { walkFeature, WalkPage } from '../../../subjects/walk';
import { entryFeature, EntryPage } from '../../../subjects/cube';
import { Choice } from '../../../ui/fields/choice';
import { Crown, type Stroke } from '../../../ui/crown/crown';
import { PhotoEntry } from '../photos/photo-entry';
import { DoneUpTo } from './done-up-to';
import { FileEntry } from './file-entry';
import type { Opened } from './read-document';
import { FarApart } from './far-apart';
import { FirstOffer } from './first-offer';
import { GuidedEntry } from './guided-entry';
import { Palette } from './palette';
import { SuspectPanel } from './suspect-panel';
import { TurnsEntry } from './turns-entry';
import { momentOfLate } from '../../../base/words/days';
import { Unfitting } from './unfitting';
import { StillToPaint } from './still-to-paint';
import { SAY } from './words';
import { Sentence, SentenceSlot } from '../../../ui/sentence/sentence';

/** The ways to say how a cube looks. */
const WAYS = [
  { value: 'paint', name: SAY.paintIt },
  { value: 'ask', name: SAY.askMe },
  { value: 'photos', name: SAY.photographs },
  { value: 'turns', name: SAY.typeTurns },
  { value: 'file', name: SAY.openAFile },
] as const;

/** Where a cube is entered: painted, turned or opened. */
@Component({
  selector: 'sc-entry',
  imports: [
    Sentence,
    SentenceSlot,
    Choice,
    Crown,
    DoneUpTo,
    FarApart,
    FileEntry,
    FirstOffer,
    GuidedEntry,
    MatButton,
    MatIcon,
    MatIconButton,
    MethodChoice,
    Palette,
    PhotoEntry,
    RouterLink,
    Segments,
    StillToPaint,
    SuspectPanel,
    TurnsEntry,
    Unfitting,
  ],
  templateUrl: './entry.html',
  styleUrl: './entry.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Entry {
  protected readonly say = SAY;
  private readonly store = inject(Store);
  private readonly injector = inject(Injector);
  private readonly walkButton = viewChild.required<string, ElementRef<HTMLButtonElement>>(
    'walkButton',
    {
      read: ElementRef,
    },
  );
  protected readonly firstColours = FIRST_COLOURS;
  private readonly router = inject(Router);

  constructor() {
    listensTo(ENTRY_KEYS, { undo: () => this.undo(), redo: () => this.redo() });
  }

  protected readonly way = signal<(typeof WAYS)[number]['value']>('paint');
  protected readonly ways = WAYS;
  protected readonly painted = this.store.selectSignal(entryFeature.selectPainted);
  protected readonly scheme = this.store.selectSignal(entryFeature.selectScheme);
  protected readonly hold = this.store.selectSignal(entryFeature.selectHold);
  protected readonly brush = this.store.selectSignal(entryFeature.selectBrush);
  protected readonly left = this.store.selectSignal(entryFeature.selectLeft);
  protected readonly picture = this.store.selectSignal(entryFeature.selectPicture);
  protected readonly inspection = this.store.selectSignal(entryFeature.selectInspection);
  protected readonly known = this.store.selectSignal(entryFeature.selectKnown);
  private readonly followed = this.store.selectSignal(entryFeature.selectFollows);
  protected readonly suspect = this.store.selectSignal(entryFeature.selectSuspect);
  private readonly question = this.store.selectSignal(entryFeature.selectQuestion);
  protected readonly canUndo = this.store.selectSignal(entryFeature.selectCanUndo);
  protected readonly canRedo = this.store.selectSignal(entryFeature.selectCanRedo);
  protected readonly reader = this.store.selectSignal(readerFeature.selectReaderState);
  private readonly first = this.store.selectSignal(selectFirstSide);

  /** The walk in hand, to which one may go back. */
  protected readonly walk = this.store.selectSignal(walkFeature.selectRecord);

  protected readonly up = computed(() => this.scheme()[sideInHold(this.hold(), UP)]!);
  protected readonly front = computed(() => this.scheme()[sideInHold(this.hold(), FRONT)]!);
  protected readonly marked = computed(() => {
    const suspect = this.suspect();
    const wrong = suspect
      ? [suspect.sticker]
      : this.inspection().problems.flatMap(({ stickers }) => stickers);
    return this.inHold(new Set(wrong));
  });
  protected readonly follows = computed(() => this.inHold(this.followed()));
  /** The sticker guided entry asks for, as the picture shows it. */
  protected readonly asked = computed(() => {
    const question = this.way() === 'ask' ? this.question() : undefined;
    return question?.hold === this.hold() ? stickerSeenInHold(this.hold(), question.sticker) : null;
  });

  /** The cube's stickers, numbered as the picture shows them. */
  private inHold(stickers: ReadonlySet<number>): ReadonlySet<number> {
    return new Set([...stickers].map((sticker) => stickerSeenInHold(this.hold(), sticker)));
  }

  /** What is wrong, but for stickers that are simply not painted yet. */
  protected readonly troubles = computed(() =>
    this.inspection().problems.filter(({ kind }) => kind !== 'unseen'),
  );
  protected readonly unpainted = computed(
    () => this.known().filter((colour) => colour === UNSEEN).length,
  );
  /** Nothing is wrong, but not all is told. */
  protected readonly stillOpen = computed(
    () => !this.inspection().legal && this.troubles().length === 0 && this.suspect() === null,
  );
  protected readonly reached = computed(() => {
    const first = this.first();
    const last = this.inspection().reached.at(-1);
    if (last === undefined) return SAY.noStageIsDoneYet;
    if (last === 'edge-cycle') return SAY.itIsSolvedAlready;
    return SAY.doneSoFar({ title: stageWords(last, first, this.scheme()).title });
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

  protected mend({ sticker, colour }: { sticker: number; colour: number }): void {
    this.store.dispatch(EntryPage.stickerPainted({ sticker, colour, continues: false }));
  }

  protected confirm(sticker: number): void {
    this.store.dispatch(EntryPage.stickerConfirmed({ sticker }));
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

  protected open({ cube: { painted, scheme }, walk }: Opened): void {
    this.store.dispatch(EntryPage.cubeReplaced({ painted: Array.from(painted), scheme }));
    if (!walk) return;
    this.chooseFirst(walk.firstColour);
    if (methodById(walk.method)) this.chooseMethod(walk.method);
  }

  protected startSolved(): void {
    this.replace(paintedFromCube(solvedCube()));
  }

  protected startEmpty(): void {
    this.replace(unseenCube());
  }

  protected mix(): void {
    this.replace(paintedFromCube(randomCube(randomFrom(anySeed()))));
  }

  protected chooseMethod(method: MethodChosen): void {
    this.store.dispatch(SettingsPage.settingChanged({ change: { method: copied(method) } }));
  }

  protected chooseFirst(firstColour: Colour): void {
    this.store.dispatch(SettingsPage.settingChanged({ change: { firstColour } }));
  }

  /** Puts Enter on the walk: it may still be on a button that would begin anew. */
  protected offerWalk(): void {
    afterNextRender(() => this.walkButton().nativeElement.focus(), { injector: this.injector });
  }

  protected begin(): void {
    if (!this.inspection().legal) return;
    const id = uuid();
    const record = {
      id,
      name: SAY.cubeOf({ momentOfLate: momentOfLate(new Date()) }),
      start: writePainted(this.known(), this.scheme()),
      method: this.reader().method,
      firstColour: this.reader().firstColour,
      position: { step: 0, turn: 0 },
    };
    this.store.dispatch(WalkPage.walkBegun({ record }));
    void this.router.navigate(['/bench', id]);
  }
}
