import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  linkedSignal,
  signal,
  untracked,
} from '@angular/core';
import { FormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { MatCheckbox } from '@angular/material/checkbox';
import { MatFormField, MatInput, MatLabel } from '@angular/material/input';
import { MatProgressBar } from '@angular/material/progress-bar';
import type { Stage } from '@sleetcrest/core';
import { casesOf, taskWords } from '@sleetcrest/core/group/tasks';
import {
  setAssignmentSchema,
  type Assignment,
  type Progress,
  type SetAssignment,
  type Task,
} from '@sleetcrest/contract/table';
import { describeErrors, fieldErrors } from '@sleetcrest/contract';
import { v4 as uuid } from 'uuid';
import { daySaid, today } from '../../../base/words/days';
import { Notices } from '../../../base/dialogs/notices';
import { SavedStore } from '../../../subjects/walk';
import { GroupTitles, TableApi, GroupStore } from '../../../subjects/group';
import { ForWhom } from '../../../subjects/group/parts/for-whom';
import { Choice, type Option } from '../../../ui/fields/choice';
import { DateField } from '../../../ui/fields/date-field';
import { clockText } from '../../../base/words/clock-text';
import { reading } from '../../../base/reading/reading';
import { action } from '../../../base/reading/action';
import { Trouble } from '../../../ui/trouble';
import { CaseName } from '../../../subjects/method/parts/case-name';
import { SAY } from './words';

const KINDS: readonly { value: Task['do']; name: string }[] = [
  { value: 'lesson', name: SAY.aLesson },
  { value: 'cases', name: SAY.casesToRecognise },
  { value: 'stage', name: SAY.aStageOnTheClock },
  { value: 'scramble', name: SAY.aCubeMixedByTurns },
  { value: 'cube', name: SAY.aSavedCube },
  { value: 'plan', name: SAY.planningTheFirstSteps },
];

const listed = (one: string | undefined): readonly string[] => (one === undefined ? [] : [one]);

/** Sets work for one, some or all, and shows who did it and how it went. */
@Component({
  selector: 'sc-set-work',
  imports: [
    CaseName,
    Choice,
    DateField,
    ForWhom,
    FormsModule,
    MatButton,
    MatCheckbox,
    MatFormField,
    MatInput,
    MatLabel,
    MatProgressBar,
    Trouble,
  ],
  templateUrl: './set-work.html',
  styleUrls: ['../table-page.scss', './set-work.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SetWork {
  protected readonly say = SAY;
  /** A case and a learner it is set for, from the address. */
  readonly case = input<string>();
  readonly for = input<string>();

  protected readonly groups = inject(GroupStore);
  protected readonly titles = inject(GroupTitles);
  private readonly api = inject(TableApi);
  private readonly notices = inject(Notices);
  private readonly cubes = inject(SavedStore);
  protected readonly kinds = KINDS;
  protected readonly clock = clockText;
  protected readonly day = daySaid;

  protected readonly kind = signal<Task['do']>('lesson');
  protected readonly cases = linkedSignal(() => listed(this.case()));
  protected readonly stage = signal<Stage>('daisy');
  protected readonly times = signal(5);
  protected readonly scramble = signal('');
  protected readonly cube = signal('');
  protected readonly note = signal('');
  protected readonly until = signal('');
  /** For whom; empty for all. */
  protected readonly whom = linkedSignal(() => listed(this.for()));
  private readonly action = action();
  protected readonly busy = this.action.busy;
  protected readonly trouble = this.action.trouble;
  private readonly saved = this.cubes.page;
  protected readonly cubeChoices = computed((): Option<string>[] => [
    { value: '', name: SAY.chooseOne },
    ...(this.saved()?.items ?? []).map(({ id, name }) => ({ value: id, name })),
  ]);

  private readonly asking = reading(
    () => this.groups.group()?.id,
    (group) => this.api.assignments(group),
    { whenAnother: 'drop' },
  );
  protected readonly readTrouble = this.asking.trouble;
  protected readonly isBusy = this.asking.isBusy;
  protected readonly all = computed((): readonly Assignment[] => this.asking.value() ?? []);
  protected readonly stages = computed(() =>
    this.titles.approaches().map(({ stage }) => ({ value: stage, name: this.titles.of(stage) })),
  );
  protected readonly caseChoices = computed(() =>
    this.titles.approaches().map(({ stage, cases }) => ({
      stage: this.titles.of(stage),
      cases: cases.map(({ id, title }) => ({ id, title })),
    })),
  );

  constructor() {
    effect(() => {
      if (this.kind() === 'cube') untracked(() => void this.cubes.open());
    });
  }

  protected readonly casesOf = casesOf;

  protected readonly task = computed((): Task | null => {
    const [one] = this.cases();
    switch (this.kind()) {
      case 'lesson':
        return one === undefined ? null : { do: 'lesson', case: one };
      case 'cases':
        return one === undefined
          ? null
          : { do: 'cases', cases: [...this.cases()], times: this.times() };
      case 'stage':
        return { do: 'stage', stage: this.stage(), times: this.times() };
      case 'scramble':
        return this.scramble().trim() === ''
          ? null
          : { do: 'scramble', scramble: this.scramble().trim() };
      case 'cube': {
        const solve = this.saved()?.items.find(({ id }) => id === this.cube());
        return solve ? { do: 'cube', cube: solve.start } : null;
      }
      case 'plan':
        return { do: 'plan', times: this.times() };
    }
  });

  protected choose(id: string, on: boolean): void {
    this.cases.update((all) =>
      this.kind() === 'lesson' ? [id] : on ? [...all, id] : all.filter((one) => one !== id),
    );
  }

  protected async set(): Promise<void> {
    const [group, task] = [this.groups.group(), this.task()];
    if (!group || !task) return;
    const given: SetAssignment = {
      id: uuid(),
      task,
      note: this.note(),
      until: this.until() || null,
      for: this.whom().length > 0 ? [...this.whom()] : null,
    };
    const parsed = setAssignmentSchema.safeParse(given);
    if (!parsed.success) {
      this.action.refuse(`${describeErrors(fieldErrors(parsed.error))}.`);
      return;
    }
    await this.action.run(async () => {
      await this.api.assign(group.id, parsed.data);
      this.note.set('');
      this.asking.again();
      void this.notices.say(SAY.itIsSetItComes);
    });
  }

  protected async takeBack(one: Assignment): Promise<void> {
    await this.action.run(async () => {
      await this.api.takeBack(one.group, one.id);
      this.asking.again();
      const ids = one.forAll ? null : one.progress.map(({ learner }) => learner);
      const { id, task, note, until } = one;
      const again = async (): Promise<void> => {
        await this.api.assign(one.group, { id, task, note, until, for: ids });
        this.asking.again();
      };
      void this.notices.offerUndo(SAY.itIsTakenBack, () => void this.action.run(again));
    });
  }

  protected says(task: Task): string {
    return taskWords(task, this.titles.of);
  }

  protected whomSays(one: Assignment): string {
    const done = one.progress.filter(({ doneAt }) => doneAt !== null).length;
    const progress = one.progress.length;
    if (one.forAll) return SAY.forAll({ done, progress });
    const whom = one.progress.map(({ name }) => name).join(', ');
    return SAY.forDoneByOf({ whom, done, progress });
  }

  /** How it went with one of them. */
  protected how(one: Assignment, progress: Progress): string {
    const { done, of, doneAt, said, right, seconds } = progress;
    if (doneAt === null) {
      const late = one.until !== null && one.until < today();
      return SAY.soFar({ done, of, late: late ? 'yes' : 'no' });
    }
    const late = one.until !== null && today(new Date(doneAt)) > one.until;
    return SAY.done({
      doneAt: daySaid(doneAt),
      late: late ? 'yes' : 'no',
      how: said ? 'said' : right !== null ? 'right' : 'other',
      right: right ?? 0,
      timed: seconds === null ? 'no' : 'yes',
      seconds: clockText(seconds ?? 0),
    });
  }
}
