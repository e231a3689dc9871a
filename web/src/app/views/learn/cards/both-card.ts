import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { MatButton } from '@angular/material/button';
import {
  type Cube,
  FRONT,
  HOME_HOLD,
  paintedFromCube,
  readMoves,
  sideInHold,
  solvedCube,
  stickersSeen,
  UP,
  writeMoves,
} from '@sleetcrest/core';
import { both, type Done } from '@sleetcrest/core/learner/exercises';
import { SimulatedCube } from '../../../devices/cube/simulated-cube';
import { DevicePanel } from '../../../devices/cube/device-panel';
import { Crown } from '../../../ui/crown/crown';
import { Learning, type Answered } from '../learning';
import type { SetUpShown } from '../../../subjects/practice/work';
import { OwnCube, type Told } from './own-cube';
import { anew } from '../../../base/state/anew';
import { CaseName } from '../../../subjects/method/parts/case-name';
import { SAY } from './words';
import { Sentence, SentenceSlot } from '../../../ui/sentence/sentence';

/** A case on a cube in hand: set up, recognised and done. */
@Component({
  selector: 'sc-both-card',
  imports: [Sentence, SentenceSlot, CaseName, Crown, DevicePanel, MatButton, OwnCube],
  template: `
    <div class="card" [class.alone]="telling()">
      @if (!telling() && state(); as now) {
        <sc-crown
          [label]="now.phase === 'ended' ? say.howItShouldLookNow : say.theCubeAsItIs"
          [stickers]="picture()"
          [letters]="learning.reader().letters"
        />
      }
      <section class="drill">
        <h2>{{ say.seeItAndDoIt }}</h2>
        @switch (state().phase) {
          @case ('setting-up') {
            <p>
              {{ say.fromASolvedCubeUp({ homeUp: colour(homeUp), homeFront: colour(homeFront) }) }}
            </p>
            <p class="mono set-up">{{ setUpText() }}</p>
            <p>{{ say.thenHoldItWithIt({ held: held() }) }}</p>
            @if (!connected()) {
              <p>
                <button matButton="filled" (click)="ready($event.timeStamp)">
                  {{ say.itLooksLikeThatGo }}
                </button>
                <button matButton (click)="connect()">{{ say.connectTheSimulatedCube }}</button>
              </p>
            }
          }
          @case ('ended') {
            @if (state().right) {
              <p class="good">{{ say.doneInSeconds({ seconds: state().seconds.toFixed(2) }) }}</p>
            } @else {
              <p class="bad">
                <sc-sentence [of]="say.notThisTimeItIs">
                  <sc-case-name *scSlot="'case'" [case]="case()" />
                </sc-sentence>
              </p>
            }
          }
          @default {
            @if (comparing() === null) {
              <p>{{ say.whichCaseIsItDo({ held: held() }) }}</p>
            }
            @if (!connected()) {
              @if (comparing() === null) {
                <p>
                  <button matButton="filled" (click)="compare($event.timeStamp)">
                    {{ say.iAmDone }}
                  </button>
                  <button matButton (click)="give(false, $event.timeStamp)">
                    {{ say.iDoNotKnowIt }}
                  </button>
                </p>
              } @else if (telling()) {
                <sc-own-cube [done]="done()" [held]="held()" (told)="told($event)" />
                <p>
                  <button matButton (click)="pictures.set(true)">{{ say.comparePictures }}</button>
                </p>
              } @else {
                @if (endPictures().length > 1) {
                  <p>{{ say.anyOfTheseIsRight }}</p>
                }
                @for (end of endPictures(); track $index) {
                  <sc-crown
                    class="small"
                    [label]="say.howItShouldLookNow"
                    [stickers]="end"
                    [letters]="learning.reader().letters"
                  />
                }
                <p>
                  <button matButton="filled" (click)="give(true, comparing()!)">
                    {{ say.mineLooksLikeThat }}
                  </button>
                  <button matButton (click)="pictures.set(false)">{{ say.tellItByAFew }}</button>
                </p>
              }
            }
          }
        }
        @if (connected() && state().phase !== 'ended') {
          @if (state().phase !== 'setting-up') {
            <p>
              <button matButton (click)="give(false, now())">{{ say.iDoNotKnowIt }}</button>
            </p>
          }
          <sc-device-panel
            [scheme]="learning.scheme()"
            [hold]="shown().hold"
            [dialect]="learning.reader().dialect"
            [follows]="say.thisPageFollows"
            (turned)="device.turn($event, now())"
            (disconnected)="disconnect()"
          />
        }
      </section>
    </div>
  `,
  styleUrl: './cards.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BothCard {
  protected readonly say = SAY;
  readonly case = input.required<string>();
  /** The cube it waits on, the turns there from solved, and how it is done. */
  readonly shown = input.required<SetUpShown>();
  readonly answered = output<Answered>();

  protected readonly learning = inject(Learning);
  protected readonly device = inject(SimulatedCube);
  protected readonly connected = this.device.isConnected;
  protected readonly state = anew(this.shown, ({ cube, ends, hold }): both.BothState => {
    const from = this.connected() ? cube : solvedCube();
    const state = both.settingUp(from, cube, ends, hold);
    // A connected cube is set up by itself: it is no real one, and stands as it is told.
    return this.connected() ? both.ready(state, performance.now()) : state;
  });
  /** When one said to be done; null before. */
  protected readonly comparing = anew(this.shown, (): number | null => null);
  /** Whether one rather compares with pictures than tells a few stickers. */
  protected readonly pictures = anew(this.shown, () => false);
  protected readonly done = computed((): Done => ({ ...this.shown(), case: this.case() }));
  protected readonly telling = computed(
    () => this.comparing() !== null && !this.pictures() && this.state().phase !== 'ended',
  );
  protected readonly homeUp = UP;
  protected readonly homeFront = FRONT;

  protected readonly setUpText = computed(() => {
    const read = readMoves(this.shown().turns);
    return read.ok ? writeMoves(read.value, this.learning.reader().dialect) : '';
  });
  protected readonly held = computed(() => {
    const colour = (face: typeof UP): string =>
      this.learning.scheme()[sideInHold(this.shown().hold, face)]!;
    return SAY.upAndInFront({ up: colour(UP), front: colour(FRONT) });
  });
  private readonly seen = (cube: Cube): ReturnType<typeof stickersSeen> =>
    stickersSeen(paintedFromCube(cube), this.learning.scheme(), this.shown().hold);
  /** How it may look in the end; different ways often come to the same. */
  protected readonly endPictures = computed(() => {
    const pictures = this.shown().ends.map((end) => this.seen(end));
    return [...new Map(pictures.map((one) => [one.join(), one])).values()];
  });
  protected readonly picture = computed(() => {
    const state = this.state();
    if (state.phase === 'setting-up') return this.seen(this.shown().cube);
    if (state.phase === 'ended') return this.endPictures()[0]!;
    return this.seen(this.connected() ? state.cube : this.shown().cube);
  });

  constructor() {
    this.device.turns.pipe(takeUntilDestroyed()).subscribe(({ turn, at }) => {
      const before = this.state();
      if (before.phase === 'ended') return;
      this.took(both.cubeTurned(before, turn, at), 'cube');
    });
  }

  protected colour(face: typeof UP): string {
    return this.learning.scheme()[sideInHold(HOME_HOLD, face)]!;
  }

  protected now(): number {
    return performance.now();
  }

  protected async connect(): Promise<void> {
    await this.device.connect();
    this.ready(performance.now());
  }

  protected disconnect(): void {
    this.device.disconnect();
  }

  protected ready(at: number): void {
    this.state.update((state) => both.ready(state, at));
  }

  protected compare(at: number): void {
    this.comparing.set(at);
  }

  /** It was told by a few stickers. */
  protected told({ right, instead }: Told): void {
    this.give(right, this.comparing()!, instead);
  }

  protected give(right: boolean, at: number, answer = ''): void {
    this.took(both.saidDone(this.state(), right, at), 'touch', answer);
  }

  private took(state: both.BothState, by: Answered['by'], answer = ''): void {
    const ended = state.phase === 'ended' && this.state().phase !== 'ended';
    this.state.set(state);
    if (!ended) return;
    const { right, seconds } = state;
    this.answered.emit({ right, seconds, answer, turns: this.turns(), by });
  }

  /** The turns of the case: told by who shows it, so that a long one is not slow. */
  readonly turns = input(0);
}
