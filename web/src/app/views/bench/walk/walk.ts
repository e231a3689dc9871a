import {
  afterNextRender,
  ChangeDetectionStrategy,
  Component,
  computed,
  type ElementRef,
  inject,
  input,
  signal,
  viewChild,
} from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatDialog } from '@angular/material/dialog';
import { MatIcon } from '@angular/material/icon';
import { WHOLE_WINDOW } from '../../../base/dialogs/dialogs';
import { Notices } from '../../../base/dialogs/notices';
import { Router } from '@angular/router';
import { Store } from '@ngrx/store';
import {
  type Colour,
  FRONT,
  methodOf,
  paintedFromCube,
  sideInHold,
  sideOfColour,
  stageWords,
  stickerSeenInHold,
  stickersSeen,
  UP,
  writeCubeDocument,
  writeMove,
  writeMoves,
} from '@sleetcrest/core';
import isEqual from 'fast-deep-equal';
import { listensTo } from '../../../base/keys/keyboard';
import { isFreeOfButtons } from '../../../base/keys/keys';
import { whereOn } from './where-on';
import { WALK_KEYS } from './walk.keys';
import type { MethodChosen } from '../../../subjects/method/parts/method-choice';
import { copied, type Reader, readerFeature, SettingsPage } from '../../../subjects/settings';
import { Hands } from '../../../subjects/settings/parts/hands';
import { SayingView } from '../../../subjects/settings/parts/saying';
import { HandIn, tellsWhere } from '../../../subjects/group';
import { walkFeature, WalkPage, type WalkScene } from '../../../subjects/walk';
import { Crown } from '../../../ui/crown/crown';
import { CubeView } from '../../../ui/cube/cube-view';
import { FirstLooks } from './first-looks';
import { FollowedCube } from './followed-cube';
import { FollowingPanel } from './following-panel';
import { FarWalk } from '../far/far-walk';
import { Controls } from './controls';
import { StepLines } from './step-lines';
import { TileRow } from '../../../ui/tiles/tile-row';
import { WalkHead } from './walk-head';
import { SAY } from './words';
import { Sentence, SentenceSlot } from '../../../ui/sentence/sentence';

/** Walks a cube to solved, a turn at a time. */
@Component({
  selector: 'sc-walk',
  imports: [
    Sentence,
    SentenceSlot,
    Controls,
    Crown,
    CubeView,
    FarWalk,
    FirstLooks,
    FollowingPanel,
    Hands,
    MatButton,
    MatIcon,
    SayingView,
    StepLines,
    TileRow,
    WalkHead,
  ],
  providers: [FollowedCube],
  templateUrl: './walk.html',
  styleUrl: './walk.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Walk {
  protected readonly say = SAY;
  readonly scene = input.required<WalkScene>();

  private readonly store = inject(Store);
  private readonly router = inject(Router);
  private readonly notices = inject(Notices);
  private readonly dialog = inject(MatDialog);
  protected readonly followed = inject(FollowedCube);
  protected readonly handing = inject(HandIn);
  /** Whether the walk fills the window. */
  protected readonly afar = signal(false);

  protected readonly reader = this.store.selectSignal(readerFeature.selectReaderState);
  protected readonly playing = this.store.selectSignal(walkFeature.selectPlaying);
  private readonly record = this.store.selectSignal(walkFeature.selectRecord);

  constructor() {
    const deeds = {
      next: () => this.next(),
      back: () => this.back(),
      stepNext: () => this.stepNext(),
      stepBack: () => this.stepBack(),
      play: () => this.play(),
      stage: (event: KeyboardEvent) => this.goToStage(event),
    };
    listensTo(WALK_KEYS, deeds, { isMeant: isFreeOfButtons });
    tellsWhere(() => whereOn(this.scene()));
    // What began the walk is gone: reading goes on at its words.
    afterNextRender(() => {
      if (document.activeElement === document.body) {
        this.words().nativeElement.focus({ preventScroll: true });
      }
    });
  }

  private readonly words = viewChild.required<ElementRef<HTMLElement>>('words');
  protected readonly method = computed(() => this.record()?.method ?? null);
  protected readonly firstColour = computed(() => this.scene().walkthrough.firstColour as Colour);
  protected readonly scheme = computed(() => this.scene().timeline.scheme);
  protected readonly picture = computed(() => {
    const { cube, hold } = this.scene();
    return stickersSeen(paintedFromCube(cube), this.scheme(), hold);
  });
  protected readonly stepDone = computed(() => {
    const { frame, position } = this.scene();
    return frame !== null && position.turn === frame.moves.length;
  });
  protected readonly atStart = computed(() => {
    const { step, turn } = this.scene().position;
    return step === 0 && turn === 0;
  });
  protected readonly up = computed(() => this.scheme()[sideInHold(this.scene().hold, UP)]!);
  protected readonly front = computed(() => this.scheme()[sideInHold(this.scene().hold, FRONT)]!);
  /** The stickers to be looked at, numbered as they are held. */
  protected readonly looked = computed((): ReadonlySet<number> => {
    const { hold, looked } = this.scene();
    return new Set(looked.map((sticker) => stickerSeenInHold(hold, sticker)));
  });
  /** Whether what to look at first is shown, and the stickers of the cube in that order. */
  protected readonly lookFirst = signal(false);
  protected readonly lookedFirst = signal<readonly number[]>([]);
  protected readonly firstSide = computed(() => sideOfColour(this.scheme(), this.firstColour()));
  protected readonly wholeMethod = computed(() => {
    const method = this.method();
    return method === null ? undefined : methodOf(method);
  });
  /** Whether the cube still stands as the step found it. */
  protected readonly atStepStart = computed(() => this.scene().position.turn === 0);
  protected readonly numbers = computed((): ReadonlyMap<number, string> => {
    if (!this.lookFirst() || !this.atStepStart()) return new Map();
    const { hold } = this.scene();
    return new Map(
      this.lookedFirst().map((sticker, k) => [stickerSeenInHold(hold, sticker), String(k + 1)]),
    );
  });
  /** The check a coach makes before going on, once a stage is complete. */
  protected readonly check = computed(() => {
    const { frame, timeline } = this.scene();
    const stage = frame?.step.completes;
    if (!stage || !this.stepDone()) return null;
    return stageWords(stage, sideOfColour(timeline.scheme, this.firstColour()), timeline.scheme);
  });
  /** What the hands do in this step once it is held right: one round, where it is repeated. */
  protected readonly handled = computed(() => {
    const { moves, holdCount, lineUpCount, round } = this.scene().frame!;
    return moves.slice(holdCount, round > 0 ? holdCount + lineUpCount + round : undefined);
  });
  protected readonly handledNow = computed(() => {
    const { frame, position } = this.scene();
    const { holdCount, lineUpCount, round } = frame!;
    const at = position.turn - holdCount;
    return round > 0 && at > lineUpCount ? lineUpCount + ((at - lineUpCount) % round) : at;
  });
  /** One round of the step's sequence, as it is written, and which move of it comes now. */
  protected readonly round = computed(() => {
    const { moves, holdCount, lineUpCount, round } = this.scene().frame!;
    const from = holdCount + lineUpCount;
    return writeMoves(moves.slice(from, round > 0 ? from + round : undefined));
  });
  protected readonly roundAt = computed(() => {
    const { lineUpCount } = this.scene().frame!;
    return this.handledNow() - lineUpCount;
  });
  protected readonly chosenMethod = computed(() => {
    const method = this.method();
    return method === null ? undefined : methodOf(method);
  });
  protected readonly turnMilliseconds = computed(() =>
    Math.min(450, this.reader().secondsPerTurn * 600),
  );

  /** The turn that comes now, as it is spoken. */
  protected readonly comes = computed(() => {
    const { frame, position } = this.scene();
    const move = frame?.moves[position.turn];
    return move === undefined ? '' : SAY.nextTurn3({ move: writeMove(move, 'words') });
  });

  protected next(): void {
    this.store.dispatch(WalkPage.turnDone());
  }

  protected back(): void {
    this.store.dispatch(WalkPage.turnUndone());
  }

  protected goTo(step: number): void {
    this.store.dispatch(WalkPage.stepChosen({ step }));
  }

  /** To the beginning of this step first; from there, of the one before. */
  protected stepBack(): void {
    const { step, turn } = this.scene().position;
    this.goTo(turn > 0 ? step : step - 1);
  }

  protected stepNext(): void {
    this.goTo(this.scene().position.step + 1);
  }

  protected play(): void {
    this.store.dispatch(WalkPage.playToggled());
  }

  protected pace(secondsPerTurn: number): void {
    this.store.dispatch(SettingsPage.settingChanged({ change: { secondsPerTurn } }));
  }

  protected showHands(hands: boolean): void {
    this.store.dispatch(SettingsPage.settingChanged({ change: { hands } }));
  }

  protected chooseFirst(firstColour: Colour): void {
    if (firstColour === this.firstColour()) return;
    this.replan(
      { firstColour },
      { firstColour: this.firstColour() },
      SAY.plannedFirst({ firstColour }),
    );
  }

  protected chooseMethod(chosen: MethodChosen): void {
    const method = copied(chosen);
    const was = this.record()?.method;
    if (was === undefined || isEqual(method, was)) return;
    const title = methodOf(method)?.title ?? '';
    this.replan({ method }, { method: was }, SAY.plannedBy({ title }));
  }

  /** Plans the rest anew from the cube as it now lies in the hand; can be undone for a while. */
  private replan(
    change: Partial<Pick<Reader, 'firstColour' | 'method'>>,
    back: typeof change,
    said: string,
  ): void {
    const before = this.record();
    if (!before) return;
    const { cube, timeline } = this.scene();
    const start = writeCubeDocument(cube, timeline.scheme);
    this.store.dispatch(SettingsPage.settingChanged({ change }));
    this.store.dispatch(
      WalkPage.planChanged({ change: { ...change, start, position: { step: 0, turn: 0 } } }),
    );
    void this.notices.offerUndo(said, () => {
      const { start: from, position } = before;
      this.store.dispatch(SettingsPage.settingChanged({ change: back }));
      this.store.dispatch(WalkPage.planChanged({ change: { ...back, start: from, position } }));
    });
  }

  /** Asks about the cube as it stands. */
  protected askCoach(): void {
    const { cube, timeline } = this.scene();
    const asked = writeCubeDocument(cube, timeline.scheme);
    void this.handing.ask({ what: 'question', cube: asked });
  }

  /** Asks what is seen, and looks for the slip. */
  protected async doubt(): Promise<void> {
    const cube = this.followed.cube();
    const position = cube ? this.followed.intended() : this.scene().position;
    const { SlipDialog } = await import('../slip/slip-dialog');
    this.dialog.open(SlipDialog, {
      ariaLabel: SAY.whatSlipped,
      data: { cube, position },
      ...WHOLE_WINDOW,
    });
  }

  protected connect(): void {
    void this.followed.connect();
  }

  protected edit(): void {
    void this.router.navigate(['/bench']);
  }

  private goToStage({ key }: KeyboardEvent): boolean {
    const stage = this.scene().ridge[Number(key) - 1];
    if (!stage || !this.reader().shortcuts) return false;
    this.goTo(stage.firstStep);
    return true;
  }
}
