import { DestroyRef, computed, inject, Injectable, signal } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import {
  copyCube,
  type Cube,
  cubeAfter,
  isSolved,
  knownMoves,
  type Stage,
  type Turn,
  writeMoves,
} from '@sleetcrest/core';
import { BLANK_ENTRY, type LogEntry } from '@sleetcrest/core/learner/log';
import {
  type Hands,
  IDLE,
  isReady,
  secondsBetween,
  SolveWatch,
  splitsOf,
  timed,
  type TimerEvent,
  type TimerState,
} from '@sleetcrest/core/learner/timing';
import { SimulatedCube } from '../../devices/cube/simulated-cube';
import type { TurnReportingCube } from '../../devices/cube/turn-reporting-cube';
import { momentHere } from '../../base/words/days';
import { isWorthKeeping, keptRun, type Draft } from './kept-run';
import { sleptSoFar } from '../../base/words/moments';
import { SimulatedTableTimer } from '../../devices/table-timer/simulated-table-timer';
import type { TableTimer } from '../../devices/table-timer/table-timer';
import { Store } from '@ngrx/store';
import { selectFirstSide } from '../../subjects/method';
import { SAY } from './words';

/** @throws RangeError when the scramble cannot be read, which no scramble of ours is. */
const cubeOf = (scramble: string): Cube => cubeAfter(knownMoves(scramble));

const ASLEEP = 1000;

/**
 * One solve being timed: the timer, the cube that tells its turns, and the table timer. What is
 * measured is kept in the browser at every event, so that a reload goes on where it was.
 */
@Injectable()
export class TimingRun {
  private readonly device: TurnReportingCube = inject(SimulatedCube);
  private readonly table: TableTimer = inject(SimulatedTableTimer);
  /** The side solved first. */
  private readonly first = inject<Store<object>>(Store).selectSignal(selectFirstSide);

  readonly timer = signal<TimerState>(IDLE);
  readonly draft = signal<Draft | null>(null);
  /** Whether hands start the timer only after a look. */
  readonly look = signal(true);
  /** The connected cube as it stands; null while none is connected. */
  readonly cube = signal<Cube | null>(null);
  readonly tableConnected = signal(false);
  private watch: SolveWatch | null = null;
  private slept = 0;
  /** Whether it was taken up after a reload: what came of it before is not known here. */
  resumed = false;
  /** Of which draft the record is kept elsewhere: nothing more of it need survive a reload. */
  private settled: string | null = null;

  readonly options = computed(() => ({
    stages: this.draft()?.stages.length ?? 1,
    look: this.look(),
  }));
  readonly ready = computed(() => isReady(this.timer(), this.options()));

  constructor() {
    this.device.turns.pipe(takeUntilDestroyed()).subscribe(({ turn, at }) => {
      this.turned(turn, performance.timeOrigin + at);
    });
    this.table.reports.pipe(takeUntilDestroyed()).subscribe(({ hands, at }) => {
      this.laid(hands, at);
    });
    inject(DestroyRef).onDestroy(() => {
      this.device.disconnect();
      this.table.disconnect();
    });
    const kept = keptRun.read();
    if (!kept) return;
    this.resumed = true;
    this.draft.set(kept.draft);
    this.timer.set(kept.timer);
    this.slept = kept.slept;
    if (kept.turns.length > 0) void this.connectCube(kept.turns);
  }

  /** Begins anew, with what is to be solved next. */
  begin(draft: Draft): void {
    this.resumed = false;
    this.draft.set(draft);
    this.timer.update(({ hands }) => ({ phase: 'idle', hands }));
    this.watch = null;
    keptRun.forget();
    if (this.cube()) void this.connectCube();
  }

  happened(event: TimerEvent): void {
    const before = this.timer();
    const after = timed(before, event, this.options());
    if (after === before) return;
    if (after.phase === 'running' && before.phase !== 'running') this.slept = sleptSoFar();
    this.timer.set(after);
    this.keep();
  }

  /** Takes all hands off, such as when the window is no longer looked at. Nothing starts by it. */
  letGo(): void {
    const timer = this.timer();
    if (timer.phase === 'running') return;
    this.timer.set({ ...timer, hands: { left: false, right: false } });
  }

  /** Connects the cube, held to look as the scramble has it, after turns told before a reload. */
  async connectCube(turns: readonly Turn[] = []): Promise<void> {
    const draft = this.draft();
    if (!draft) return;
    const start = cubeOf(draft.scramble);
    await this.device.connect(start);
    this.watch = new SolveWatch(start, draft.stages, this.first());
    for (const turn of turns) this.watch.turned(turn);
    this.told(this.watch);
  }

  disconnectCube(): void {
    this.device.disconnect();
    this.watch = null;
    this.cube.set(null);
  }

  async connectTable(): Promise<void> {
    await this.table.connect();
    this.tableConnected.set(true);
  }

  disconnectTable(): void {
    this.table.disconnect();
    this.tableConnected.set(false);
  }

  private laid(hands: Hands, at: number): void {
    for (const hand of ['left', 'right'] as const) {
      this.happened({ type: 'hand', hand, down: hands[hand], at });
    }
  }

  private turned(turn: Turn, at: number): void {
    if (!this.watch) return;
    // Before the start the cube may be turned to try it out: the solve begins from what it is then.
    const stages = this.watch.turned(turn);
    this.told(this.watch);
    this.happened({ type: 'done', stages, at });
    this.keep();
  }

  private told(watch: SolveWatch): void {
    this.cube.set(copyCube(watch.now()));
  }

  /** How long the device slept while the solve ran, in seconds; 0 where it did not. */
  private sleptSeconds(): number {
    const slept = sleptSoFar() - this.slept;
    return slept > ASLEEP ? Math.round(slept / 1000) : 0;
  }

  private keep(): void {
    const [timer, draft] = [this.timer(), this.draft()];
    if (!draft || draft.id === this.settled || !isWorthKeeping(timer)) return;
    keptRun.keep({
      draft,
      timer: { ...timer, marks: [...timer.marks], hands: { ...timer.hands } },
      turns: this.watch?.turns ?? [],
      slept: this.slept,
    });
  }

  /** The record is kept elsewhere now. Hands that are lifted after it are not remembered. */
  settle(): void {
    this.settled = this.draft()?.id ?? null;
    keptRun.forget();
  }

  /** The record of the solve that was stopped. */
  record(cube: string): LogEntry | null {
    const [timer, draft] = [this.timer(), this.draft()];
    if (!draft || timer.phase !== 'stopped') return null;
    const { watch } = this;
    const counts = watch?.turnCounts();
    const solved = !watch || watch.turns.length === 0 || this.isDone(watch, draft.stage);
    const slept = this.sleptSeconds();
    return {
      ...BLANK_ENTRY,
      id: draft.id,
      kind: draft.stage === null ? 'solve' : 'stage',
      stage: draft.stage,
      beganAt: momentHere(new Date(timer.since)),
      time: secondsBetween(timer.since, timer.until),
      outcome: solved ? 'finished' : 'unfinished',
      note: slept > 0 ? SAY.theDeviceSleptSMeanwhile({ slept }) : '',
      method: draft.method,
      cube,
      scramble: draft.scramble,
      turns: writeMoves(watch?.turns ?? []),
      splits: splitsOf(draft.stages, timer).map((split, k) => ({
        ...split,
        turns: counts && watch && watch.turns.length > 0 ? (counts[k] ?? 0) : null,
      })),
    };
  }

  private isDone(watch: SolveWatch, stage: Stage | null): boolean {
    return stage === null ? isSolved(watch.now()) : watch.isDone;
  }
}
