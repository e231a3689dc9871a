import {
  afterRenderEffect,
  ChangeDetectionStrategy,
  Component,
  computed,
  DestroyRef,
  effect,
  ElementRef,
  inject,
  input,
  signal,
  untracked,
  viewChild,
} from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatProgressBar } from '@angular/material/progress-bar';
import { Router, RouterLink } from '@angular/router';
import { type CardKind, dayNamed } from '@sleetcrest/core/learner/answers';
import { SimulatedCube } from '../../devices/cube/simulated-cube';
import { listensTo } from '../../base/keys/keyboard';
import { isFreeOfButtons } from '../../base/keys/keys';
import { PRACTICE_KEYS } from './learn.keys';
import { type CaseKnown, KINDS } from '../../subjects/practice';
import { tellsWhere } from '../../subjects/group';
import { Rest } from '../../subjects/walk';
import { Segments } from '../../ui/fields/segments';
import { PracticeCard } from './cards/practice-card';
import { Learning, type Answered } from './learning';
import { Session } from './session';
import { Trouble } from '../../ui/trouble';
import { Page } from '../../ui/page';
import { daySaid } from '../../base/words/days';
import { CaseName } from '../../subjects/method/parts/case-name';
import { SAY } from './words';
import { Sentence, SentenceSlot } from '../../ui/sentence/sentence';

type Kind = 'today' | CardKind;

const CHOICES: readonly { value: Kind; name: string }[] = [
  { value: 'today', name: SAY.today },
  ...KINDS.map(({ kind, name }) => ({ value: kind, name })),
];

const BECAUSE = {
  wrong: SAY.itWentWrongALittle,
  confused: SAY.youMixedItUpWith,
  due: SAY.timeToRepeatThisOne,
  new: '',
} as const;

/** Practice: what is due today, or one kind of it. */
@Component({
  selector: 'sc-practice',
  imports: [
    Sentence,
    SentenceSlot,
    CaseName,
    Page,
    MatButton,
    MatProgressBar,
    PracticeCard,
    RouterLink,
    Segments,
    Trouble,
  ],
  providers: [Session],
  templateUrl: './practice.html',
  styleUrls: ['./page.scss', './practice.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Practice {
  protected readonly say = SAY;
  /** What is practised, from the address. */
  readonly kind = input<string>();

  protected readonly learning = inject(Learning);
  protected readonly session = inject(Session);
  private readonly rest = inject(Rest);
  private readonly router = inject(Router);
  protected readonly kinds = CHOICES;
  protected readonly chosen = computed(
    (): Kind => CHOICES.find(({ value }) => value === this.kind())?.value ?? 'today',
  );
  /** The card there is, as a list: each is drawn anew, also where the same is asked again. */
  protected readonly cards = computed(() => {
    const card = this.session.card();
    return card ? [card] : [];
  });
  protected readonly because = computed(() => {
    const card = this.session.card();
    return card ? BECAUSE[card.asked.because] : '';
  });
  /** The button to the next card, once there is one. */
  private readonly onward = viewChild<string, ElementRef<HTMLElement>>('onward', {
    read: ElementRef,
  });
  /** How each case stood when the session began, to say what is surer. */
  private before: ReadonlyMap<string, CaseKnown> = new Map();
  protected readonly surer = signal<readonly Pick<CaseKnown, 'case' | 'grasp'>[]>([]);
  protected readonly nextDay = signal<string | null>(null);
  /** Cases taken for each other in this session. */
  protected readonly confused = computed(() => {
    const pairs = this.session.answers().flatMap(({ item, answer }) => {
      const [was, said] = [item, answer].map((id) => this.learning.caseCalled(id)?.case);
      return was !== undefined && said !== undefined ? [{ was, said }] : [];
    });
    return [...new Map(pairs.map((one) => [one.was + one.said, one])).values()];
  });

  constructor() {
    const next = (): unknown => this.session.answered() && void this.session.next();
    listensTo(PRACTICE_KEYS, { next }, { isMeant: isFreeOfButtons });
    tellsWhere(() => ({
      doing: this.session.isOver() ? 'done' : 'practice',
      title: SAY.practice,
      at: this.session.count(),
      of: 0,
      cube: null,
    }));
    const cube = inject(SimulatedCube);
    inject(DestroyRef).onDestroy(() => cube.disconnect());
    effect(() => {
      const kind = this.chosen();
      if (!this.learning.path()) return;
      untracked(() => {
        this.before = this.learning.known();
        const { minutes } = this.learning.reader().learning;
        void (kind === 'today' ? this.session.begin(null, minutes) : this.session.begin(kind));
      });
    });
    // Enter goes on, also where the answer was touched and would else keep the focus.
    afterRenderEffect(() => this.onward()?.nativeElement.focus({ preventScroll: true }));
    effect(() => {
      if (this.session.isOver()) untracked(() => void this.sumUp());
    });
  }

  protected choose(kind: Kind): void {
    void this.router.navigate(['/learn/practice'], { queryParams: { kind }, replaceUrl: true });
  }

  protected answer(given: Answered): void {
    this.rest.worked(Date.now());
    void this.session.answer(given);
  }

  private async sumUp(): Promise<void> {
    const { learning } = this;
    const [today, wanted] = [learning.today(), learning.wanted()];
    const cases = learning.cases().map((one) => ({ case: one.case, sequence: one.drill }));
    const now = await learning.book.ask((practice) => practice.cases(cases, today));
    const order = ['new', 'begun', 'known', 'sure'];
    const rose = now.filter(
      (one) => order.indexOf(one.grasp) > order.indexOf(this.before.get(one.case)?.grasp ?? 'new'),
    );
    this.surer.set(rose);
    const { nextDay } = await learning.book.ask((practice) =>
      practice.outlook(today, wanted, [], 0),
    );
    this.nextDay.set(
      nextDay === null
        ? null
        : nextDay === today + 1
          ? SAY.tomorrow
          : SAY.on({ nextDay: daySaid(dayNamed(nextDay)) }),
    );
  }
}
