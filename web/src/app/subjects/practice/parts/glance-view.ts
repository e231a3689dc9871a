import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  input,
  linkedSignal,
  signal,
} from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatProgressBar } from '@angular/material/progress-bar';
import { Store } from '@ngrx/store';
import { type Colour, type Hold, sideInHold, SIDES } from '@sleetcrest/core';
import { stickerCalled } from '@sleetcrest/core/engine/run';
import {
  casesIn,
  colourOfRole,
  type GlanceNode,
  likelyWay,
  lookPlace,
  seenWords,
  type Sight,
} from '@sleetcrest/core/insight/glance';
import { pictureHold } from '@sleetcrest/core/shown/cases';
import { type Approach, caseTitle } from '@sleetcrest/core/teaching/approaches';
import { LearningWork } from '../work/learning-work';
import { entryFeature } from '../../cube';
import { readerFeature } from '../../settings';
import { selectFirstSide } from '../../method';
import { reading } from '../../../base/reading/reading';
import { Segments } from '../../../ui/fields/segments';
import { Crown } from '../../../ui/crown/crown';
import { Trouble } from '../../../ui/trouble';
import { CaseName } from '../../method/parts/case-name';
import { capitalised } from '../../../base/words/say';
import { SAY } from './words';
import { Sentence, SentenceSlot } from '../../../ui/sentence/sentence';

const SIGHTS: readonly { value: Sight; name: string }[] = [
  { value: 'ahead', name: SAY.topFrontAndRight },
  { value: 'around', name: SAY.alsoBackLeftAndBelow },
];
/** Which way the whole cube is turned first, by its quarter turns. */
const TURNED = ['no', 'left', 'half', 'right'] as const;

/** Look here first: the fewest stickers that decide the case, as 1, 2, 3 on the picture. */
@Component({
  selector: 'sc-glance',
  imports: [Sentence, SentenceSlot, CaseName, Crown, MatButton, MatProgressBar, Segments, Trouble],
  template: `
    <sc-segments
      [label]="say.whatMayBeLookedAt"
      [options]="sights"
      [value]="sight()"
      (chosen)="sight.set($event)"
    />
    @if (trouble(); as sentence) {
      <sc-trouble [of]="sentence" [again]="say.tryAgain" (asked)="again()" />
    } @else if (plan(); as known) {
      <p class="quiet">{{ figures() }}</p>
      <div class="plan">
        <sc-crown
          [label]="say.whatToLookAtIn"
          [stickers]="stickers()"
          [numbers]="numbers()"
          [letters]="letters()"
        />
        <ol aria-live="polite">
          @for (one of steps(); track $index) {
            <li>
              <sc-sentence
                [of]="say.looked"
                [with]="{ place: one.place, again: one.again ? 'yes' : 'no' }"
              >
                <b *scSlot="'seen'">{{ one.seen }}</b>
              </sc-sentence>
              <span class="quiet">&ngsp;{{ say.leaves({ leaves: one.leaves }) }}</span>
              <button matButton (click)="back($index)">{{ say.other }}</button>
            </li>
          }
          @if (next(); as asked) {
            <li>
              {{ say.whatIsThere({ place: asked.place }) }}
              <span class="answers" role="group" [attr.aria-label]="say.answers">
                @for (one of asked.answers; track $index) {
                  <button matButton="outlined" (click)="answer($index)">
                    {{ one.seen }}<small>{{ say.leaves({ leaves: one.leaves }) }}</small>
                  </button>
                }
              </span>
            </li>
          }
        </ol>
      </div>
      @if (end(); as told) {
        <p class="end">
          {{ told.says }}
          @for (id of told.cases; track id) {
            <sc-case-name [case]="id" />
          }
        </p>
      }
      @if (way().length > 0) {
        <button matButton (click)="way.set([])">{{ say.startAgain }}</button>
      }
    } @else {
      <mat-progress-bar mode="indeterminate" [aria-label]="say.workingOutWhatToLook" />
    }
  `,
  styleUrl: './glance-view.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class GlanceView {
  protected readonly say = SAY;
  readonly approach = input.required<Approach>();
  /** The case whose likeliest way is shown at first. */
  readonly case = input<string>();

  private readonly store = inject(Store);
  private readonly work = inject(LearningWork);
  private readonly scheme = this.store.selectSignal(entryFeature.selectScheme);
  private readonly first = this.store.selectSignal(selectFirstSide);
  protected readonly letters = this.store.selectSignal(readerFeature.selectLetters);
  protected readonly sights = SIGHTS;
  protected readonly sight = signal<Sight>('ahead');
  private readonly hold = computed((): Hold => pictureHold(this.approach(), this.first()));
  private readonly planning = reading(
    () => ({ approach: this.approach(), sight: this.sight() }),
    async ({ approach, sight }) => ({
      approach,
      sight,
      plan: await this.work.glance(approach, sight),
    }),
  );
  protected readonly trouble = this.planning.trouble;
  protected readonly plan = computed(() => {
    const made = this.planning.value();
    return made?.approach === this.approach() && made.sight === this.sight() ? made.plan : null;
  });
  /** The answers given so far, by number. */
  protected readonly way = linkedSignal<unknown, number[]>({
    source: () => [this.plan(), this.case()],
    computation: () => {
      const [plan, id] = [this.plan(), this.case()];
      return plan && id !== undefined ? likelyWay(plan.tree, id) : [];
    },
  });
  private readonly nodes = computed((): GlanceNode[] => {
    const plan = this.plan();
    if (!plan) return [];
    const nodes = [plan.tree];
    for (const at of this.way()) {
      const node = nodes.at(-1)!;
      if (!('answers' in node)) break;
      nodes.push(node.answers[at]!.then);
    }
    return nodes;
  });

  protected readonly figures = computed(() => {
    const plan = this.plan();
    if (!plan) return '';
    const looks = (count: number): string => count.toFixed(1).replace(/\.0$/, '');
    return SAY.figures({
      mean: looks(plan.mean),
      worst: plan.worst,
      proven: plan.mean - plan.atLeast < 1e-6 ? 'yes' : 'no',
      atLeast: looks(plan.atLeast),
      ordered: plan.inOrder === null ? 'no' : 'yes',
      inOrder: looks(plan.inOrder ?? 0),
      told: plan.open > 0 ? 'no' : 'yes',
      open: Math.round(plan.open * 100),
    });
  });
  protected readonly steps = computed(() =>
    this.way().flatMap((at, k) => {
      const node = this.nodes()[k];
      if (!node || !('answers' in node)) return [];
      const { seen, then } = node.answers[at]!;
      return [
        {
          look: node.look,
          again: node.again === true,
          place: this.place(node),
          seen: this.words(seen),
          roles: seen,
          leaves: this.leaves(then),
        },
      ];
    }),
  );
  protected readonly next = computed(() => {
    const node = this.nodes().at(-1);
    if (!node || !('answers' in node)) return null;
    return {
      place: this.place(node),
      look: node.look,
      answers: node.answers.map(({ seen, then }) => ({
        seen: this.words(seen),
        leaves: this.leaves(then),
      })),
    };
  });
  protected readonly end = computed(() => {
    const node = this.nodes().at(-1);
    if (!node || 'answers' in node) return null;
    if ('open' in node) {
      return { says: SAY.thatIsAllOneCan, cases: node.open };
    }
    const says = SAY.itIsThisCase({ turned: TURNED[node.turn ?? 0]! });
    return { says, cases: [node.case] };
  });

  private readonly looked = computed(() =>
    [
      ...this.steps().filter(({ again }) => !again),
      ...(this.next() ? [{ ...this.next()!, roles: [] as readonly string[], seen: '' }] : []),
    ].flatMap((one, k) =>
      'sticker' in one.look
        ? [
            {
              sticker: stickerCalled(one.look.sticker)!,
              number: k + 1,
              roles: one.roles,
              seen: one.seen,
            },
          ]
        : [],
    ),
  );
  protected readonly numbers = computed(
    () => new Map(this.looked().map(({ sticker, number }) => [sticker, String(number)])),
  );
  protected readonly stickers = computed(() => {
    const stickers = new Array<Colour | null>(54).fill(null);
    for (const side of SIDES) {
      stickers[side * 9 + 4] = this.scheme()[sideInHold(this.hold(), side)]!;
    }
    for (const { sticker, roles } of this.looked()) {
      if (roles.length !== 1) continue;
      stickers[sticker] = colourOfRole(
        roles[0]!,
        this.scheme(),
        this.first(),
        this.hold(),
      ) as Colour;
    }
    return stickers;
  });

  private place(node: GlanceNode): string {
    if (!('answers' in node)) return '';
    return capitalised(lookPlace(node.look));
  }

  private words(seen: readonly string[]): string {
    return seenWords(seen, this.scheme(), this.first(), this.hold());
  }

  private leaves(node: GlanceNode): string {
    const cases = casesIn(node);
    if (cases.length === 1) return `“${this.title(cases[0]!)}”`;
    if (cases.length > 2) return SAY.cases({ cases: cases.length });
    return cases.map((id) => `“${this.title(id)}”`).join(', ');
  }

  private title(id: string): string {
    const one = this.approach().cases.find((each) => each.id === id);
    return one ? caseTitle(one, this.first(), this.scheme()) : '';
  }

  protected back(at: number): void {
    this.way.update((way) => way.slice(0, at));
  }

  protected answer(at: number): void {
    this.way.update((way) => [...way, at]);
  }

  protected again(): void {
    this.planning.again();
  }
}
