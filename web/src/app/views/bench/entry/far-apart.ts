import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Store } from '@ngrx/store';
import {
  type Inspection,
  methodOf,
  METHODS,
  progressOf,
  sideOfColour,
  type Stage,
  shortTitle,
  stageWords,
  methodTitle,
} from '@sleetcrest/core';
import { readerFeature } from '../../../subjects/settings';
import { Solver } from '../../../subjects/walk/work';
import { reading } from '../../../base/reading/reading';
import { Trouble } from '../../../ui/trouble';
import { entryFeature } from '../../../subjects/cube';
import { SAY } from './words';

interface Far {
  title: string;
  says: string;
}

/** How far a cube is by the method chosen and by the others, and the commonest false first layer. */
@Component({
  selector: 'sc-far-apart',
  imports: [Trouble],
  template: `
    @if (inspection().firstLayer === 'face-only') {
      <p class="careful">
        <b>{{ say.oneSideIsAllBut({ first: first() }) }}</b> {{ say.theStickersRoundItDo }}
      </p>
    }
    <sc-trouble [of]="trouble()" [again]="say.tryAgain" (asked)="methods.again()" />
    @if (own(); as far) {
      <p>
        {{ far.says }}
      </p>
    }
    @if (others().length > 0) {
      <details>
        <summary>{{ say.inOtherMethods }}</summary>
        <ul>
          @for (far of others(); track far.title) {
            <li>{{ far.says }}</li>
          }
        </ul>
      </details>
    }
  `,
  styles: `
    @use 'blocks';

    p,
    details {
      margin-top: 6px;
    }
    .careful {
      @include blocks.set-off($loud: true);
    }
    ul {
      margin: 4px 0 0;
      padding-left: 18px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FarApart {
  protected readonly say = SAY;
  readonly inspection = input.required<Inspection>();

  private readonly store = inject(Store);
  private readonly solver = inject(Solver);
  private readonly scheme = this.store.selectSignal(entryFeature.selectScheme);
  protected readonly first = this.store.selectSignal(readerFeature.selectFirstColour);
  /** Each method with its stages, the one chosen first. */
  protected readonly methods = reading(
    this.store.selectSignal(readerFeature.selectMethod),
    async (chosen) => {
      const own = methodOf(chosen);
      const all = [...(own ? [own] : []), ...METHODS.filter(({ id }) => id !== own?.id)];
      return Promise.all(
        all.map(async (method) => ({ method, stages: await this.solver.stages(method) })),
      );
    },
  );
  /** Why nothing can be said of how far the cube is. */
  protected readonly trouble = this.methods.trouble;

  private readonly far = computed((): Far[] => {
    const side = sideOfColour(this.scheme(), this.first());
    const named = (stage: Stage): string => stageWords(stage, side, this.scheme()).title;
    return (this.methods.value() ?? []).map(({ method, stages }) => {
      const { done, next } = progressOf(stages, this.inspection().reached);
      const says = next
        ? SAY.nextInTheMethod({ method: shortTitle(method), next: named(next) })
        : SAY.allDoneToo({ method: shortTitle(method), done: named(done!) });
      return { title: methodTitle(method), says };
    });
  });
  protected readonly own = computed(() => this.far()[0] ?? null);
  protected readonly others = computed(() => this.far().slice(1));
}
