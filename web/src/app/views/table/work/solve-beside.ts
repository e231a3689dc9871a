import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { MatIconButton } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import { MatProgressBar } from '@angular/material/progress-bar';
import {
  type Colour,
  DEFAULT_METHOD,
  methodById,
  paintedFromCube,
  type Side,
  sideOfColour,
  stageWords,
  STANDARD_SCHEME,
  stickersSeen,
} from '@sleetcrest/core';
import type { LogEntry } from '@sleetcrest/core/learner/log';
import type { Place, Work } from '@sleetcrest/contract/table';
import { Reviewer } from '../../../subjects/log/work';
import { Crown } from '../../../ui/crown/crown';
import { clockText } from '../../../base/words/clock-text';
import { reading } from '../../../base/reading/reading';
import { Trouble } from '../../../ui/trouble';
import { atPosition } from '@sleetcrest/core/insight/review';
import { daySaid } from '../../../base/words/days';
import { SAY } from './words';

/** A solve that was handed in: its turns with the cube at each, its stages, and where words were written. */
@Component({
  selector: 'sc-solve-beside',
  imports: [Crown, MatIcon, MatIconButton, MatProgressBar, Trouble],
  template: `
    <p class="quieter">{{ summary() }}</p>
    @if (entry().turns === '') {
      <table>
        <caption class="quieter">
          {{
            say.itsTurnsWereNotRecorded
          }}
        </caption>
        @for (split of entry().splits; track split.stage) {
          <tr>
            <th scope="row">
              <button class="place" (click)="looked.emit({ turn: null, stage: split.stage })">
                {{ title(split.stage) }}
              </button>
            </th>
            <td>{{ clock(split.time) }}</td>
            <td>{{ split.turns === null ? '' : say.turns({ turns: split.turns }) }}</td>
          </tr>
        }
      </table>
    } @else {
      <sc-trouble [of]="taken.trouble()" />
      @if (taken.isBusy()) {
        <mat-progress-bar mode="indeterminate" [aria-label]="say.workingOutTheReview" />
      }
      @if (review(); as review) {
        <div class="picture">
          <sc-crown
            [label]="say.theCubeAfterTurn({ at: at() })"
            [stickers]="picture()"
            [letters]="letters()"
          />
          <div class="step">
            <button
              matIconButton
              [attr.aria-label]="say.aTurnBack"
              [disabled]="at() === 0"
              (click)="go(-1)"
            >
              <mat-icon svgIcon="previous" />
            </button>
            <b>{{ say.afterTurnOf({ at: at(), turns: review.turns.length }) }}</b>
            <button
              matIconButton
              [attr.aria-label]="say.aTurnOn"
              [disabled]="at() === review.turns.length"
              (click)="go(1)"
            >
              <mat-icon svgIcon="next" />
            </button>
          </div>
        </div>
        @for (stage of stages(); track stage.stage) {
          <section>
            <h3>
              <button
                class="place"
                [class.here]="place().stage === stage.stage"
                (click)="looked.emit({ turn: null, stage: stage.stage })"
              >
                {{ stage.title }}
              </button>
              <span class="quieter">{{ stage.says }}</span>
            </h3>
            <div class="turns">
              @for (turn of stage.turns; track turn.number) {
                <button
                  class="turn"
                  [class.here]="turn.number === at()"
                  [class.noted]="turn.noted"
                  [attr.aria-label]="
                    say.turn({
                      number: turn.number,
                      name: turn.name,
                      noted: turn.noted ? 'yes' : 'no',
                    })
                  "
                  (click)="looked.emit({ turn: turn.number, stage: null })"
                >
                  {{ turn.name }}
                </button>
              }
            </div>
          </section>
        }
      }
    }
  `,
  styles: `
    @use 'blocks';

    :host {
      display: grid;
      gap: 8px;
      align-content: start;
    }
    p {
      margin: 0;
    }
    .picture {
      display: grid;
      justify-items: center;
    }
    sc-crown {
      width: min(260px, 100%);
    }
    .step {
      display: flex;
      gap: 8px;
      align-items: center;
    }
    h3 {
      margin: 4px 0;
      font-size: var(--type-body);
    }
    .turns {
      display: flex;
      flex-wrap: wrap;
      gap: 3px;
    }
    .turn {
      position: relative;
      min-width: 34px;
      padding: 4px 3px;
      border: 1px solid var(--line);
      border-radius: 6px;
      background: var(--surface);
      color: var(--text);
      font-family: var(--mono);
      font-size: var(--type-note);
      cursor: pointer;
    }
    .noted {
      border-bottom: 4px solid var(--accent);
    }
    .here {
      @include blocks.chosen;
    }
    .place {
      padding: 0 6px;
      border: 1px solid transparent;
      border-radius: 6px;
      background: none;
      color: var(--text);
      font: inherit;
      font-weight: 700;
      text-decoration: underline;
      text-decoration-color: var(--line-strong);
      cursor: pointer;
    }
    table {
      border-spacing: 12px 4px;
      text-align: left;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SolveBeside {
  protected readonly say = SAY;
  readonly entry = input.required<LogEntry>();
  readonly notes = input.required<Work['notes']>();
  readonly letters = input(false);
  /** The colour of the first layer in the group it was handed in to. */
  readonly firstColour = input.required<Colour>();
  /** Where it is looked at. */
  readonly place = input.required<Place>();
  readonly looked = output<Place>();

  private readonly reviewer = inject(Reviewer);
  protected readonly clock = clockText;
  /** By what was turned: the turns of one solve are never shown with another's scramble. */
  protected readonly taken = reading(
    () => {
      const { scramble, turns, method } = this.entry();
      return turns === ''
        ? undefined
        : JSON.stringify([method, this.firstColour(), scramble, turns]);
    },
    async () => {
      const { scramble, turns, method } = this.entry();
      const reviewed = await this.reviewer.review({
        scramble,
        turns,
        firstColour: this.firstColour(),
        scheme: [...STANDARD_SCHEME],
        method: methodById(method) ?? DEFAULT_METHOD,
      });
      if (!reviewed.ok) throw new Error(reviewed.error);
      return reviewed.value;
    },
    { whenAnother: 'drop' },
  );
  protected readonly review = this.taken.value;
  protected readonly at = computed(() => this.place().turn ?? 0);
  private readonly first = computed(
    (): Side => this.review()?.first ?? sideOfColour(STANDARD_SCHEME, this.firstColour()),
  );
  protected readonly title = (stage: LogEntry['splits'][number]['stage']): string =>
    stageWords(stage, this.first(), STANDARD_SCHEME).title;

  protected readonly summary = computed(() => {
    const { kind, stage, time, turns, beganAt } = this.entry();
    const what = kind === 'stage' && stage ? this.title(stage) : SAY.aSolve;
    const review = this.review();
    return SAY.summary({
      what,
      timed: time === null ? 'no' : 'yes',
      time: clockText(time ?? 0),
      known: review && turns !== '' ? 'yes' : 'no',
      turns: review?.turnCount ?? 0,
      beganAt: daySaid(beganAt),
    });
  });

  protected readonly stages = computed(() => {
    const review = this.review();
    if (!review) return [];
    const noted = new Set(this.notes().map(({ place }) => place.turn));
    return review.stages.map((one) => {
      const wasted = review.wastes
        .filter(({ from }) => from >= one.from && from < one.to)
        .reduce((sum, { turns }) => sum + turns, 0);
      return {
        stage: one.stage,
        title: this.title(one.stage),
        says: SAY.stageTurns({
          turns: one.turnCount,
          wasted,
          known: one.shortest ? 'yes' : 'no',
          enough: one.shortest?.turnCount ?? 0,
        }),
        turns: review.turns.slice(one.from, one.to).map((name, k) => {
          const number = one.from + k + 1;
          return { name, number, noted: noted.has(number) };
        }),
      };
    });
  });

  protected readonly picture = computed(() => {
    const { cube, hold } = atPosition(this.entry().scramble, this.review() ?? null, this.at());
    return stickersSeen(paintedFromCube(cube), STANDARD_SCHEME, hold);
  });

  protected go(by: number): void {
    const turn = Math.max(0, this.at() + by);
    this.looked.emit({ turn: turn === 0 ? null : turn, stage: null });
  }
}
