import { randomUUID } from 'node:crypto';
import { groupSchema, type Account, type Group } from '@sleetcrest/contract/accounts';
import { TestApp, type Visitor } from '../app.spec-support.js';

/** A coach with a group, and learners who belong to it. */
export class AGroup {
  private constructor(
    readonly app: TestApp,
    readonly coach: Visitor,
    readonly group: Group,
    readonly learners: readonly Visitor[],
    readonly accounts: readonly Account[],
  ) {}

  /** Where it is asked for. */
  get at(): string {
    return `/api/groups/${this.group.id}`;
  }

  static async start(...names: string[]): Promise<AGroup> {
    return AGroup.over(await TestApp.start(), names);
  }

  /** The same, in a process that does jobs too. */
  static async working(...names: string[]): Promise<AGroup> {
    return AGroup.over(await TestApp.start({ works: true }), names);
  }

  private static async over(app: TestApp, names: readonly string[]): Promise<AGroup> {
    const coach = app.somebody();
    await coach.signUp('Runa', 'coach');
    const made = await coach.ask('POST', '/api/groups', { id: randomUUID(), name: 'Thursday' });
    const group = groupSchema.parse(made.body);
    const learners = names.map(() => app.somebody());
    const accounts: Account[] = [];
    for (const [k, learner] of learners.entries()) {
      accounts.push(await learner.signUp(names[k]!));
      await learner.ask('POST', '/api/groups/join', { code: group.code });
    }
    return new AGroup(app, coach, group, learners, accounts);
  }
}
