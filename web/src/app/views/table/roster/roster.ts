import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { MatCheckbox } from '@angular/material/checkbox';
import { MatFormField, MatInput, MatLabel } from '@angular/material/input';
import { RouterLink } from '@angular/router';
import {
  RIGHTS,
  type Group,
  type Invitation,
  type Member,
  type Right,
} from '@sleetcrest/contract/accounts';
import type { NameSlips } from '@sleetcrest/contract/table';
import { saveAs } from 'file-saver';
import { firstValueFrom } from 'rxjs';
import { v4 as uuid } from 'uuid';
import { Notices } from '../../../base/dialogs/notices';
import { MethodChoice, type MethodChosen } from '../../../subjects/method/parts/method-choice';
import { copied } from '../../../subjects/settings';
import { TableApi, TableGroups } from '../../../subjects/group';
import { NewPhrase } from '../../../subjects/group/parts/new-phrase';
import { AccountApi } from '../../../subjects/account';
import { counted } from '../../../base/words/counted';
import { readingOf } from '../../../base/reading/reading-of';
import { Deed } from '../../../base/reading/deed';
import { markTaken, readClass, type ListRow } from './class-list';
import { NameSlipsView } from './name-slips';

/** What an assistant may do, in words. */
const RIGHT_WORDS: Record<Right, string> = {
  see: 'see how everybody stands',
  plan: 'plan, set work and hold sessions',
  answer: 'answer what is handed in',
  roster: 'change who belongs to it',
  phrase: 'set a new phrase for who has not chosen one',
};

/** Who belongs to a group: learners, a whole class at once, who helps, how it learns, and its end. */
@Component({
  selector: 'sc-roster',
  imports: [
    FormsModule,
    MatButton,
    MatCheckbox,
    MatFormField,
    MatInput,
    MatLabel,
    MethodChoice,
    NameSlipsView,
    NewPhrase,
    RouterLink,
  ],
  templateUrl: './roster.html',
  styleUrls: ['../table-page.scss', './roster.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Roster {
  protected readonly groups = inject(TableGroups);
  private readonly api = inject(TableApi);
  private readonly accounts = inject(AccountApi);
  private readonly notices = inject(Notices);
  protected readonly counted = counted;
  protected readonly rights = RIGHTS.filter((right) => right !== 'see');
  protected readonly rightWords = RIGHT_WORDS;
  protected readonly zones = Intl.supportedValuesOf('timeZone');

  protected readonly pasted = signal('');
  protected readonly rows = signal<readonly ListRow[] | null>(null);
  protected readonly slips = signal<NameSlips['slips'] | null>(null);
  private readonly deed = new Deed();
  protected readonly busy = this.deed.busy;
  protected readonly trouble = this.deed.trouble;
  private last: { id: string; name: string }[] = [];
  protected readonly asked = signal<readonly Right[]>(['plan', 'answer']);
  /** The group, where whoever looks is its coach: what only they are told is asked of none else. */
  private readonly own = computed(() => {
    const group = this.groups.group();
    return group && group.coach.id === this.groups.account()?.id ? group.id : undefined;
  });
  protected readonly invitations = readingOf<Invitation[]>(this.own, (group) =>
    this.api.invitations(group),
  );
  protected readonly calendars = readingOf(this.own, (group) => this.api.calendars(group));
  protected readonly setting = signal<Member | null>(null);
  protected readonly good = computed(() =>
    (this.rows() ?? []).filter(({ wrong }) => wrong === null),
  );
  protected readonly others = computed(() =>
    this.groups
      .taught()
      .filter(({ id, rights }) => id !== this.groups.group()?.id && rights.includes('roster')),
  );

  protected async file(list: FileList | null): Promise<void> {
    const file = list?.[0];
    if (file) this.pasted.set(await file.text());
    await this.look();
  }

  /** Shows what would be added, and what is wrong with the rest. */
  protected async look(): Promise<void> {
    const group = this.groups.group();
    if (!group) return;
    const here = group.learners.map(({ name }) => name);
    const rows = readClass(this.pasted(), here);
    this.rows.set(rows);
    const names = rows.filter(({ wrong }) => wrong === null).map(({ name }) => name);
    if (names.length === 0) return;
    await this.deed.do(async () => {
      const { taken } = await this.api.checkNames(group.id, names);
      this.rows.set(markTaken(rows, taken));
    });
  }

  protected rename(row: ListRow): void {
    this.rows.update((all) =>
      (all ?? []).map((one) =>
        one === row ? { ...one, name: row.free!, wrong: null, free: null } : one,
      ),
    );
  }

  protected async add(): Promise<void> {
    const group = this.groups.group();
    if (!group) return;
    const learners = this.sent(this.good().map(({ name }) => name));
    await this.deed.do(async () => {
      const { slips } = await this.api.addLearners(group.id, { learners });
      this.slips.set(slips);
      this.rows.set(null);
      this.pasted.set('');
      this.groups.again();
    });
  }

  /** The same list sent again is the same request, so that a lost answer makes nobody twice. */
  private sent(names: readonly string[]): { id: string; name: string }[] {
    const same =
      this.last.length === names.length && this.last.every(({ name }, k) => name === names[k]);
    if (!same) this.last = names.map((name) => ({ id: uuid(), name }));
    return this.last;
  }

  protected async move(learner: Member, to: string): Promise<void> {
    const group = this.groups.group();
    if (!group || to === '') return;
    await this.deed.do(async () => {
      if (!(await this.api.move(group.id, learner.id, to))) {
        void this.notices.say(`${learner.name} is asked, and moves once they agree.`);
        return;
      }
      this.groups.again();
      const back = async (): Promise<void> => {
        await this.api.move(to, learner.id, group.id);
        this.groups.again();
      };
      void this.notices.offerUndo(`${learner.name} has moved.`, () => void this.deed.do(back));
    });
  }

  protected takeOut(learner: Member): void {
    const group = this.groups.group();
    if (!group) return;
    const out = async (): Promise<void> => {
      await firstValueFrom(this.accounts.leave(group.id, learner.id));
      this.groups.again();
    };
    void this.notices.offerUndo(
      `Take ${learner.name} out? What they do is theirs; they cannot come back by the code of now.`,
      () => void this.deed.do(out),
      'Take out',
    );
  }

  protected async setPhrase(learner: Member, phrase: string): Promise<void> {
    await this.deed.do(async () => {
      await firstValueFrom(this.accounts.setPhrase(learner.id, phrase));
      this.setting.set(null);
      void this.notices.say(`Tell ${learner.name} the new phrase; they are signed out everywhere.`);
    });
  }

  protected toggle(right: Right, on: boolean): void {
    this.asked.update((all) => (on ? [...all, right] : all.filter((one) => one !== right)));
  }

  protected async invite(): Promise<void> {
    const group = this.groups.group();
    if (!group) return;
    await this.deed.do(async () => {
      await this.api.invite(group.id, this.asked());
      this.invitations.again();
    });
  }

  protected async withdraw(code: string): Promise<void> {
    const group = this.groups.group();
    if (!group) return;
    await this.deed.do(async () => {
      await this.api.withdraw(group.id, code);
      this.invitations.again();
    });
  }

  protected renewCode(group: Group): void {
    const renew = (): Promise<void> =>
      this.deed.do(async () => this.groups.changed(await this.api.renewCode(group.id)));
    void this.notices.offerUndo(
      'Change the code? Nobody can join by the one before.',
      () => void renew(),
      'Change it',
    );
  }

  protected async withdrawCalendar(coach: string): Promise<void> {
    const group = this.groups.group();
    if (!group) return;
    await this.deed.do(async () => {
      await this.api.withdrawCalendar(group.id, coach);
      this.calendars.again();
    });
  }

  protected async endHelp(coach: string): Promise<void> {
    const group = this.groups.group();
    if (!group) return;
    await this.deed.do(async () => {
      await this.api.endHelp(group.id, coach);
      this.groups.again();
    });
  }

  protected says(rights: readonly Right[]): string {
    return rights.map((right) => RIGHT_WORDS[right]).join(', ');
  }

  protected chooseMethod(method: MethodChosen): void {
    void this.change({ method: copied(method) });
  }

  protected async change(change: Parameters<TableApi['changeGroup']>[1]): Promise<void> {
    const group = this.groups.group();
    if (!group) return;
    await this.deed.do(async () =>
      this.groups.changed(await this.api.changeGroup(group.id, change)),
    );
  }

  protected async putAway(group: Group): Promise<void> {
    await this.deed.do(async () => {
      this.groups.changed(await this.api.changeGroup(group.id, { archived: true }));
      void this.notices.offerUndo(`${group.name} is put away.`, () => void this.bringBack(group));
    });
  }

  protected async bringBack(group: Group): Promise<void> {
    await this.deed.do(async () => {
      this.groups.changed(await this.api.changeGroup(group.id, { archived: false }));
    });
  }

  protected async export(group: Group): Promise<void> {
    await this.deed.do(async () => saveAs(await this.api.export(group.id), 'sleetcrest-group.zip'));
  }
}
