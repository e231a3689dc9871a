import { HttpClient } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import {
  groupSchema,
  invitationListSchema,
  invitationSchema,
  leavingSchema,
  movedSchema,
  type ChangeGroup,
  type Group,
  type Invitation,
  type Leaving,
  type Right,
} from '@sleetcrest/contract/accounts';
import {
  assignmentListSchema,
  assignmentSchema,
  calendarSchema,
  calendarsSchema,
  checkedNamesSchema,
  keptPlanAnswerSchema,
  liveListSchema,
  liveSessionSchema,
  matrixSchema,
  planListSchema,
  presentSchema,
  printJobListSchema,
  printJobSchema,
  slipsSchema,
  workListSchema,
  workSchema,
  type AddLearners,
  type AskPrint,
  type Calendars,
  type Assignment,
  type ChangeLive,
  type CheckedNames,
  type HandIn,
  type HereTold,
  type JoinLive,
  type KeepPlan,
  type KeptPlan,
  type LiveSession,
  type Matrix,
  type NameSlips,
  type Present,
  type PrintJob,
  type SetAssignment,
  type Work,
  type WriteNote,
} from '@sleetcrest/contract/table';
import { firstValueFrom, map } from 'rxjs';
import { v4 as uuid } from 'uuid';
import type * as z from 'zod';
import { readAnswer } from '../../base/api/read-answer';

/** A coach's group on the server; answers are checked by the contract. */
@Injectable({ providedIn: 'root' })
export class TableApi {
  private readonly http = inject(HttpClient);

  changeGroup(group: string, change: ChangeGroup): Promise<Group> {
    return this.send('PATCH', `/api/groups/${group}`, change, groupSchema);
  }

  invite(group: string, rights: readonly Right[]): Promise<Invitation> {
    return this.send('POST', `/api/groups/${group}/assistants`, { rights }, invitationSchema);
  }

  /** Codes by which coaches may become assistants, as long as they are good. */
  async invitations(group: string): Promise<Invitation[]> {
    return (await this.read(`/api/groups/${group}/invitations`, invitationListSchema)).items;
  }

  withdraw(group: string, code: string): Promise<void> {
    return this.remove(`/api/groups/${group}/invitations/${code}`);
  }

  /** Gives the group another code; by the one before nobody joins. */
  renewCode(group: string): Promise<Group> {
    return this.send('POST', `/api/groups/${group}/code`, {}, groupSchema);
  }

  /** What of others’ goes where a group is deleted. */
  leaving(group: string): Promise<Leaving> {
    return this.read(`/api/groups/${group}/leaving`, leavingSchema);
  }

  endHelp(group: string, coach: string): Promise<void> {
    return this.remove(`/api/groups/${group}/assistants/${coach}`);
  }

  checkNames(group: string, names: readonly string[]): Promise<CheckedNames> {
    const path = `/api/groups/${group}/roster/check`;
    return this.send('POST', path, { names }, checkedNamesSchema);
  }

  addLearners(group: string, given: AddLearners): Promise<NameSlips> {
    return this.send('POST', `/api/groups/${group}/roster`, given, slipsSchema);
  }

  /** Gives whether they moved; to a group of another coach the learner is asked. */
  async move(group: string, learner: string, to: string): Promise<boolean> {
    const path = `/api/groups/${group}/learners/${learner}/move`;
    return (await this.send('POST', path, { to }, movedSchema)).moved;
  }

  /** All that the coach has of a group, as a ZIP file. */
  export(group: string): Promise<Blob> {
    return firstValueFrom(this.http.get(`/api/groups/${group}/export`, { responseType: 'blob' }));
  }

  matrix(group: string, day: string): Promise<Matrix> {
    return this.read(`/api/groups/${group}/matrix?day=${day}`, matrixSchema);
  }

  async plans(group: string): Promise<KeptPlan[]> {
    return (await this.read(`/api/groups/${group}/plans`, planListSchema)).items;
  }

  keepPlan(group: string, given: KeepPlan): Promise<KeptPlan> {
    const path = `/api/groups/${group}/plans/${given.plan.id}`;
    return this.send('PUT', path, given, keptPlanAnswerSchema);
  }

  removePlan(group: string, plan: string): Promise<void> {
    return this.remove(`/api/groups/${group}/plans/${plan}`);
  }

  async calendar(group: string): Promise<string> {
    return (await this.read(`/api/groups/${group}/calendar`, calendarSchema)).address;
  }

  async changeCalendar(group: string): Promise<string> {
    return (await this.send('POST', `/api/groups/${group}/calendar`, {}, calendarSchema)).address;
  }

  /** Whose calendars read the sessions. */
  async calendars(group: string): Promise<Calendars['items']> {
    return (await this.read(`/api/groups/${group}/calendars`, calendarsSchema)).items;
  }

  withdrawCalendar(group: string, coach: string): Promise<void> {
    return this.remove(`/api/groups/${group}/calendars/${coach}`);
  }

  async assignments(group: string): Promise<Assignment[]> {
    return (await this.read(`/api/groups/${group}/assignments`, assignmentListSchema)).items;
  }

  assign(group: string, given: SetAssignment): Promise<Assignment> {
    return this.send('POST', `/api/groups/${group}/assignments`, given, assignmentSchema);
  }

  takeBack(group: string, assignment: string): Promise<void> {
    return this.remove(`/api/groups/${group}/assignments/${assignment}`);
  }

  async ownAssignments(): Promise<Assignment[]> {
    return (await this.read('/api/assignments', assignmentListSchema)).items;
  }

  sayDone(assignment: string, done: boolean): Promise<Assignment> {
    return this.send('PUT', `/api/assignments/${assignment}/said`, { done }, assignmentSchema);
  }

  async work(group: string): Promise<Work[]> {
    return (await this.read(`/api/groups/${group}/work`, workListSchema)).items;
  }

  async ownWork(): Promise<Work[]> {
    return (await this.read('/api/work', workListSchema)).items;
  }

  handIn(given: HandIn): Promise<Work> {
    return this.send('POST', '/api/work', given, workSchema);
  }

  writeOn(work: string, note: WriteNote): Promise<Work> {
    return this.send('POST', `/api/work/${work}/notes`, note, workSchema);
  }

  readWork(work: string): Promise<Work> {
    return this.send('PUT', `/api/work/${work}/read`, {}, workSchema);
  }

  markWork(work: string, marked: boolean): Promise<Work> {
    return this.send('PUT', `/api/work/${work}/marked`, { marked }, workSchema);
  }

  async prints(group: string): Promise<PrintJob[]> {
    return (await this.read(`/api/groups/${group}/prints`, printJobListSchema)).items;
  }

  print(group: string, asked: AskPrint): Promise<PrintJob> {
    return this.send('POST', `/api/groups/${group}/prints`, asked, printJobSchema);
  }

  printed(group: string, print: string): Promise<Blob> {
    const path = `/api/groups/${group}/prints/${print}`;
    return firstValueFrom(this.http.get(path, { responseType: 'blob' }));
  }

  removePrint(group: string, print: string): Promise<void> {
    return this.remove(`/api/groups/${group}/prints/${print}`);
  }

  async sessions(): Promise<LiveSession[]> {
    return (await this.read('/api/live', liveListSchema)).items;
  }

  beginSession(group: string): Promise<LiveSession> {
    return this.send('POST', `/api/groups/${group}/live`, { id: uuid() }, liveSessionSchema);
  }

  changeSession(live: string, change: ChangeLive): Promise<LiveSession> {
    return this.send('PATCH', `/api/live/${live}`, change, liveSessionSchema);
  }

  endSession(live: string): Promise<void> {
    return this.remove(`/api/live/${live}`);
  }

  lowerHand(live: string, learner: string): Promise<void> {
    return this.remove(`/api/live/${live}/hands/${learner}`);
  }

  /** Takes somebody off the table. */
  takeOff(live: string, who: string): Promise<void> {
    return this.remove(`/api/live/${live}/seats/${who}`);
  }

  /** Puts another code on the board. */
  renewBoardCode(live: string): Promise<LiveSession> {
    return this.send('POST', `/api/live/${live}/code`, {}, liveSessionSchema);
  }

  joinByCode(given: JoinLive): Promise<LiveSession> {
    return this.send('POST', '/api/live/join', given, liveSessionSchema);
  }

  joinOfGroup(group: string): Promise<LiveSession> {
    return this.send('POST', `/api/groups/${group}/live/join`, {}, liveSessionSchema);
  }

  tellHere(live: string, here: HereTold): Promise<Present> {
    return this.send('PUT', `/api/live/${live}/here`, here, presentSchema);
  }

  getUp(live: string): Promise<void> {
    return this.remove(`/api/live/${live}/here`);
  }

  private read<T>(path: string, schema: z.ZodType<T>): Promise<T> {
    return firstValueFrom(this.http.get(path).pipe(map((body) => readAnswer(schema, body))));
  }

  private send<T>(method: string, path: string, body: unknown, schema: z.ZodType<T>): Promise<T> {
    const asked = this.http.request(method, path, { body });
    return firstValueFrom(asked.pipe(map((answer) => readAnswer(schema, answer))));
  }

  private async remove(path: string): Promise<void> {
    await firstValueFrom(this.http.delete(path));
  }
}
