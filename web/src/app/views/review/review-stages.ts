import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { type ColourScheme, stageWords } from '@sleetcrest/core';
import { caseTitle, approachTitle } from '@sleetcrest/core/teaching/approaches';
import type { Answered, Review, ReviewedStage } from '@sleetcrest/core/insight/review';
import { CaseName } from '../../subjects/method/parts/case-name';
import type { Whose } from '../../subjects/method/work';
import { SAY } from './words';

/** How a case was answered, in words and as a mark that needs no colour. */
const ANSWERED: Record<Answered, { mark: string; says: string }> = {
  'as-taught': { mark: '', says: 'taught' },
  otherwise: { mark: '≈', says: 'otherwise' },
  own: { mark: '?', says: 'own' },
};

/** The stages of a reviewed solve: what was done, beside the chosen method and the shortest. */
@Component({
  selector: 'sc-review-stages',
  imports: [CaseName],
  template: `
    <table>
      <thead>
        <tr>
          <th scope="col">{{ say.stageAndHowItWas }}</th>
          <th scope="col" class="number">{{ say.turns }}</th>
          <th scope="col" class="number">{{ methodName() }}</th>
          <th scope="col" class="number">{{ say.shortest }}</th>
        </tr>
      </thead>
      <tbody>
        @for (row of rows(); track row.stage.stage) {
          <tr [class.here]="position() >= row.stage.from && position() < row.stage.to">
            <th scope="row">
              <b>{{ row.title }}</b>
              <span class="quieter">{{ row.how }}</span>
              <div class="looks">
                @for (look of row.looks; track look.from) {
                  <button
                    type="button"
                    [class]="look.answered"
                    [class.now]="position() >= look.from && position() < look.to"
                    [title]="look.says"
                    [attr.aria-label]="look.says"
                    (click)="chosen.emit(look.from)"
                  >
                    @if (look.mark) {
                      <span aria-hidden="true">{{ look.mark }}</span>
                    }
                    @if (look.case; as id) {
                      <sc-case-name [case]="id" [whose]="whose()" />
                    } @else {
                      {{ look.title }}
                    }
                    <span class="mono">{{ look.turnCount }}</span>
                  </button>
                }
              </div>
            </th>
            <td class="number mono">{{ row.stage.turnCount }}</td>
            <td class="number mono">{{ row.stage.method?.turnCount ?? '–' }}</td>
            <td class="number mono">
              {{ row.stage.shortest?.turnCount ?? '–' }}
              @if (row.stage.shortest?.exact) {
                <span class="quieter exact" [title]="say.noFewerTurnsArePossible">{{
                  say.exact
                }}</span>
              }
            </td>
          </tr>
        }
        @if (review().lastLayer; as last) {
          <tr class="whole">
            <th scope="row">
              <b>{{ say.theLastLayerInAll }}</b>
            </th>
            <td class="number mono">{{ last.turnCount }}</td>
            <td class="number mono">{{ last.method?.turnCount ?? '–' }}</td>
            <td class="number mono">
              {{ last.shortest.turnCount }}
              <span class="quieter exact">{{
                last.shortest.exact ? say.exact : say.bestKnown
              }}</span>
            </td>
          </tr>
        }
      </tbody>
    </table>
    <p class="quieter key">{{ say.doneWithOtherTurnsThan }}</p>
  `,
  styles: `
    table {
      width: 100%;
      border-collapse: collapse;
      background: var(--surface);
      border-radius: var(--radius);
    }
    thead th {
      padding: 6px 12px;
      color: var(--quiet);
      font-size: var(--type-small);
      font-weight: 400;
      text-align: left;
    }
    tbody th,
    td {
      padding: 5px 12px;
      border-top: 1px solid var(--line);
      font-weight: 400;
      text-align: left;
      vertical-align: top;
    }
    .number,
    thead .number {
      text-align: right;
    }
    .here > th {
      box-shadow: inset 4px 0 0 var(--accent);
    }
    b + .quieter {
      margin-left: 10px;
    }
    .exact {
      display: block;
      font-family: 'Atkinson Hyperlegible Next', sans-serif;
      font-size: var(--type-caption);
    }
    .looks {
      display: flex;
      flex-wrap: wrap;
      gap: 4px;
      margin-top: 3px;
    }
    button {
      display: inline-flex;
      gap: 6px;
      align-items: center;
      min-height: 24px;
      padding: 1px 8px;
      border: 1px solid var(--line);
      border-radius: 8px;
      background: var(--ground);
      color: var(--text);
      font: inherit;
      font-size: var(--type-caption);
      text-align: left;
      cursor: pointer;
    }
    .otherwise {
      background: var(--accent-soft);
    }
    .own {
      border-style: dashed;
    }
    .now {
      border-color: var(--accent);
      box-shadow: 0 0 0 1px var(--accent);
    }
    .whole th,
    .whole td {
      border-top: 2px solid var(--line-strong);
    }
    .key {
      margin-top: 6px;
    }
    @media print {
      tbody th,
      td {
        padding: 2px 8px;
      }
      .looks {
        gap: 0 8px;
        margin-top: 0;
      }
      sc-case-name {
        --case-picture: 8pt;
      }
      button {
        min-height: 0;
        padding: 0;
        border: 0;
        box-shadow: none;
        font-size: 8pt;
      }
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ReviewStages {
  protected readonly say = SAY;
  /** In whose colours the cases are shown. */
  readonly whose = input.required<Whose>();
  readonly review = input.required<Review>();
  readonly scheme = input.required<ColourScheme>();
  /** The short title of the method it was compared with. */
  readonly methodName = input.required<string>();
  readonly position = input.required<number>();
  /** The position in the solve that is to be looked at. */
  readonly chosen = output<number>();

  protected readonly rows = computed(() =>
    this.review().stages.map((stage) => ({
      stage,
      title: stageWords(stage.stage, this.review().first, this.scheme()).title,
      how: howDone(stage),
      looks: stage.looks.map((look) => {
        const title = this.titled(look.title);
        const { mark, says } = ANSWERED[look.answered];
        const taught = look.taught !== look.turnCount ? (look.taught ?? 0) : 0;
        return {
          ...look,
          title,
          mark,
          says: SAY.look({ title, turnCount: look.turnCount, answered: says, taught }),
        };
      }),
    })),
  );

  private titled(title: string | null): string {
    const { first } = this.review();
    return title === null ? SAY.unrecognisedTurns : caseTitle({ title }, first, this.scheme());
  }
}

/** A fit so low is no recognising. */
const RECOGNISED = 0.35;

function howDone({ reached, from, to, fit, approach }: ReviewedStage): string {
  if (from === to) return SAY.doneAlready;
  const how = fit < RECOGNISED ? SAY.byAWayNotKnown : approachTitle(approach);
  return reached ? how : SAY.notFinished({ how });
}
