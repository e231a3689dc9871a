import type { Standing } from '../../learner/standing/index.js';
import type { PlanAsked, PlanLearner, PlanTable, Slot } from './asked.js';
import { nextNew, timesMixed } from './gains.js';
import { SAY } from './words.js';

/** Why somebody does something in a block, in a sentence, and the cases it names, to be shown by their pictures. */
export interface PlanReason {
  readonly says: string;
  readonly cases: readonly string[];
}

/** Why somebody sits where they sit, one reason for each block. */
export function reasonsFor(asked: PlanAsked, table: PlanTable, learner: string): PlanReason[] {
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

  for(slot: Slot): PlanReason {
    switch (slot.kind) {
      case 'solve':
        return this.solves();
      case 'new':
        return { says: this.shown(slot), cases: [slot.case] };
      case 'apart':
        return { says: this.apart(slot), cases: [slot.case, slot.other] };
      case 'firm':
        return { says: this.firm(slot), cases: [slot.case] };
    }
  }

  private solves(): PlanReason {
    const { name, standings } = this.learner;
    const { slots } = this.table;
    const left = this.asked.cases.find(
      (one, k) =>
        UNDER_WAY.includes(standings[k]!) &&
        !slots.some(({ kind, case: id }) => kind === 'firm' && id === one.case),
    );
    if (!left) return { says: SAY.doesWholeSolvesNothingElse({ name }), cases: [] };
    const says = SAY.doesWholeSolvesThoughIs({ name, case: this.title(left.case) });
    return { says, cases: [left.case] };
  }

  private shown(slot: Slot): string {
    const { name, standings } = this.learner;
    const { cases } = this.asked;
    const at = nextNew(cases, standings).indexOf(this.number(slot.case));
    const title = this.title(slot.case);
    if (at < 0) return SAY.isNotNextForWho({ title, name });
    return at === 0
      ? SAY.isNextOnSPath({ title, name })
      : SAY.isSoonNextOnS({ title, name, before: at });
  }

  private apart({ case: a, other: b }: Slot): string {
    const { name } = this.learner;
    const times = timesMixed(this.learner, a, b);
    const both = SAY.both({ one: this.title(a), other: this.title(b) });
    return times > 0 ? SAY.mixedUp({ name, both, times }) : SAY.doesNotMixUpAnd({ name, both });
  }

  private firm({ case: id }: Slot): string {
    const { name } = this.learner;
    const title = this.title(id);
    const standing = this.standing(this.learner, id);
    if (standing === 'begun') return SAY.hasBegunAndNotYet({ name, title });
    if (standing === 'known') return SAY.hasDoneAloneOnceMore({ name, title });
    if (standing === 'slipping') {
      const explains = this.others().find((one) => this.standing(one, id) === 'sure');
      return explains
        ? SAY.isForgettingIsSureOf({ name, title, name2: explains.name })
        : SAY.knewAndIsForgettingIt({ name, title });
    }
    if (standing === 'sure') {
      const losing = this.others().find((one) => this.standing(one, id) === 'slipping');
      return losing
        ? SAY.isSureOfAndExplains({ name, title, name2: losing.name })
        : SAY.isSureOfAlreadyAnd({ name, title });
    }
    return SAY.isNotBegunByYet({ title, name });
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
