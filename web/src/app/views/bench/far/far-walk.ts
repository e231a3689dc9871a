import { CdkTrapFocus } from '@angular/cdk/a11y';
import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  ElementRef,
  inject,
  type OnDestroy,
  output,
  signal,
  untracked,
  DestroyRef,
} from '@angular/core';
import { delay, from, ignoreElements, type Observable, of } from 'rxjs';
import { MatButton } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import { MatSlideToggle } from '@angular/material/slide-toggle';
import { Store } from '@ngrx/store';
import {
  FRONT,
  methodOf,
  paintedFromCube,
  type Side,
  sideInHold,
  sideOfColour,
  stageWords,
  stickerSeenInHold,
  stickersSeen,
  UP,
  writeMove,
  writeMoves,
} from '@sleetcrest/core';
import { sayingFor, wordsOver } from '@sleetcrest/core/teaching/sayings';
import { listensTo } from '../../../base/keys/keyboard';
import { isField, isPress, isUnderDialog } from '../../../base/keys/keys';
import { FAR_KEYS } from './far.keys';
import {
  type Reader,
  readerFeature,
  SettingsPage,
  taughtFeature,
} from '../../../subjects/settings';
import { isSeated } from '../../../subjects/group';
import { walkFeature, WalkPage, type WalkScene } from '../../../subjects/walk';
import { Choice, type Option } from '../../../ui/fields/choice';
import { Crown } from '../../../ui/crown/crown';
import { TurnTile } from '../../../ui/tiles/turn-tile';
import { Voice } from '../../../devices/voice/voice';
import { keepAwake } from './awake';
import { Ticker } from './ticker';
import { SAY } from './words';

type Far = Reader['far'];

const ADVANCES: readonly Option<Far['advance']>[] = [
  { value: 'key', name: SAY.whenYouPress },
  { value: 'pace', name: SAY.byItself },
];
const PAUSES: readonly Option<Far['pause']>[] = [
  { value: 'key', name: SAY.untilYouPress },
  { value: 'wait', name: SAY.asLongAsItTakes },
];
/** How long a word takes to say, where no voice says it. */
const SECONDS_A_WORD = 0.3;
const IDLE_KEYS = ['Tab', 'Shift', 'Control', 'Alt', 'Meta', 'CapsLock'];

/** The walk over the whole window, to be read from arm's length and followed without the hands. */
@Component({
  selector: 'sc-far-walk',
  imports: [Choice, Crown, MatButton, MatIcon, MatSlideToggle, TurnTile],
  templateUrl: './far-walk.html',
  styleUrl: './far-walk.scss',
  host: {
    role: 'dialog',
    'aria-modal': 'true',
    '[attr.aria-label]': 'say.largeViewOfTheWalk',
    tabindex: '-1',
  },
  hostDirectives: [CdkTrapFocus],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FarWalk implements OnDestroy {
  protected readonly say = SAY;
  readonly closed = output();
  readonly doubted = output();

  private readonly store = inject(Store);
  protected readonly voice = inject(Voice);
  private readonly ticker = new Ticker();
  private readonly sleep = keepAwake();

  protected readonly advances = ADVANCES;
  protected readonly pauses = PAUSES;
  protected readonly reader = this.store.selectSignal(readerFeature.selectReaderState);
  protected readonly far = computed(() => this.reader().far);
  protected readonly setting = signal(false);
  /** Whether the next key is taken as the pedal's. */
  protected readonly learning = signal(false);
  protected readonly running = signal(true);
  protected readonly scene = this.store.selectSignal(walkFeature.selectScene);
  protected readonly picture = computed(() => {
    const scene = this.scene();
    if (!scene) return [];
    return stickersSeen(paintedFromCube(scene.cube), scene.timeline.scheme, scene.hold);
  });
  protected readonly now = computed(() => {
    const scene = this.scene();
    return scene?.frame?.moves[scene.position.turn] ?? null;
  });
  protected readonly coming = computed(() => {
    const scene = this.scene();
    return scene?.frame?.moves.slice(scene.position.turn + 1, scene.position.turn + 7) ?? [];
  });
  protected readonly up = computed(() => this.centreAt(UP));
  protected readonly front = computed(() => this.centreAt(FRONT));
  private readonly taught = this.store.selectSignal(taughtFeature.selectTaughtState);
  private readonly record = this.store.selectSignal(walkFeature.selectRecord);
  protected readonly looked = computed((): ReadonlySet<number> => {
    const scene = this.scene();
    return new Set(scene?.looked.map((sticker) => stickerSeenInHold(scene.hold, sticker)));
  });
  /** What is to be read before the next turn, in the order in which it is needed. */
  protected readonly lines = computed((): { name: string; says: string }[] => {
    const { frame, position } = this.scene() ?? {};
    if (!frame || !position) return [];
    const { turn } = position;
    const found = turn === 0 ? [{ name: SAY.find, says: frame.step.find }] : [];
    if (turn < frame.holdCount) return [...found, { name: SAY.hold, says: frame.holdLine ?? '' }];
    return turn === frame.holdCount ? [...found, { name: SAY.look, says: frame.step.look }] : [];
  });
  /** The teacher's word that begins with the turn that comes now; a group is said once. */
  protected readonly word = computed(() => {
    const { frame, position } = this.scene() ?? {};
    const method = this.record()?.method;
    if (!frame || !position || method === undefined) return null;
    const from = frame.holdCount + frame.lineUpCount;
    const round = frame.moves.slice(from, frame.round > 0 ? from + frame.round : undefined);
    const at = position.turn - from;
    if (at < 0 || round.length === 0) return null;
    const saying = sayingFor(writeMoves(round), methodOf(method), this.taught());
    if (!saying) return null;
    const over = wordsOver(saying, round);
    const now = at % round.length;
    const word = over[now]!;
    return word >= 0 && over[now - 1] !== word ? saying.words[word]!.says : null;
  });
  /** A step is done: the person compares before going on. */
  protected readonly checking = computed(() => {
    const scene = this.scene();
    return scene?.frame != null && scene.position.turn === scene.frame.moves.length;
  });
  protected readonly goal = computed(() => {
    const scene = this.scene();
    const stage = scene?.frame?.step.completes;
    if (!scene || !stage) return null;
    const { scheme } = scene.timeline;
    return stageWords(stage, sideOfColour(scheme, scene.walkthrough.firstColour), scheme);
  });

  constructor() {
    const deeds = {
      next: () => this.next(),
      back: this.orPedal(() => this.back()),
      doubt: this.orPedal(() => this.doubted.emit()),
      close: this.orPedal(() => this.closed.emit()),
    };
    listensTo(FAR_KEYS, deeds, {
      isMeant: (event) => this.isMeant(event),
      takesAll: (event) => this.anyKey(event),
    });
    const before = document.activeElement;
    const host = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
    host.focus();
    // Back to what opened it.
    inject(DestroyRef).onDestroy(() => before instanceof HTMLElement && before.focus());
    effect((onCleanup) => {
      const [scene, far, isRunning] = [this.scene(), this.far(), this.running()];
      if (!scene) return;
      const going = untracked(() => this.arrive(scene, far, isRunning)).subscribe(() => {
        this.next();
      });
      onCleanup(() => going.unsubscribe());
    });
  }

  /** At each new position: says it, and tells when to go on by itself, where that is wanted. */
  private arrive(scene: WalkScene, far: Far, isRunning: boolean): Observable<unknown> {
    const { speak, tick, advance, pause } = far;
    const sentence = this.sentence(scene);
    if (tick && scene.position.turn > 0) this.ticker.tick();
    const isSpoken = speak && !this.voice.silent();
    const said = speak ? from(this.voice.say(sentence)) : of(undefined);
    const waits = !isRunning || advance === 'key' || scene.frame === null;
    if (waits || (this.checking() && pause === 'key')) return said.pipe(ignoreElements());
    // What is not spoken has to be read before the hands are asked to go on.
    const words = this.checking() || this.lines().length > 0 ? sentence.split(' ').length : 0;
    const reading = isSpoken ? 0 : words * SECONDS_A_WORD;
    return said.pipe(delay(Math.max(this.reader().secondsPerTurn, reading) * 1000));
  }

  /** What is said at a position. */
  private sentence({ frame, position }: WalkScene): string {
    if (!frame) return 'Solved.';
    const move = frame.moves[position.turn];
    if (move === undefined)
      return SAY.checkIt({ why: frame.step.why, goal: this.goal()?.goal ?? '' });
    const turn = writeMove(move, 'words');
    const word = this.word();
    return [...this.lines().map(({ says }) => says), ...(word ? [`${word}:`] : []), turn].join(' ');
  }

  /** The colour of the side that is at a face of the hold. */
  private centreAt(face: Side): string {
    const scene = this.scene();
    return scene ? scene.timeline.scheme[sideInHold(scene.hold, face)]! : '';
  }

  protected next(): void {
    this.store.dispatch(WalkPage.turnDone());
  }

  protected back(): void {
    this.store.dispatch(WalkPage.turnUndone());
  }

  protected change(change: Partial<Far>): void {
    this.store.dispatch(
      SettingsPage.settingChanged({ change: { far: { ...this.far(), ...change } } }),
    );
  }

  protected pace(secondsPerTurn: number): void {
    this.store.dispatch(SettingsPage.settingChanged({ change: { secondsPerTurn } }));
  }

  /** Any key goes on; the one of the pedal is taken where it is asked for. */
  private anyKey({ key }: KeyboardEvent): boolean {
    // The hand goes up at this key, wherever one is.
    if (key === 'h' && isSeated() && !this.learning()) return false;
    if (this.learning()) {
      this.change({ pedal: key });
      this.learning.set(false);
    } else this.next();
    return true;
  }

  /** Whether the key is the pedal's, whatever else it does. */
  private isPedal({ key }: KeyboardEvent): boolean {
    return this.learning() || key === this.far().pedal;
  }

  private orPedal(deed: () => void): (event: KeyboardEvent) => void {
    return (event) => {
      if (this.isPedal(event)) this.anyKey(event);
      else deed();
    };
  }

  private isMeant(event: KeyboardEvent): boolean {
    if (isUnderDialog() || event.ctrlKey || event.metaKey || event.altKey) return false;
    if (this.isPedal(event)) return true;
    return !isPress(event) && !IDLE_KEYS.includes(event.key) && !isField(event.target);
  }

  ngOnDestroy(): void {
    this.voice.hush();
    this.ticker.close();
    this.sleep();
  }
}
