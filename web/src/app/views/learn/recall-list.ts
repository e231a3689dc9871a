import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { CaseName } from '../../subjects/method/parts/case-name';
import type { LearnCase } from './learning';
import { SAY } from './words';

type Asked = Pick<LearnCase, 'case' | 'see' | 'turn'>;

/** Those of the cases that were ever asked, the least likely remembered first. */
export function leastLikelyFirst<T extends Pick<Asked, 'see' | 'turn'>>(cases: readonly T[]): T[] {
  const least = ({ see, turn }: T): number => Math.min(see ?? 1, turn ?? 1);
  return cases
    .filter(({ see, turn }) => see !== null || turn !== null)
    .sort((a, b) => least(a) - least(b));
}

/** How likely each case is recognised and turned today, each by its picture. */
@Component({
  selector: 'sc-recall-list',
  imports: [CaseName],
  template: `
    <h2>{{ say.howLikelyYouRememberIt }}</h2>
    @if (rows().length > 0) {
      <p class="keys" aria-hidden="true">
        <span class="key"><i class="see"></i>{{ say.recogniseIt }}</span>
        <span class="key"><i class="turn"></i>{{ say.turnIt }}</span>
      </p>
      <ol [attr.aria-label]="say.howLikelyEachCaseIs" tabindex="0">
        @for (row of rows(); track row.case) {
          <li>
            <sc-case-name [case]="row.case" />
            <span class="bars" role="img" [attr.aria-label]="row.says">
              @for (bar of row.bars; track $index) {
                <span class="bar">
                  <i [class]="bar.of" [style.width.%]="(bar.share ?? 0) * 70"></i>
                  <small>{{ bar.text }}</small>
                </span>
              }
            </span>
          </li>
        }
      </ol>
    } @else {
      <p class="quiet">{{ say.nothingPractisedYetYour }}</p>
    }
  `,
  styleUrl: './recall-list.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RecallList {
  protected readonly say = SAY;
  readonly cases = input.required<readonly Asked[]>();

  protected readonly rows = computed(() =>
    leastLikelyFirst(this.cases()).map((one) => {
      const [see, turn] = [said(one.see), said(one.turn)];
      return {
        case: one.case,
        says: SAY.recall({ see, turn }),
        bars: [
          { of: 'see', share: one.see, text: see },
          { of: 'turn', share: one.turn, text: turn },
        ],
      };
    }),
  );
}

const said = (share: number | null): string =>
  share === null ? SAY.neverAsked : SAY.shareOf({ percent: Math.round(share * 100) });
