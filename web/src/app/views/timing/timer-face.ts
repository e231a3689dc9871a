import { NgTemplateOutlet } from '@angular/common';
import type { ElementRef } from '@angular/core';
import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  input,
  output,
  viewChild,
} from '@angular/core';
import { MatButton } from '@angular/material/button';
import type { Stage } from '@sleetcrest/core';
import { type Hand, lookCue } from '@sleetcrest/core/learner/timing';
import { listensTo } from '../../base/keys/keyboard';
import { isFree } from '../../base/keys/keys';
import { TIMING_KEYS } from './timing.keys';
import { momentNow, momentOf } from '../../base/words/moments';
import { clockText } from '../../base/words/clock-text';
import { keptRun, type TimingSettings } from './kept-run';
import { TimingRun } from './timing-run';
import { ticking } from '../../base/state/ticking';
import { touches } from '../../base/keys/touches';
import { SAY } from './words';

/** The two keys under the forefingers, and what each does. */
const HAND_KEYS: Partial<Record<string, Hand>> = { KeyF: 'left', KeyJ: 'right' };
const TICK = 100;

/** The clock and the two pads: what is timed, by keys, by touch or by a pointer. */
@Component({
  selector: 'sc-timer-face',
  imports: [MatButton, NgTemplateOutlet],
  templateUrl: './timer-face.html',
  styleUrl: './timer-face.scss',
  host: {
    '(window:blur)': 'run.letGo()',
  },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TimerFace {
  protected readonly say = SAY;
  /** Whether hands are laid on the screen itself. */
  protected readonly touches = touches();
  readonly settings = input.required<TimingSettings>();
  readonly titleOf = input.required<(stage: Stage) => string>();
  readonly nextAsked = output();

  protected readonly run = inject(TimingRun);
  protected readonly timer = this.run.timer;
  private readonly clockArea = viewChild.required<ElementRef<HTMLElement>>('clockArea');
  /** What time it is, often enough for the clock. */
  private readonly now = ticking(TICK, {
    now: momentNow,
    runs: () => ['looking', 'running'].includes(this.timer().phase),
  });

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
    if (this.run.ready()) return SAY.letGoToStart;
    if (phase === 'looking') {
      return { look: SAY.look, soon: SAY.soon, begin: SAY.start, over: SAY.timesUpStartWhenReady }[
        cue!.says
      ];
    }
    if (phase === 'running') return this.stageSaid();
    if (phase === 'stopped') return SAY.stopped;
    return this.settings().look > 0 ? SAY.startLooking : SAY.layBothHandsDown;
  });

  /** By hand, as the template names them. */
  protected readonly handsDown = computed((): Record<string, boolean> => ({
    ...this.timer().hands,
  }));

  constructor() {
    const isRunning = (): boolean => this.timer().phase === 'running';
    const canGiveUp = (): boolean => isRunning() || this.timer().phase === 'looking';
    const deeds = {
      look: (event: KeyboardEvent) => this.look(event),
      hand: (event: KeyboardEvent) => this.pressed(event, true),
      mark: (event: KeyboardEvent) => isRunning() && void this.mark(event),
      unmark: () => isRunning() && void this.run.happened({ type: 'unmark' }),
      giveUp: () => canGiveUp() && void this.giveUp(),
    };
    listensTo(TIMING_KEYS, deeds, {
      isMeant: (event) => this.isMeant(event),
      released: (event) => this.pressed(event, false),
    });
  }

  private stageSaid(): string {
    const timer = this.timer();
    const stages = this.run.draft()?.stages ?? [];
    if (timer.phase !== 'running' || stages.length < 2) return SAY.bothHandsDownToStop;
    const stage = stages[timer.marks.length]!;
    const last = timer.marks.length === stages.length - 1;
    return SAY.stageNow({
      how: last ? 'last' : this.touches ? 'touch' : 'key',
      stage: this.titleOf()(stage),
    });
  }

  /** Takes the keyboard off whatever was pressed: Enter and Space belong to the timer now. */
  attend(): void {
    this.clockArea().nativeElement.focus({ preventScroll: true });
  }

  protected beginLook(at: number): void {
    if (this.timer().phase !== 'idle' || this.run.draft() === null) return;
    this.attend();
    if (this.settings().look > 0) this.run.happened({ type: 'look', at });
    this.now.set(at);
  }

  protected hand(hand: Hand, down: boolean, event: Event): void {
    if (this.run.draft() === null) return;
    this.run.happened({ type: 'hand', hand, down, at: momentOf(event) });
  }

  protected mark(event: Event): void {
    this.run.happened({ type: 'mark', at: momentOf(event) });
  }

  protected giveUp(): void {
    keptRun.forget();
    this.run.happened({ type: 'reset' });
  }

  private pressed(event: KeyboardEvent, isDown: boolean): void {
    const hand = HAND_KEYS[event.code];
    if (hand) this.hand(hand, isDown, event);
  }

  /** Begins the look, or asks for the next. */
  private look(event: KeyboardEvent): boolean {
    if (isOnControl(event)) return false;
    if (this.timer().phase === 'stopped') this.nextAsked.emit();
    else this.beginLook(momentOf(event));
    return true;
  }

  /** While it runs every key is the clock's, wherever the focus is. */
  private isMeant(event: KeyboardEvent): boolean {
    return !event.repeat && (this.timer().phase === 'running' || isFree(event));
  }

  protected lay(hand: Hand, down: boolean, event: PointerEvent): void {
    if (down) (event.target as Element).setPointerCapture(event.pointerId);
    this.hand(hand, down, event);
  }

  protected readonly at = momentOf;
}

/** Where Enter belongs to what has the focus. */
const isOnControl = (event: KeyboardEvent): boolean =>
  event.target instanceof Element &&
  event.target.closest('button, a, input, textarea, select') !== null;
