import { inject, Injectable } from '@angular/core';
import {
  groupListSchema,
  groupSchema,
  invitationListSchema,
  invitationSchema,
  leavingSchema,
  movedSchema,
  movesSchema,
  type ChangeGroup,
  type Group,
  type Invitation,
  type Leaving,
  type Moves,
  type Right,
} from '@sleetcrest/contract/accounts';
import {
  checkedNamesSchema,
  slipsSchema,
  type AddLearners,
  type CheckedNames,
  type NameSlips,
} from '@sleetcrest/contract/table';
import { v4 as uuid } from 'uuid';
import { Client } from '../../base/api/client';

/** Groups on the server: who belongs, who helps, and how one comes and goes. */
@Injectable({ providedIn: 'root' })
export class GroupApi {
  private readonly client = inject(Client);

  async list(): Promise<Group[]> {
    return (await this.client.get('/api/groups', groupListSchema)).items;
  }

  make(name: string): Promise<Group> {
    return this.client.send('POST', '/api/groups', groupSchema, { id: uuid(), name });
  }

  /** Joins by the code of a group, as a learner, or as an assistant by the code for one. */
  join(code: string): Promise<Group> {
    return this.client.send('POST', '/api/groups/join', groupSchema, { code });
  }

  dissolve(group: string): Promise<unknown> {
    return this.client.tell('DELETE', `/api/groups/${group}`);
  }

  /** Takes a learner out, or oneself. */
  leave(group: string, learner: string): Promise<unknown> {
    return this.client.tell('DELETE', `/api/groups/${group}/learners/${learner}`);
  }

  setPhrase(learner: string, phrase: string): Promise<unknown> {
    return this.client.tell('POST', `/api/learners/${learner}/phrase`, { phrase });
  }

  /** Moves to another coach’s group that wait for one’s word. */
  async moves(): Promise<Moves['items']> {
    return (await this.client.get('/api/moves', movesSchema)).items;
  }

  answerMove(to: string, agrees: boolean): Promise<unknown> {
    return this.client.tell(agrees ? 'POST' : 'DELETE', `/api/moves/${to}`, agrees ? {} : null);
  }

  change(group: string, change: ChangeGroup): Promise<Group> {
    return this.client.send('PATCH', `/api/groups/${group}`, groupSchema, change);
  }

  invite(group: string, rights: readonly Right[]): Promise<Invitation> {
    return this.client.send('POST', `/api/groups/${group}/assistants`, invitationSchema, {
      rights,
    });
  }

  /** Codes by which coaches may become assistants, as long as they are good. */
  async invitations(group: string): Promise<Invitation[]> {
    return (await this.client.get(`/api/groups/${group}/invitations`, invitationListSchema)).items;
  }

  withdraw(group: string, code: string): Promise<unknown> {
    return this.client.tell('DELETE', `/api/groups/${group}/invitations/${code}`);
  }

  /** Gives the group another code; by the one before nobody joins. */
  renewCode(group: string): Promise<Group> {
    return this.client.send('POST', `/api/groups/${group}/code`, groupSchema, {});
  }

  /** What of others’ goes where a group is deleted. */
  leaving(group: string): Promise<Leaving> {
    return this.client.get(`/api/groups/${group}/leaving`, leavingSchema);
  }

  endHelp(group: string, coach: string): Promise<unknown> {
    return this.client.tell('DELETE', `/api/groups/${group}/assistants/${coach}`);
  }

  checkNames(group: string, names: readonly string[]): Promise<CheckedNames> {
    const path = `/api/groups/${group}/roster/check`;
    return this.client.send('POST', path, checkedNamesSchema, { names });
  }

  addLearners(group: string, given: AddLearners): Promise<NameSlips> {
    return this.client.send('POST', `/api/groups/${group}/roster`, slipsSchema, given);
  }

  /** Gives whether they moved; to a group of another coach the learner is asked. */
  async move(group: string, learner: string, to: string): Promise<boolean> {
    const path = `/api/groups/${group}/learners/${learner}/move`;
    return (await this.client.send('POST', path, movedSchema, { to })).moved;
  }

  /** All that the coach has of a group, as a ZIP file. */
  export(group: string): Promise<Blob> {
    return this.client.file(`/api/groups/${group}/export`);
  }
}
