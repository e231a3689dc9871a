import { inject, Injectable } from '@angular/core';
import {
  assignmentListSchema,
  assignmentSchema,
  calendarSchema,
  calendarsSchema,
  keptPlanAnswerSchema,
  liveListSchema,
  liveSessionSchema,
  matrixSchema,
  planListSchema,
  presentSchema,
  printJobListSchema,
  printJobSchema,
  workListSchema,
  workSchema,
  type AskPrint,
  type Calendars,
  type Assignment,
  type ChangeLive,
  type HandIn,
  type HereTold,
  type JoinLive,
  type KeepPlan,
  type KeptPlan,
  type LiveSession,
  type Matrix,
  type Present,
  type PrintJob,
  type SetAssignment,
  type Work,
  type WriteNote,
} from '@sleetcrest/contract/table';
import { v4 as uuid } from 'uuid';
import { Client } from '../../base/api/client';

/** What a group does on the server: how it stands, plans, work, paper and sessions. */
@Injectable({ providedIn: 'root' })
export class TableApi {
  private readonly client = inject(Client);

  matrix(group: string, day: string): Promise<Matrix> {
    return this.client.get(`/api/groups/${group}/matrix?day=${day}`, matrixSchema);
  }

  async plans(group: string): Promise<KeptPlan[]> {
    return (await this.client.get(`/api/groups/${group}/plans`, planListSchema)).items;
  }

  keepPlan(group: string, given: KeepPlan): Promise<KeptPlan> {
    const path = `/api/groups/${group}/plans/${given.plan.id}`;
    return this.client.send('PUT', path, keptPlanAnswerSchema, given);
  }

  removePlan(group: string, plan: string): Promise<unknown> {
    return this.client.tell('DELETE', `/api/groups/${group}/plans/${plan}`);
  }

  async calendar(group: string): Promise<string> {
    return (await this.client.get(`/api/groups/${group}/calendar`, calendarSchema)).address;
  }

  async changeCalendar(group: string): Promise<string> {
    return (await this.client.send('POST', `/api/groups/${group}/calendar`, calendarSchema, {}))
      .address;
  }

  /** Whose calendars read the sessions. */
  async calendars(group: string): Promise<Calendars['items']> {
    return (await this.client.get(`/api/groups/${group}/calendars`, calendarsSchema)).items;
  }

  withdrawCalendar(group: string, coach: string): Promise<unknown> {
    return this.client.tell('DELETE', `/api/groups/${group}/calendars/${coach}`);
  }

  async assignments(group: string): Promise<Assignment[]> {
    return (await this.client.get(`/api/groups/${group}/assignments`, assignmentListSchema)).items;
  }

  assign(group: string, given: SetAssignment): Promise<Assignment> {
    return this.client.send('POST', `/api/groups/${group}/assignments`, assignmentSchema, given);
  }

  takeBack(group: string, assignment: string): Promise<unknown> {
    return this.client.tell('DELETE', `/api/groups/${group}/assignments/${assignment}`);
  }

  async ownAssignments(): Promise<Assignment[]> {
    return (await this.client.get('/api/assignments', assignmentListSchema)).items;
  }

  sayDone(assignment: string, done: boolean): Promise<Assignment> {
    return this.client.send('PUT', `/api/assignments/${assignment}/said`, assignmentSchema, {
      done,
    });
  }

  async work(group: string): Promise<Work[]> {
    return (await this.client.get(`/api/groups/${group}/work`, workListSchema)).items;
  }

  async ownWork(): Promise<Work[]> {
    return (await this.client.get('/api/work', workListSchema)).items;
  }

  handIn(given: HandIn): Promise<Work> {
    return this.client.send('POST', '/api/work', workSchema, given);
  }

  writeOn(work: string, note: WriteNote): Promise<Work> {
    return this.client.send('POST', `/api/work/${work}/notes`, workSchema, note);
  }

  readWork(work: string): Promise<Work> {
    return this.client.send('PUT', `/api/work/${work}/read`, workSchema, {});
  }

  markWork(work: string, marked: boolean): Promise<Work> {
    return this.client.send('PUT', `/api/work/${work}/marked`, workSchema, { marked });
  }

  async prints(group: string): Promise<PrintJob[]> {
    return (await this.client.get(`/api/groups/${group}/prints`, printJobListSchema)).items;
  }

  print(group: string, asked: AskPrint): Promise<PrintJob> {
    return this.client.send('POST', `/api/groups/${group}/prints`, printJobSchema, asked);
  }

  printed(group: string, print: string): Promise<Blob> {
    const path = `/api/groups/${group}/prints/${print}`;
    return this.client.file(path);
  }

  removePrint(group: string, print: string): Promise<unknown> {
    return this.client.tell('DELETE', `/api/groups/${group}/prints/${print}`);
  }

  async sessions(): Promise<LiveSession[]> {
    return (await this.client.get('/api/live', liveListSchema)).items;
  }

  beginSession(group: string): Promise<LiveSession> {
    return this.client.send('POST', `/api/groups/${group}/live`, liveSessionSchema, { id: uuid() });
  }

  changeSession(live: string, change: ChangeLive): Promise<LiveSession> {
    return this.client.send('PATCH', `/api/live/${live}`, liveSessionSchema, change);
  }

  endSession(live: string): Promise<unknown> {
    return this.client.tell('DELETE', `/api/live/${live}`);
  }

  lowerHand(live: string, learner: string): Promise<unknown> {
    return this.client.tell('DELETE', `/api/live/${live}/hands/${learner}`);
  }

  /** Takes somebody off the table. */
  takeOff(live: string, who: string): Promise<unknown> {
    return this.client.tell('DELETE', `/api/live/${live}/seats/${who}`);
  }

  /** Puts another code on the board. */
  renewBoardCode(live: string): Promise<LiveSession> {
    return this.client.send('POST', `/api/live/${live}/code`, liveSessionSchema, {});
  }

  joinByCode(given: JoinLive): Promise<LiveSession> {
    return this.client.send('POST', '/api/live/join', liveSessionSchema, given);
  }

  joinOfGroup(group: string): Promise<LiveSession> {
    return this.client.send('POST', `/api/groups/${group}/live/join`, liveSessionSchema, {});
  }

  tellHere(live: string, here: HereTold): Promise<Present> {
    return this.client.send('PUT', `/api/live/${live}/here`, presentSchema, here);
  }

  getUp(live: string): Promise<unknown> {
    return this.client.tell('DELETE', `/api/live/${live}/here`);
  }
}
