import type { Standing } from '../../learner/standing/index.js';
import type { PlanAsked, PlanLearner, PlanTable, Slot } from './asked.js';
import { nextNew, timesMixed } from './gains.js';

/** Why somebody sits where they sit, in one sentence for each block. */
export function reasonsFor(asked: PlanAsked, table: PlanTable, learner: string): string[] {
  const one = asked.learners.find(({ id }) => id === learner);
  return one ? table.slots.map((slot) => new Reason(asked, table, one).for(slot)) : [];
}

/** What can be made sure without the coach. */
const UNDER_WAY: readonly Standing[] = ['slipping', 'begun', 'known'];

class Reason {
  constructor(
    private readonly asked: PlanAsked,
    private readonly table: PlanTable,
    private readonly learner: PlanLearner,
  ) {}

  for(slot: Slot): string {
    switch (slot.kind) {
      case 'solve':
        return this.solves();
      case 'new':
        return this.shown(slot);
      case 'apart':
        return this.apart(slot);
      case 'firm':
        return this.firm(slot);
    }
  }

  private solves(): string {
    const { name, standings } = this.learner;
    const { slots } = this.table;
    const left = this.asked.cases.find(
      (one, k) =>
        UNDER_WAY.includes(standings[k]!) &&
        !slots.some(({ kind, case: id }) => kind === 'firm' && id === one.case),
    );
    return left
      ? `${name} does whole solves, though ${this.title(left.case)} is not sure yet.`
      : `${name} does whole solves: nothing else of theirs is under way.`;
  }

  private shown(slot: Slot): string {
    const { name, standings } = this.learner;
    const { cases } = this.asked;
    const at = nextNew(cases, standings).indexOf(this.number(slot.case));
    const title = this.title(slot.case);
    if (at < 0) return `${title} is not next for ${name}, who watches or solves.`;
    return at === 0
      ? `${title} is next on ${name}’s path.`
      : `${title} is soon next on ${name}’s path: ${at === 1 ? 'one case comes' : 'two cases come'} before it.`;
  }

  private apart({ case: a, other: b }: Slot): string {
    const { name } = this.learner;
    const times = timesMixed(this.learner, a, b);
    const both = `${this.title(a)} and ${this.title(b)}`;
    return times > 0
      ? `${name} mixed up ${both} ${times === 1 ? 'once' : `${times} times`}.`
      : `${name} does not mix up ${both}, and does whole solves meanwhile.`;
  }

  private firm({ case: id }: Slot): string {
    const { name } = this.learner;
    const title = this.title(id);
    const standing = this.standing(this.learner, id);
    if (standing === 'begun') return `${name} has begun ${title} and not yet done it alone.`;
    if (standing === 'known') return `${name} has done ${title} alone; once more makes it sure.`;
    if (standing === 'slipping') {
      const explains = this.others().find((one) => this.standing(one, id) === 'sure');
      return explains
        ? `${name} is forgetting ${title}; ${explains.name} is sure of it and explains it.`
        : `${name} knew ${title} and is forgetting it.`;
    }
    if (standing === 'sure') {
      const losing = this.others().find((one) => this.standing(one, id) === 'slipping');
      return losing
        ? `${name} is sure of ${title} and explains it to ${losing.name}.`
        : `${name} is sure of ${title} already, and does whole solves meanwhile.`;
    }
    return `${title} is not begun by ${name} yet, who watches or solves.`;
  }

  private others(): PlanLearner[] {
    const { learners } = this.table;
    return this.asked.learners.filter((one) => one !== this.learner && learners.includes(one.id));
  }

  private number(id: string): number {
    return this.asked.cases.findIndex((one) => one.case === id);
  }

  private title(id: string): string {
    return `“${this.asked.cases[this.number(id)]?.title ?? id}”`;
  }

  private standing({ standings }: PlanLearner, id: string): Standing | undefined {
    return standings[this.number(id)];
  }
}
