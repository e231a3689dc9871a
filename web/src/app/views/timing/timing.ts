import type { ElementRef } from '@angular/core';
import {
  ChangeDetectionStrategy,
  Component,
  computed,
  DestroyRef,
  effect,
  inject,
  signal,
  untracked,
  viewChild,
} from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { MatButton } from '@angular/material/button';
import { MatProgressBar } from '@angular/material/progress-bar';
import { MatSnackBar } from '@angular/material/snack-bar';
import { Store } from '@ngrx/store';
import type { ChangeEntry } from '@sleetcrest/contract/log';
import {
  countTurns,
  cubeAfter,
  HOME_HOLD,
  paintedFromCube,
  readMoves,
  stageWords,
  type Stage,
  type Turn,
  stickersSeen,
} from '@sleetcrest/core';
import type { LogEntry } from '@sleetcrest/core/log';
import { lookCue, type Hand } from '@sleetcrest/core/timing';
import { concatMap, from, of, switchMap } from 'rxjs';
import { v4 as uuid } from 'uuid';
import { apiFailure } from '../../sending/solves-api';
import { DevicePanel } from '../../devices/cube/device-panel';
import { SimulatedCube } from '../../devices/cube/simulated-cube';
import { entryFeature } from '../../keeping/entry/entry.feature';
import { isFree } from '../../devices/keyboard/keys';
import { LogBooks } from '../../keeping/log/log-books';
import { MethodChoice, type MethodChosen } from '../../person/choosing/method-choice';
import { copied } from '../../keeping/reader/reader';
import { selectFirstSide, selectMethodChosen } from '../../person/chosen';
import { readerFeature, SettingsPage } from '../../keeping/reader/reader.feature';
import { clockText } from '../../parts/words/clock-text';
import { Crown } from '../../parts/crown/crown';
import { Ridge, type RidgeStage } from '../../parts/ridge/ridge';
import { Tiles } from '../../parts/tiles/tiles';
import { Solver } from '../../asking/solver/solver';
import { After } from './after';
import { keepRun, keepSettings, keptSettings, type TimingSettings } from './kept-run';
import { momentNow, momentOf } from '../../devices/moments';
import { Recent } from './recent';
import { Scrambler } from './scrambler';
import { TablePanel } from '../../devices/table-timer/table-panel';
import { TimingRun } from './timing-run';

/** The two keys under the forefingers, and what each does. */
const HAND_KEYS: Partial<Record<string, Hand>> = { KeyF: 'left', KeyJ: 'right' };
const TICK = 100;

/** Timing a solve: scramble, look, solve with both hands off the cube at either end, tell. */
@Component({
  selector: 'sc-timing',
  imports: [
    After,
    Crown,
    DevicePanel,
    MatButton,
    MatProgressBar,
    MethodChoice,
    Recent,
    Ridge,
    TablePanel,
    Tiles,
  ],
  providers: [TimingRun],
  templateUrl: './timing.html',
  styleUrl: './timing.scss',
  host: {
    '(document:keydown)': 'key($event)',
    '(document:keyup)': 'keyLeft($event)',
    '(window:blur)': 'run.letGo()',
  },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Timing {
  private readonly store = inject(Store);
  private readonly solver = inject(Solver);
  private readonly scrambler = inject(Scrambler);
  private readonly books = inject(LogBooks);
  private readonly snackBar = inject(MatSnackBar);
  private readonly simulated = inject(SimulatedCube);
  protected readonly run = inject(TimingRun);

  protected readonly settings = signal<TimingSettings>(keptSettings());
  protected readonly reader = this.store.selectSignal(readerFeature.selectReaderState);
  protected readonly scheme = this.store.selectSignal(entryFeature.selectScheme);
  private readonly first = this.store.selectSignal(selectFirstSide);
  protected readonly hold = HOME_HOLD;

  private readonly method = this.store.selectSignal(selectMethodChosen);
  /** The stages of the method chosen, from the solver; none until it has said them. */
  protected readonly stages = toSignal(
    this.store
      .select(readerFeature.selectMethod)
      .pipe(switchMap((method) => from(this.solver.stages(method)))),
    { initialValue: [] as readonly Stage[] },
  );
  protected readonly stageNames = computed(() =>
    this.stages().map((stage) => ({ stage, title: this.titleOf(stage) })),
  );

  /** What time it is, often enough for the clock. */
  private readonly now = signal(momentNow());
  protected readonly trouble = signal<string | null>(null);
  protected readonly entry = signal<LogEntry | null>(null);
  protected readonly kept = signal<'kept' | 'waiting' | 'failed' | null>(null);

  private readonly clockArea = viewChild.required<ElementRef<HTMLElement>>('clockArea');
  protected readonly timer = this.run.timer;
  protected readonly scramble = computed(() => this.run.draft()?.scramble ?? null);
  private readonly scrambleMoves = computed(() => {
    const read = readMoves(this.scramble() ?? '');
    return read.ok ? read.value : [];
  });
  protected readonly scrambleTurns = computed(() => countTurns(this.scrambleMoves()));
  protected readonly picture = computed(() =>
    stickersSeen(paintedFromCube(cubeAfter(this.scrambleMoves())), this.scheme(), HOME_HOLD),
  );
  protected readonly cue = computed(() => {
    const timer = this.timer();
    return timer.phase === 'looking'
      ? lookCue(this.now() - timer.since, this.settings().look)
      : null;
  });
  protected readonly clock = computed(() => {
    const timer = this.timer();
    if (timer.phase === 'stopped') return clockText((timer.until - timer.since) / 1000);
    if (timer.phase !== 'running') return '0.00';
    if (!this.settings().shown) return '· · ·';
    return clockText(Math.max(0, this.now() - timer.since) / 1000, 1);
  });
  protected readonly says = computed((): string => {
    const { phase } = this.timer();
    const cue = this.cue();
    if (this.run.ready()) return 'Let go to start';
    if (phase === 'looking') {
      return { look: 'Look', soon: 'Soon', begin: 'Begin', over: 'Begin when you like' }[cue!.says];
    }
    if (phase === 'running') return this.stageSaid();
    if (phase === 'stopped') return 'Stopped';
    return this.settings().look > 0 ? 'Enter begins the look' : 'Lay both hands down';
  });
  protected readonly ridge = computed((): readonly RidgeStage[] => {
    const timer = this.timer();
    const stages = this.run.draft()?.stages ?? this.stages();
    const done =
      timer.phase === 'running'
        ? timer.marks.length
        : timer.phase === 'stopped'
          ? Math.max(timer.marks.length, this.entry()?.splits.length ?? 0)
          : 0;
    return stages.map((stage, k) => ({
      id: stage,
      title: this.titleOf(stage),
      turns: 1,
      state:
        k < done ? 'walked' : timer.phase === 'running' && k === done ? 'here' : ('ahead' as const),
      fraction: 0,
    }));
  });
  constructor() {
    void this.books.settle();
    this.run.look.set(this.settings().look > 0);
    const ticking = setInterval(() => {
      const { phase } = this.timer();
      if (phase === 'looking' || phase === 'running') this.now.set(momentNow());
    }, TICK);
    inject(DestroyRef).onDestroy(() => clearInterval(ticking));
    effect(() => {
      this.run.first = this.first();
    });
    // A first scramble as soon as the stages are known, unless a solve is still under way.
    effect(() => {
      const stages = this.stages();
      untracked(() => {
        if (stages.length > 0 && !this.isUnderWay() && this.entry() === null) this.next();
      });
    });
    effect(() => {
      const { phase } = this.timer();
      untracked(() => {
        if (phase === 'running' && !isOnDevice()) this.attend();
        if (phase === 'stopped') void this.keepRecord();
      });
    });
  }

  private titleOf(stage: Stage): string {
    return stageWords(stage, this.first(), this.scheme()).title;
  }

  private isUnderWay(): boolean {
    const { phase } = this.timer();
    return phase === 'running' || phase === 'stopped';
  }

  private stageSaid(): string {
    const timer = this.timer();
    const stages = this.run.draft()?.stages ?? [];
    if (timer.phase !== 'running' || stages.length < 2) return 'Both hands down to stop';
    const stage = stages[timer.marks.length]!;
    const last = timer.marks.length === stages.length - 1;
    return `${this.titleOf(stage)}: ${last ? 'both hands down to stop' : 'Space when it is done'}`;
  }

  /** Another scramble; what was stopped is in the log already. */
  protected next(): void {
    const stage = this.settings().stage;
    const stages = stage === null ? [...this.stages()] : [stage];
    const method = this.method();
    this.entry.set(null);
    this.kept.set(null);
    this.trouble.set(null);
    this.run.draft.set(null);
    this.scrambler
      .scramble({ seed: randomSeed(), method, stage, first: this.first() })
      .then((scramble) =>
        this.run.begin({ id: uuid(), scramble, method: method.id, stage, stages }),
      )
      .catch((error: unknown) => this.trouble.set(this.scrambleTrouble(error)));
  }

  private scrambleTrouble(error: unknown): string {
    const { stage } = this.settings();
    if (stage !== null && !this.stages().includes(stage)) {
      return `The method chosen has no stage “${this.titleOf(stage)}”: choose another stage or method.`;
    }
    return `The scramble could not be made: ${(error as Error).message}. Reload the page.`;
  }

  protected async connectTable(): Promise<void> {
    await this.run.connectTable();
    this.attend();
  }

  protected async connectCube(): Promise<void> {
    await this.run.connectCube();
    this.attend();
  }

  /** Takes the keyboard off whatever was pressed: Enter and Space belong to the timer now. */
  private attend(): void {
    this.clockArea().nativeElement.focus({ preventScroll: true });
  }

  protected beginLook(at: number): void {
    if (this.timer().phase !== 'idle' || this.scramble() === null) return;
    this.attend();
    if (this.settings().look > 0) this.run.happened({ type: 'look', at });
    this.now.set(at);
  }

  protected hand(hand: Hand, down: boolean, event: Event): void {
    if (this.scramble() === null) return;
    this.run.happened({ type: 'hand', hand, down, at: momentOf(event) });
  }

  protected mark(event: Event): void {
    this.run.happened({ type: 'mark', at: momentOf(event) });
  }

  protected giveUp(): void {
    keepRun(null);
    this.run.happened({ type: 'reset' });
  }

  protected key(event: KeyboardEvent): void {
    const hand = HAND_KEYS[event.code];
    const { phase } = this.timer();
    if (event.repeat || event.ctrlKey || event.metaKey || event.altKey) return;
    if (phase !== 'running' && !isFree(event)) return;
    if (hand) {
      event.preventDefault();
      this.hand(hand, true, event);
    } else if (event.key === ' ' && phase === 'running') {
      event.preventDefault();
      this.mark(event);
    } else if (event.key === 'Backspace' && phase === 'running') {
      event.preventDefault();
      this.run.happened({ type: 'unmark' });
    } else if (event.key === 'Escape' && (phase === 'looking' || phase === 'running')) {
      this.giveUp();
    } else if (event.key === 'Enter' && !isOnControl(event)) {
      event.preventDefault();
      if (phase === 'stopped') this.next();
      else this.beginLook(momentOf(event));
    }
  }

  protected keyLeft(event: KeyboardEvent): void {
    const hand = HAND_KEYS[event.code];
    if (hand) this.hand(hand, false, event);
  }

  protected pad(hand: Hand, down: boolean, event: PointerEvent): void {
    if (down) (event.target as Element).setPointerCapture(event.pointerId);
    this.hand(hand, down, event);
  }

  private async keepRecord(): Promise<void> {
    const record = this.run.record(this.settings().cube);
    if (!record) return;
    this.entry.set(record);
    try {
      this.kept.set(await this.books.own().add(record));
      keepRun(null);
    } catch (error) {
      this.kept.set('failed');
      this.trouble.set(`It could not be kept: ${apiFailure(error).message}`);
    }
  }

  protected tryAgain(): void {
    this.trouble.set(null);
    void this.keepRecord();
  }

  protected change(change: ChangeEntry): void {
    const entry = this.entry();
    if (!entry) return;
    // At once on the screen; what the log refuses is taken back.
    this.entry.set({ ...entry, ...change });
    of(change)
      .pipe(concatMap((asked) => this.books.own().change(entry.id, asked)))
      .subscribe({
        // The log may be looked at already.
        next: () => this.books.arrived(),
        error: (error: unknown) => {
          this.entry.set(entry);
          this.trouble.set(apiFailure(error).message);
        },
      });
    if (change.cube !== undefined) this.set({ cube: change.cube });
  }

  protected discard(): void {
    const entry = this.entry();
    if (!entry) return;
    const book = this.books.own();
    void book.remove([entry.id]).then(() => this.next());
    this.snackBar
      .open('This time is deleted.', 'Undo', { duration: 8000 })
      .onAction()
      .subscribe(() => void book.restore([entry.id]).then(() => this.books.arrived()));
  }

  protected set(change: Partial<TimingSettings>): void {
    this.settings.update((settings) => ({ ...settings, ...change }));
    keepSettings(this.settings());
    this.run.look.set(this.settings().look > 0);
    if ('stage' in change) this.next();
  }

  protected chooseMethod(method: MethodChosen): void {
    this.store.dispatch(SettingsPage.settingChanged({ change: { method: copied(method) } }));
  }

  protected turned(turn: Turn): void {
    this.simulated.turn(turn, performance.now());
  }

  protected readonly at = momentOf;
}

/** A stand-in for a device is pressed with the same hands as the keyboard. */
const isOnDevice = (): boolean => (document.activeElement?.closest('.devices') ?? null) !== null;

/** Where Enter belongs to what has the focus. */
const isOnControl = (event: KeyboardEvent): boolean =>
  event.target instanceof Element &&
  event.target.closest('button, a, input, textarea, select') !== null;

const randomSeed = (): number => crypto.getRandomValues(new Uint32Array(1))[0]!;
