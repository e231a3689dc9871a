import {
  ChangeDetectionStrategy,
  Component,
  computed,
  DestroyRef,
  effect,
  inject,
  signal,
  untracked,
} from '@angular/core';
import { FormsModule } from '@angular/forms';
import { MatButton, MatIconButton } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import { MatProgressBar } from '@angular/material/progress-bar';
import { MatSlideToggle } from '@angular/material/slide-toggle';
import { Router, RouterLink } from '@angular/router';
import type { BoardEvent, Ending, LiveSession, Offer, Present } from '@sleetcrest/contract/table';
import { HOME_HOLD, readCubeDocument, stickersSeen, UP } from '@sleetcrest/core';
import { byNeed } from '@sleetcrest/core/group/board';
import { v4 as uuid } from 'uuid';
import { anySeed } from '../../../base/work/chance';
import { Notices } from '../../../base/dialogs/notices';
import { Crown } from '../../../ui/crown/crown';
import { ENDING_WORDS, GroupTitles, TableApi, GroupStore, TakeUp } from '../../../subjects/group';
import { Scrambler } from '../../../subjects/cube/work';
import { followSession, type Following } from '../../../base/events/event-stream';
import { action } from '../../../base/reading/action';
import { BoardPerson, personOf, type Person } from './board-person';
import { Trouble } from '../../../ui/trouble';
import { listensTo } from '../../../base/keys/keyboard';
import { BOARD_KEYS } from './board.keys';
import { Choice, type Option } from '../../../ui/fields/choice';
import { ticking } from '../../../base/state/ticking';
import { SAY } from './words';
import { Sentence, SentenceSlot } from '../../../ui/sentence/sentence';

/** Milliseconds between looks at the clock. */
const TICK = 1000;

/** The live board: full window, readable from six metres; who needs the coach comes first. */
@Component({
  selector: 'sc-board',
  imports: [
    Sentence,
    SentenceSlot,
    BoardPerson,
    Choice,
    Crown,
    FormsModule,
    MatButton,
    MatIcon,
    MatIconButton,
    MatProgressBar,
    MatSlideToggle,
    RouterLink,
    Trouble,
  ],
  templateUrl: './board.html',
  styleUrl: './board.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Board {
  protected readonly say = SAY;
  protected readonly groups = inject(GroupStore);
  protected readonly titles = inject(GroupTitles);
  private readonly api = inject(TableApi);
  private readonly router = inject(Router);
  private readonly notices = inject(Notices);
  private readonly up = inject(TakeUp);
  private readonly scrambler = inject(Scrambler);

  protected readonly session = signal<LiveSession | null>(null);
  private readonly present = signal<ReadonlyMap<string, Present>>(new Map());
  protected readonly isBehind = signal(false);
  protected readonly isOver = signal(false);
  protected readonly over = signal('');
  private readonly action = action();
  protected readonly busy = this.action.busy;
  protected readonly trouble = this.action.trouble;
  /** The clock of the server, as it told it. */
  private readonly ahead = signal(0);
  private readonly tick = ticking(TICK);
  protected readonly now = computed(() => this.tick() + this.ahead());
  /** Until when anything was heard, by that clock: who is silent since may not be at fault. */
  protected readonly heardAt = signal(0);
  protected readonly looked = signal<string | null>(null);
  protected readonly showing = signal(false);
  protected readonly showCase = signal('');
  private following: Following | undefined;

  protected readonly people = computed((): Person[] => {
    const all = [...this.present().values()].map(personOf);
    const sorted = byNeed(
      all.map((person) => ({ person, here: person.place, usual: person.usual })),
      this.now(),
      this.heardAt(),
    );
    return sorted.map(({ person }) => person);
  });
  /** As many in a row as leave each as large as may be. */
  protected readonly columns = computed(() =>
    Math.max(2, Math.ceil(Math.sqrt(this.people().length))),
  );
  protected readonly hands = computed(
    () => this.people().filter(({ handAt }) => handAt !== null).length,
  );
  protected readonly shown = computed(() => this.people().find(({ id }) => id === this.looked()));
  protected readonly picture = computed(() => {
    const cube = this.shown()?.here?.cube;
    const read = cube && readCubeDocument(cube);
    return read?.ok ? stickersSeen(read.value.painted, read.value.scheme, HOME_HOLD) : null;
  });
  protected readonly caseChoices = computed((): Option<string>[] => [
    { value: '', name: SAY.chooseOne },
    ...this.titles.approaches().flatMap(({ stage, cases }) => {
      const under = this.titles.of(stage);
      return cases.map(({ id, title }) => ({ value: id, name: title, under }));
    }),
  ]);

  constructor() {
    listensTo(BOARD_KEYS, { away: () => this.away() });
    inject(DestroyRef).onDestroy(() => this.following?.close());
    effect(() => {
      const group = this.groups.group();
      untracked(() => {
        if (group && this.session()?.group !== group.id) void this.find(group.id);
      });
    });
  }

  /** Shows the session that is being held, if one is. */
  private async find(group: string): Promise<void> {
    await this.action.run(async () => {
      const session = (await this.api.sessions()).find((one) => one.group === group);
      if (session) this.follow(session);
      else this.leave(false);
    });
  }

  protected async begin(): Promise<void> {
    const group = this.groups.group();
    if (group)
      await this.action.run(async () => this.follow(await this.api.beginSession(group.id)));
  }

  private follow(session: LiveSession): void {
    this.following?.close();
    this.session.set(session);
    this.isOver.set(false);
    this.present.set(new Map());
    this.following = followSession(
      `/api/live/${session.id}/board`,
      (event) => this.heard(event),
      (isBehind) => this.isBehind.set(isBehind),
      (why) => this.leave(true, why),
    );
  }

  /** Shows no session any more: it is over, or another group is looked at, which holds none. */
  private leave(isOver: boolean, why: Ending = 'ended'): void {
    this.over.set(ENDING_WORDS[why]);
    this.following?.close();
    this.session.set(null);
    this.isOver.set(isOver);
  }

  private heard(event: BoardEvent): void {
    if (event.is === 'session') this.session.set(event.session);
    if (event.is === 'beat' || event.is === 'all') {
      this.ahead.set(Date.parse(event.now) - Date.now());
      this.heardAt.set(Date.parse(event.now));
    }
    if (event.is === 'all') this.present.set(new Map(event.present.map((one) => [one.id, one])));
    if (event.is === 'one') {
      this.present.update((all) => new Map(all).set(event.present.id, event.present));
    }
    if (event.is === 'left') {
      this.present.update((all) => new Map([...all].filter(([id]) => id !== event.id)));
    }
  }

  protected async lower(person: Person): Promise<void> {
    const session = this.session();
    if (session) await this.action.run(() => this.api.lowerHand(session.id, person.id));
  }

  /** Takes somebody off the table; of a guest the code changes too, or they would come back by it. */
  protected takeOff(person: Person): void {
    const session = this.session();
    if (!session) return;
    const off = (): Promise<boolean> =>
      this.action.run(async () => {
        await this.api.takeOff(session.id, person.id);
        this.looked.set(null);
      });
    void this.notices.offerUndo(
      SAY.takeOffTheTable({ name: person.name }),
      () => void off(),
      SAY.takeOff,
    );
  }

  protected async renewCode(): Promise<void> {
    const session = this.session();
    if (!session) return;
    await this.action.run(async () => {
      this.session.set(await this.api.renewBoardCode(session.id));
    });
  }

  /** Puts something before everybody who joined, as an offer they take up. */
  protected async show(show: Offer['show'], words: string): Promise<void> {
    const session = this.session();
    if (!session) return;
    await this.action.run(async () => {
      const offer = { id: uuid(), words, show };
      this.session.set(await this.api.changeSession(session.id, { offer }));
      this.showing.set(false);
      void this.notices.say(SAY.itIsOfferedToEverybody);
    });
  }

  protected async clear(): Promise<void> {
    const session = this.session();
    if (session) {
      await this.action.run(async () =>
        this.session.set(await this.api.changeSession(session.id, { offer: null })),
      );
    }
  }

  protected showTheCase(): void {
    const id = this.showCase();
    if (id !== '')
      void this.show({ what: 'case', case: id }, SAY.lookHere({ id: this.titles.of(id) }));
  }

  /** The plan of looks by which the case is known. */
  protected showLooks(): void {
    const id = this.showCase();
    const words = SAY.whatToLookAtFirst2({ id: this.titles.of(id) });
    if (id !== '') void this.show({ what: 'glance', case: id }, words);
  }

  protected async mixed(): Promise<void> {
    await this.action.run(async () => {
      const method = this.titles.method();
      const scramble = await this.scrambler.scramble({
        seed: anySeed(),
        method,
        stage: null,
        first: UP,
      });
      await this.show({ what: 'mixed', scramble }, SAY.theSameCubeForAll);
    });
  }

  /** Takes a learner's cube as it is, to walk it here. */
  protected take(person: Person): void {
    const [cube, group] = [person.here?.cube, this.groups.group()];
    if (!cube || !group) return;
    this.up.walk(cube, group.method, group.firstColour, SAY.sCube({ name: person.name }));
  }

  protected showCube(person: Person): void {
    const [cube, group] = [person.here?.cube, this.groups.group()];
    if (!cube || !group) return;
    const { method, firstColour } = group;
    void this.show({ what: 'cube', cube, method, firstColour }, SAY.lookHereACubeFrom);
  }

  protected async times(showsTimes: boolean): Promise<void> {
    const session = this.session();
    if (session) {
      await this.action.run(async () =>
        this.session.set(await this.api.changeSession(session.id, { showsTimes })),
      );
    }
  }

  protected async end(): Promise<void> {
    const session = this.session();
    if (!session) return;
    await this.action.run(async () => {
      await this.api.endSession(session.id);
      this.leave(true);
    });
  }

  protected away(): void {
    if (this.looked() !== null) this.looked.set(null);
    else if (this.showing()) this.showing.set(false);
    else void this.router.navigate(['/table']);
  }
}
