import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { MatFormField, MatInput, MatLabel } from '@angular/material/input';
import { Router } from '@angular/router';
import type { Group } from '@sleetcrest/contract/accounts';
import { saveFile } from '../../../base/files/save-file';
import { Notices } from '../../../base/dialogs/notices';
import { action } from '../../../base/reading/action';
import { leavingWords } from '../../../subjects/account';
import { GroupApi, GroupStore } from '../../../subjects/group';
import { Trouble } from '../../../ui/trouble';
import { SAY } from './words';
import { Sentence, SentenceSlot } from '../../../ui/sentence/sentence';

/** The one place where groups are made, joined, helped with, left, archived ones brought back, and deleted. */
@Component({
  selector: 'sc-groups',
  imports: [
    Sentence,
    SentenceSlot,
    FormsModule,
    MatButton,
    MatFormField,
    MatInput,
    MatLabel,
    Trouble,
  ],
  templateUrl: './groups.html',
  styleUrl: './groups.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Groups {
  protected readonly say = SAY;
  protected readonly groups = inject(GroupStore);
  private readonly api = inject(GroupApi);
  private readonly notices = inject(Notices);
  private readonly router = inject(Router);
  protected readonly action = action();
  protected readonly isCoach = computed(() => this.groups.account()?.role === 'coach');
  protected readonly readTrouble = computed(
    () => this.groups.trouble() ?? this.groups.moves.trouble(),
  );

  protected again(): void {
    this.groups.again();
    this.groups.moves.again();
  }

  protected isOwn(group: Group): boolean {
    return group.coach.id === this.groups.account()?.id;
  }

  protected async make(name: HTMLInputElement): Promise<void> {
    const named = name.value.trim();
    if (named === '') {
      this.action.refuse(SAY.giveTheGroupAName);
      return;
    }
    if (await this.action.run(() => this.groups.make(named))) name.value = '';
  }

  protected async join(code: HTMLInputElement): Promise<void> {
    const given = code.value.trim().toUpperCase();
    if (given === '') {
      this.action.refuse(SAY.typeTheCodeFirst);
      return;
    }
    await this.action.run(async () => {
      const { name, rights } = await this.groups.join(given);
      code.value = '';
      void this.notices.say(
        rights.length > 0 ? SAY.youHelpWith({ name }) : SAY.youBelongTo({ name }),
      );
    });
  }

  /** Looks at one, and at who belongs to it. */
  protected manage({ id }: Group): void {
    this.groups.choose(id);
    void this.router.navigate(['/table/who']);
  }

  protected async bringBack(group: Group): Promise<void> {
    await this.action.run(async () => {
      await this.groups.change(group.id, { archived: false });
      this.groups.choose(group.id);
    });
  }

  protected async takeAlong({ id }: Group): Promise<void> {
    await this.action.run(async () => saveFile(await this.api.export(id), 'sleetcrest-group.zip'));
  }

  /** A group cannot be brought back; its learners and their logs stay. Told first is what goes with it. */
  protected async dissolve({ id, name }: Group): Promise<void> {
    await this.action.run(async () => {
      const goes = leavingWords(await this.api.leaving(id));
      const dissolve = (): void => void this.action.run(() => this.groups.dissolve(id));
      const asked = [SAY.deleteGroup({ name }), goes, SAY.itsLearnersKeepTheirLogs].join(' ');
      void this.notices.offerUndo(asked, dissolve, SAY.delete);
    });
  }

  protected async leave({ id }: Group): Promise<void> {
    const own = this.groups.account()?.id;
    if (own !== undefined) await this.action.run(() => this.groups.leave(id, own));
  }

  protected async endHelp({ id }: Group): Promise<void> {
    const own = this.groups.account()?.id;
    if (own !== undefined) await this.action.run(() => this.groups.endHelp(id, own));
  }

  protected async answerMove(to: string, agrees: boolean): Promise<void> {
    await this.action.run(() => this.groups.answerMove(to, agrees));
  }
}
