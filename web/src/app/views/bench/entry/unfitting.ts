import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import { SAY } from './words';

/** What does not fit in a painted cube, and how each is mended. */
@Component({
  selector: 'sc-unfitting',
  template: `
    <h2>{{ say.somethingDoesNotFitYet }}</h2>
    <ul>
      @for (problem of problems(); track $index) {
        <li>
          {{ problem.says }} <span class="repair">{{ problem.repair }}</span>
        </li>
      }
    </ul>
  `,
  styles: `
    h2 {
      font-size: var(--type-body);
    }
    ul {
      margin: 4px 0 0;
      padding-left: 18px;
    }
    li + li {
      margin-top: 6px;
    }
    .repair {
      font-weight: 700;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Unfitting {
  protected readonly say = SAY;
  readonly problems = input.required<readonly { says: string; repair: string }[]>();
}
