import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { type Distribution, meanOf, quantileOf } from '@sleetcrest/core/engine/run';
import { SAY } from './words';

/** One method of the picture. */
export interface RidgeOf {
  name: string;
  /** How likely each count of turns is; null while it is being counted. */
  turns: Distribution | null;
  /** Whether the method does not go through the stage that is looked at. */
  missing: boolean;
  /** Sequences and cases to know by heart. */
  sequences: number;
  cases: number;
}

/** What one cube in ten thousand needs is left out of the picture; the table tells the worst. */
const RARE = 1e-4;
const [WIDTH, HEIGHT] = [1000, 100];

/** Each method's turns as a ridge, all on one scale, with what has to be learned for what it saves. */
@Component({
  selector: 'sc-method-ridges',
  template: `
    <ol>
      @for (row of rows(); track $index) {
        <li>
          <h3>{{ row.name }}</h3>
          <div class="ridge">
            @if (row.path) {
              <svg
                viewBox="0 0 1000 100"
                preserveAspectRatio="none"
                role="img"
                [attr.aria-label]="row.says"
              >
                <title>{{ row.says }}</title>
                <path class="body" [class.first]="$first" [attr.d]="row.path" />
                <line class="mean" [attr.x1]="row.mean" [attr.x2]="row.mean" y1="0" y2="100" />
              </svg>
            } @else {
              <p class="quiet">
                {{ row.missing ? say.itHasNoSuchStage : say.itsTurnsAreBeingCounted }}
              </p>
            }
          </div>
          <p class="figures">
            <b>{{ row.turnsSaid }}</b>
            <span [class.saves]="row.saves">{{ row.savesSaid }}</span>
          </p>
          <p class="figures">
            <b>{{ row.learnSaid }}</b>
            <span>{{ row.casesSaid }}</span>
          </p>
        </li>
      }
    </ol>
    <div class="axis" aria-hidden="true">
      @for (tick of ticks(); track tick.turns) {
        <span [style.left.%]="tick.at">{{ tick.turns }}</span>
      }
    </div>
  `,
  styleUrl: './method-ridges.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class MethodRidges {
  protected readonly say = SAY;
  readonly methods = input.required<readonly RidgeOf[]>();

  /** The turns at both ends of the scale, and the largest share of all. */
  private readonly scale = computed(() => {
    const known = this.methods().flatMap(({ turns }) => turns ?? []);
    if (known.length === 0) return { from: 0, to: 1, most: 1 };
    const all = this.methods().flatMap(({ turns }) => (turns ? [turns] : []));
    return {
      from: Math.floor(Math.min(...all.map((turns) => quantileOf(turns, RARE))) / 10) * 10,
      to: Math.ceil((Math.max(...all.map((turns) => quantileOf(turns, 1 - RARE))) + 1) / 10) * 10,
      most: Math.max(...all.flat()),
    };
  });
  protected readonly ticks = computed(() => {
    const { from, to } = this.scale();
    if (to - from < 2) return [];
    const step = [1, 2, 5, 10, 20, 30, 50, 100].find((one) => (to - from) / one <= 9) ?? 200;
    const first = Math.ceil(from / step) * step;
    return Array.from({ length: Math.floor((to - first) / step) + 1 }, (_, k) => ({
      turns: first + k * step,
      at: ((first + k * step - from) / (to - from)) * 100,
    }));
  });
  protected readonly rows = computed(() => {
    const [base] = this.methods();
    return this.methods().map((one, k) => {
      const mean = one.turns ? meanOf(one.turns) : null;
      const saves = k > 0 && mean !== null && base?.turns ? meanOf(base.turns) - mean : null;
      const more = base ? one.sequences - base.sequences : 0;
      return {
        name: one.name,
        missing: one.missing,
        path: one.turns ? this.pathOf(one.turns) : '',
        mean: mean === null ? 0 : this.x(mean),
        turnsSaid: one.missing
          ? '–'
          : mean === null
            ? SAY.turnsUnknown
            : SAY.turnsOnAverage({ mean: mean.toFixed(1) }),
        saves: saves !== null && saves > 0,
        savesSaid:
          k === 0
            ? SAY.onAverage
            : saves === null
              ? ''
              : SAY.savesSaid({
                  how: saves >= 0 ? 'saved' : 'more',
                  saves: Math.abs(saves).toFixed(1),
                }),
        learnSaid: SAY.learns({ sequences: one.sequences }),
        casesSaid:
          k === 0 || more === 0
            ? SAY.casesToo({ cases: one.cases })
            : more > 0
              ? SAY.learnsMore({ more })
              : SAY.learnsFewer({ fewer: -more }),
        says: one.turns ? saysOf(one.name, one.turns) : '',
      };
    });
  });

  private x(turns: number): number {
    const { from, to } = this.scale();
    return ((turns - from) / (to - from)) * WIDTH;
  }

  private pathOf(turns: Distribution): string {
    const { from, to, most } = this.scale();
    const points = Array.from({ length: to - from + 1 }, (_, k) => {
      const share = turns[from + k] ?? 0;
      return `L${this.x(from + k).toFixed(1)} ${(HEIGHT - (share / most) * (HEIGHT - 4)).toFixed(1)}`;
    });
    return `M0 ${HEIGHT}${points.join('')}L${WIDTH} ${HEIGHT}Z`;
  }
}

const saysOf = (name: string, turns: Distribution): string =>
  SAY.halfOfAllCubesNeed({
    name,
    turns: quantileOf(turns, 0.5),
    turns2: quantileOf(turns, 0.25),
    turns3: quantileOf(turns, 0.75),
  });
