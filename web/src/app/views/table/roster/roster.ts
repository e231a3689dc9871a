import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatMenu, MatMenuItem, MatMenuTrigger } from '@angular/material/menu';
import { RouterLink } from '@angular/router';
import type { Group, Member } from '@sleetcrest/contract/accounts';
import type { NameSlips } from '@sleetcrest/contract/table';
import { Notices } from '../../../base/dialogs/notices';
import { saveFile } from '../../../base/files/save-file';
import { action } from '../../../base/reading/action';
import { GroupApi, GroupStore } from '../../../subjects/group';
import { NewPhrase } from '../../../subjects/group/parts/new-phrase';
import { Trouble } from '../../../ui/trouble';
import { ClassAdder } from './class-adder';
import { Helpers } from './helpers';
import { NameSlipsView } from './name-slips';
import { GroupWays } from './ways';
import { SAY } from './words';
import { Sentence, SentenceSlot } from '../../../ui/sentence/sentence';

/** Learners to a group: learners, a whole class at once, who helps, how it learns, and its end. */
@Component({
  selector: 'sc-roster',
  imports: [
    Sentence,
    SentenceSlot,
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
  protected readonly say = SAY;
  protected readonly groups = inject(GroupStore);
  private readonly api = inject(GroupApi);
  private readonly notices = inject(Notices);
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
        void this.notices.say(SAY.isAskedAndMovesOnce({ name: learner.name }));
        return;
      }
      const back = (): void => void this.action.run(() => moved(to, group.id));
      void this.notices.offerUndo(SAY.hasMoved({ name: learner.name }), back);
    });
  }

  protected takeOut(group: Group, learner: Member): void {
    void this.notices.offerUndo(
      SAY.removeWhatTheyDoStays({ name: learner.name }),
      () => void this.action.run(() => this.groups.leave(group.id, learner.id)),
      SAY.remove,
    );
  }

  protected async setPhrase(learner: Member, phrase: string): Promise<void> {
    await this.action.run(async () => {
      await this.api.setPhrase(learner.id, phrase);
      this.setting.set(null);
      void this.notices.say(SAY.tellTheNewPhraseThey({ name: learner.name }));
    });
  }

  protected renewCode(group: Group): void {
    const renew = async (): Promise<void> =>
      this.groups.changed(await this.api.renewCode(group.id));
    void this.notices.offerUndo(
      SAY.changeTheCodeNobodyCan,
      () => void this.action.run(renew),
      SAY.changeIt,
    );
  }

  protected async helpNoMore(group: Group): Promise<void> {
    const own = this.groups.account()?.id;
    if (own !== undefined) await this.action.run(() => this.groups.endHelp(group.id, own));
  }

  protected async putAway(group: Group): Promise<void> {
    await this.action.run(async () => {
      await this.groups.change(group.id, { archived: true });
      void this.notices.offerUndo(
        SAY.isArchived({ name: group.name }),
        () => void this.bringBack(group),
      );
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
