import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatMenu, MatMenuItem, MatMenuTrigger } from '@angular/material/menu';
import { RouterLink } from '@angular/router';
import type { Group, Member } from '@sleetcrest/contract/accounts';
import type { NameSlips } from '@sleetcrest/contract/table';
import { Notices } from '../../../base/dialogs/notices';
import { saveFile } from '../../../base/files/save-file';
import { action } from '../../../base/reading/action';
import { counted } from '../../../base/words/counted';
import { GroupApi, GroupStore } from '../../../subjects/group';
import { NewPhrase } from '../../../subjects/group/parts/new-phrase';
import { Trouble } from '../../../ui/trouble';
import { ClassAdder } from './class-adder';
import { Helpers } from './helpers';
import { NameSlipsView } from './name-slips';
import { GroupWays } from './ways';

/** Learners to a group: learners, a whole class at once, who helps, how it learns, and its end. */
@Component({
  selector: 'sc-roster',
  imports: [
    ClassAdder,
    GroupWays,
    Helpers,
    MatButton,
    MatMenu,
    MatMenuItem,
    MatMenuTrigger,
    NameSlipsView,
    NewPhrase,
    RouterLink,
    Trouble,
  ],
  templateUrl: './roster.html',
  styleUrls: ['../table-page.scss', './roster.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Roster {
  protected readonly groups = inject(GroupStore);
  private readonly api = inject(GroupApi);
  private readonly notices = inject(Notices);
  protected readonly counted = counted;
  protected readonly action = action();
  protected readonly slips = signal<NameSlips['slips'] | null>(null);
  protected readonly setting = signal<Member | null>(null);
  protected readonly isOwn = computed(
    () => this.groups.group()?.coach.id === this.groups.account()?.id,
  );
  /** Groups to which somebody of this one may be moved. */
  protected readonly others = computed(() =>
    this.groups
      .taught()
      .filter(({ id, rights }) => id !== this.groups.group()?.id && rights.includes('roster')),
  );

  protected async move(group: Group, learner: Member, to: string): Promise<void> {
    const moved = async (from: string, where: string): Promise<boolean> => {
      const isMoved = await this.api.move(from, learner.id, where);
      if (isMoved) this.groups.again();
      return isMoved;
    };
    await this.action.run(async () => {
      if (!(await moved(group.id, to))) {
        void this.notices.say(`${learner.name} is asked, and moves once they agree.`);
        return;
      }
      const back = (): void => void this.action.run(() => moved(to, group.id));
      void this.notices.offerUndo(`${learner.name} has moved.`, back);
    });
  }

  protected takeOut(group: Group, learner: Member): void {
    void this.notices.offerUndo(
      `Remove ${learner.name}? What they do stays theirs; they cannot come back with the code of now.`,
      () => void this.action.run(() => this.groups.leave(group.id, learner.id)),
      'Remove',
    );
  }

  protected async setPhrase(learner: Member, phrase: string): Promise<void> {
    await this.action.run(async () => {
      await this.api.setPhrase(learner.id, phrase);
      this.setting.set(null);
      void this.notices.say(`Tell ${learner.name} the new phrase; they are signed out everywhere.`);
    });
  }

  protected renewCode(group: Group): void {
    const renew = async (): Promise<void> =>
      this.groups.changed(await this.api.renewCode(group.id));
    void this.notices.offerUndo(
      'Change the code? Nobody can join by the one before.',
      () => void this.action.run(renew),
      'Change it',
    );
  }

  protected async helpNoMore(group: Group): Promise<void> {
    const own = this.groups.account()?.id;
    if (own !== undefined) await this.action.run(() => this.groups.endHelp(group.id, own));
  }

  protected async putAway(group: Group): Promise<void> {
    await this.action.run(async () => {
      await this.groups.change(group.id, { archived: true });
      void this.notices.offerUndo(`${group.name} is archived.`, () => void this.bringBack(group));
    });
  }

  private async bringBack(group: Group): Promise<void> {
    await this.action.run(async () => {
      await this.groups.change(group.id, { archived: false });
      this.groups.choose(group.id);
    });
  }

  protected async export(group: Group): Promise<void> {
    await this.action.run(async () =>
      saveFile(await this.api.export(group.id), 'sleetcrest-group.zip'),
    );
  }
}
