import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  signal,
  untracked,
  viewChild,
} from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Store } from '@ngrx/store';
import type { ChangeEntry } from '@sleetcrest/contract/log';
import {
  HOME_HOLD,
  readMoves,
  type Stage,
  STAGES,
  stageWords,
  type Turn,
  writeCubeDocument,
} from '@sleetcrest/core';
import { anySeed } from '../../base/work/chance';
import { MethodStages } from '../../subjects/walk/work';
import { entryFeature } from '../../subjects/cube';
import { Scrambler } from '../../subjects/cube/work';
import { v4 as uuid } from 'uuid';
import { tellsWhere } from '../../subjects/group';
import { LogBooks } from '../../subjects/log';
import { copied, readerFeature, SettingsPage } from '../../subjects/settings';
import { selectFirstSide, selectMethodChosen } from '../../subjects/method';
import { MethodChoice, type MethodChosen } from '../../subjects/method/parts/method-choice';
import { DevicePanel } from '../../devices/cube/device-panel';
import { SimulatedCube } from '../../devices/cube/simulated-cube';
import { TablePanel } from '../../devices/table-timer/table-panel';
import { Ridge, type RidgeStage } from '../../ui/ridge/ridge';
import { After } from './after';
import { DEFAULT_SETTINGS, keptSettings, type TimingSettings } from './kept-run';
import { Recent } from './recent';
import { ScramblePanel } from './scramble-panel';
import { TimedRecord } from './timed-record';
import { TimerFace } from './timer-face';
import { TimingRun } from './timing-run';
import { Trouble } from '../../ui/trouble';
import { Choice, type Option } from '../../ui/fields/choice';
import { MatCheckbox } from '@angular/material/checkbox';
import { Page } from '../../ui/page';
import { SAY } from './words';

/** Timing a solve: scramble, look, solve with both hands off the cube at either end, tell. */
@Component({
  selector: 'sc-timing',
  imports: [
    Page,
    After,
    Choice,
    DevicePanel,
    MatButton,
    MatCheckbox,
    MethodChoice,
    Recent,
    Ridge,
    ScramblePanel,
    TablePanel,
    TimerFace,
    Trouble,
  ],
  providers: [TimedRecord, TimingRun],
  templateUrl: './timing.html',
  styleUrl: './timing.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Timing {
  protected readonly say = SAY;
  private readonly store = inject(Store);
  private readonly scrambler = inject(Scrambler);
  private readonly simulated = inject(SimulatedCube);
  protected readonly run = inject(TimingRun);
  protected readonly record = inject(TimedRecord);
  private readonly face = viewChild.required(TimerFace);

  /** The stage to practise, from the address. */
  readonly stage = input<string>();
  /** Turns that mix the cube, from the address: what a coach has set, or shows to all. */
  readonly scramble = input<string>();
  protected readonly settings = signal<TimingSettings>(keptSettings.read() ?? DEFAULT_SETTINGS);
  protected readonly reader = this.store.selectSignal(readerFeature.selectReaderState);
  protected readonly scheme = this.store.selectSignal(entryFeature.selectScheme);
  protected readonly first = this.store.selectSignal(selectFirstSide);
  protected readonly hold = HOME_HOLD;
  protected readonly timer = this.run.timer;

  private readonly method = this.store.selectSignal(selectMethodChosen);
  private readonly scrambleTrouble = signal<string | null>(null);
  protected readonly trouble = computed(
    () => this.scrambleTrouble() ?? this.methodStages.trouble() ?? this.record.trouble(),
  );
  private readonly methodStages = inject(MethodStages);
  protected readonly stages = this.methodStages.stages;
  protected readonly titleOf = computed(() => {
    const [first, scheme] = [this.first(), this.scheme()];
    return (stage: Stage): string => stageWords(stage, first, scheme).title;
  });
  protected readonly scopes = computed((): Option<Stage | ''>[] => [
    { value: '', name: SAY.aWholeSolve },
    ...this.stages().map((stage) => ({
      value: stage,
      name: SAY.only({ stage: this.titleOf()(stage) }),
    })),
  ]);
  protected readonly looks = ['0', '8', '15', '30', '60'].map((seconds) => ({
    value: seconds,
    name: seconds === '0' ? SAY.none : `${seconds} s`,
  }));
  /** Which scramble is waited for: a late one does not take the place of another. */
  private asked = 0;

  protected readonly ridge = computed((): readonly RidgeStage[] => {
    const timer = this.timer();
    const stages = this.run.draft()?.stages ?? this.stages();
    const splits = this.record.entry()?.splits.length ?? 0;
    const marks = 'marks' in timer ? timer.marks.length : 0;
    const done = timer.phase === 'stopped' ? Math.max(marks, splits) : marks;
    return stages.map((stage, k) => {
      const here = timer.phase === 'running' && k === done;
      const state = k < done ? 'walked' : here ? 'here' : 'ahead';
      return { id: stage, title: this.titleOf()(stage), turns: null, state, fraction: 0 };
    });
  });

  constructor() {
    tellsWhere(() => {
      const { phase } = this.timer();
      const ridge = this.ridge();
      const at = ridge.filter(({ state }) => state === 'walked').length;
      const cube = this.run.cube();
      const here = ridge.find(({ state }) => state === 'here');
      const title = phase === 'running' ? (here?.title ?? SAY.solving) : SAY.beforeASolve;
      return {
        doing: phase === 'running' ? 'solve' : 'idle',
        title,
        at,
        of: ridge.length,
        cube: cube && writeCubeDocument(cube, this.scheme()),
      };
    });
    void inject(LogBooks).settle();
    effect(() => {
      const stage = STAGES.find((one) => one === this.stage());
      if (stage) untracked(() => this.set({ stage }));
    });
    this.run.look.set(this.settings().look > 0);
    // A first scramble as soon as the stages are known, unless a solve is still under way.
    effect(() => {
      const stages = this.stages();
      untracked(() => {
        if (stages.length > 0 && !this.isUnderWay() && this.record.entry() === null) this.next();
      });
    });
    effect(() => {
      const { phase } = this.timer();
      untracked(() => {
        if (phase === 'running' && !isOnDevice()) this.face().attend();
        // Hands that are lifted after it change the timer too.
        if (phase === 'stopped' && this.record.entry() === null) this.keepRecord();
      });
    });
  }

  private isUnderWay(): boolean {
    const { phase } = this.timer();
    return phase === 'running' || phase === 'stopped';
  }

  /** Another scramble; what was stopped is in the log already. */
  protected next(): void {
    const { stage } = this.settings();
    const stages = stage === null ? [...this.stages()] : [stage];
    const method = this.method();
    const asked = ++this.asked;
    this.record.clear();
    this.scrambleTrouble.set(null);
    this.run.draft.set(null);
    const given = stage === null ? this.given() : null;
    const made =
      given === null
        ? this.scrambler.scramble({ seed: anySeed(), method, stage, first: this.first() })
        : Promise.resolve(given);
    made
      .then((scramble) => {
        if (asked !== this.asked) return;
        this.run.begin({ id: uuid(), scramble, method: method.id, stage, stages });
      })
      .catch((error: unknown) => {
        if (asked === this.asked) this.scrambleTrouble.set(this.whyNone(error as Error));
      });
  }

  /** The scramble of the address, once: another one asked for is another one. */
  private given(): string | null {
    const given = this.scramble();
    if (given === undefined || given === this.taken) return null;
    this.taken = given;
    const read = readMoves(given);
    return read.ok && read.value.length > 0 ? given : null;
  }

  private taken: string | undefined;

  private whyNone({ message }: Error): string {
    const { stage } = this.settings();
    if (stage !== null && !this.stages().includes(stage)) {
      return SAY.theMethodChosenHasNo({ stage: this.titleOf()(stage) });
    }
    return SAY.thereIsNoScramble({ message });
  }

  protected async connectTable(): Promise<void> {
    await this.run.connectTable();
    this.face().attend();
  }

  protected async connectCube(): Promise<void> {
    await this.run.connectCube();
    this.face().attend();
  }

  protected keepRecord(): void {
    const record = this.run.record(this.settings().cube);
    if (record) void this.record.keep(record);
  }

  protected tell(change: ChangeEntry): void {
    void this.record.change(change);
    if (change.cube !== undefined) this.set({ cube: change.cube });
  }

  protected async discard(): Promise<void> {
    if (await this.record.discard()) this.next();
  }

  protected set(change: Partial<TimingSettings>): void {
    this.settings.update((settings) => ({ ...settings, ...change }));
    keptSettings.keep(this.settings());
    this.run.look.set(this.settings().look > 0);
    if ('stage' in change) this.next();
  }

  protected chooseMethod(method: MethodChosen): void {
    this.store.dispatch(SettingsPage.settingChanged({ change: { method: copied(method) } }));
  }

  protected turned(turn: Turn): void {
    this.simulated.turn(turn, performance.now());
  }
}

/** A stand-in for a device is pressed with the same hands as the keyboard. */
const isOnDevice = (): boolean => (document.activeElement?.closest('.devices') ?? null) !== null;
