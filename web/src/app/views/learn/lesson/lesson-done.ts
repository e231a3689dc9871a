import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  input,
  linkedSignal,
  output,
} from '@angular/core';
import { MatButton } from '@angular/material/button';
import { type Hold, paintedFromCube, stickersSeen } from '@sleetcrest/core';
import { led } from '@sleetcrest/core/learner/exercises';
import type { Shown } from '../../../subjects/practice/work';
import { SayingView } from '../../../subjects/settings/parts/saying';
import { Rest } from '../../../subjects/walk';
import { Crown } from '../../../ui/crown/crown';
import { CubeView } from '../../../ui/cube/cube-view';
import { Turning, type Turned } from '../cards/turning';
import { Learning, type Answered } from '../learning';
import { TurnsDone } from '../turns-done';
import { movesOf, shownAfter } from './shown-case';
import { SAY } from './words';

/** A case done by the hands: with its tiles in sight, or alone from the picture. */
@Component({
  selector: 'sc-lesson-done',
  imports: [Crown, CubeView, TurnsDone, MatButton, SayingView, Turning],
  template: `
    <div class="lesson">
      <div class="seen">
        @if (alone()) {
          <sc-crown
            [label]="say.theCubeAsItIs"
            [stickers]="picture()"
            [letters]="learning.reader().letters"
          />
        } @else {
          <sc-cube-view
            [cube]="now().cube"
            [hold]="now().hold"
            [scheme]="learning.scheme()"
            [swatches]="learning.reader().swatches"
            [letters]="learning.reader().letters"
          />
        }
      </div>
      <section>
        @if (alone()) {
          <p>
            {{ say.theCubeIsAlreadyHeld }}
          </p>
          <p class="quiet">{{ say.ofTurnsDone({ done: state().done, moves: moves().length }) }}</p>
        } @else {
          <p>{{ say.turnByTurnDoThe }}</p>
          <sc-turns-done [moves]="moves()" [done]="state().done" />
          @if (sequence(); as sequence) {
            <sc-saying [sequence]="sequence" [method]="learning.method()" />
          }
        }
        <p class="note" role="status">
          @if (state().isWrong) {
            {{ say.notThatTurnLookAt }}
          }
        </p>
        @if (state().seconds !== null) {
          <p class="good">{{ alone() ? say.doneAloneYouKnowIt : say.done }}</p>
          <p class="go">
            <button matButton (click)="another.emit()">{{ say.onceMoreAnotherCube }}</button>
            <button matButton="filled" (click)="onward.emit()">
              {{ alone() ? say.nowAmongOthers : say.nowAlone }}
            </button>
          </p>
        } @else {
          <sc-turning [hold]="hold" [follows]="say.thisPageFollows" (turned)="turned($event)" />
        }
      </section>
    </div>
  `,
  styleUrls: ['../page.scss', './lesson.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LessonDone {
  protected readonly say = SAY;
  readonly shown = input.required<Shown>();
  readonly alone = input.required<boolean>();
  readonly sequence = input.required<string>();
  readonly another = output();
  readonly onward = output();
  /** How it went, once it is done. */
  readonly finished = output<Answered>();

  protected readonly learning = inject(Learning);
  private readonly rest = inject(Rest);
  protected readonly moves = computed(() => movesOf(this.shown()));
  /** Begins anew with each cube that is shown. */
  protected readonly state = linkedSignal(() => led.begun(this.moves(), performance.now()));
  protected readonly now = computed(() => shownAfter(this.shown(), this.state().done));
  protected readonly hold = computed((): Hold => this.now().hold);
  protected readonly picture = computed(() =>
    stickersSeen(paintedFromCube(this.now().cube), this.learning.scheme(), this.now().hold),
  );

  /** A turn told by the hands, in the hold of the moment. */
  protected turned({ turn, at, by }: Turned): void {
    const before = this.state();
    if (before.seconds !== null) return;
    this.rest.worked(Date.now());
    const state = led.turned(before, turn, at);
    this.state.set(state);
    const { seconds, slips, moves } = state;
    if (seconds === null) return;
    this.finished.emit({ right: slips === 0, seconds, answer: '', turns: moves.length, by });
  }
}
