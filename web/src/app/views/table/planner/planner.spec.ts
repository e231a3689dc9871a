import { type ComponentFixture, TestBed } from '@angular/core/testing';
import type { KeepPlan, KeptPlan } from '@sleetcrest/contract/table';
import { openStore, until } from '../../../app.spec-support';
import { planningDeeds } from '../../../subjects/group/work/planning-deeds';
import { LearningWork } from '../../../subjects/practice/work';
import { TableApi } from '../../../subjects/group';
import { PlanningWork } from '../../../subjects/group/work';
import { aGroup, aMatrix, groupsOf, learnerId, manyLearners } from '../table.spec-support';
import { askedOf, moved, newPlan, nextWeek, weekLater } from './draft';
import { Planner } from './planner';
import { choiceCalled } from '../../../ui/fields/choice.spec-support';

describe('a plan in hand', () => {
  const slot = { kind: 'solve', case: '', other: '' } as const;
  const tables = [
    { learners: ['a', 'b'], slots: [slot] },
    { learners: ['c'], slots: [slot] },
  ];

  it('moves somebody to another table, or a new one; a table that is left goes', () => {
    const sitting = (learner: string, to: number): string[] =>
      moved(tables, learner, to, [slot]).map(({ learners }) => learners.join(''));
    expect(sitting('a', 1)).toEqual(['b', 'ca']);
    expect(sitting('c', 0)).toEqual(['abc']);
    expect(sitting('a', 2)).toEqual(['b', 'c', 'a']);
  });

  it('is copied to next week as another plan', () => {
    const plan = { ...newPlan('2026-12-31', ['a'], 1), note: 'bring tea' };
    const next = nextWeek(plan, 2);
    expect([next.on, next.note, next.comes]).toEqual(['2027-01-07', 'bring tea', ['a']]);
    expect(next.id).not.toBe(plan.id);
    expect(weekLater('2026-03-25')).toBe('2026-04-01');
  });

  it('is planned from whoever comes, the cases in the order in which they are worth learning', () => {
    const matrix = aMatrix(4, { Amalie: ['sure', 'new'], Teo: ['begun'] });
    const [first, second] = [matrix.columns[0]!.case, matrix.columns[1]!.case];
    const plan = newPlan('2026-12-03', [learnerId(0)], 1);
    const asked = askedOf(plan, matrix, [second, first]);
    expect(asked.cases.slice(0, 2).map((one) => one.case)).toEqual([second, first]);
    expect(asked.learners.map(({ name }) => name)).toEqual(['Amalie']);
    expect(asked.learners[0]!.standings.slice(0, 2)).toEqual(['new', 'sure']);
  });
});

describe('the planner', () => {
  let fixture: ComponentFixture<Planner>;
  let kept: KeepPlan[];
  /** The plans there are, by group. */
  let there: Record<string, KeptPlan[]>;
  let group: ReturnType<typeof aGroup>;
  let groups: ReturnType<typeof groupsOf>;
  const host = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const text = (): string => host().textContent.replace(/\s+/g, ' ');
  const shown = (name: string): HTMLButtonElement | undefined =>
    [...host().querySelectorAll('button')].find((one) => one.textContent.trim().includes(name));
  const button = (name: string): HTMLButtonElement => shown(name)!;
  const seen = (what: () => boolean): Promise<void> =>
    until(() => {
      fixture.detectChanges();
      return what();
    });

  beforeEach(async () => {
    kept = [];
    there = {};
    await TestBed.configureTestingModule({ imports: [Planner] }).compileComponents();
    const learners = manyLearners(6);
    group = aGroup(...Object.keys(learners));
    groups = groupsOf(group);
    openStore(
      groups,
      {
        provide: TableApi,
        useValue: {
          plans: async (of: string): Promise<KeptPlan[]> => there[of] ?? [],
          matrix: async () => aMatrix(8, learners),
          calendar: async () => '/api/groups/x/calendar/y.ics',
          keepPlan: async (_: string, given: KeepPlan): Promise<KeptPlan> => {
            kept.push(given);
            return { plan: given.plan, changedAt: '2026-11-26T10:00:00.000Z' };
          },
        },
      },
      { provide: LearningWork, useValue: { path: async () => [] } },
      {
        provide: PlanningWork,
        useValue: {
          plan: async (...given: Parameters<typeof planningDeeds.plan>) => {
            const planned = planningDeeds.plan(...given);
            if (!planned.ok) throw new Error(planned.error);
            return planned.value;
          },
          judge: async (...given: Parameters<typeof planningDeeds.judge>) =>
            planningDeeds.judge(...given),
          prepare: async () => [],
        },
      },
    );
    fixture = TestBed.createComponent(Planner);
    await seen(() => text().includes('Who comes') && !button('Propose').disabled);
  });
  afterEach(() => fixture.destroy());

  it('proposes, says how good it is and why each sits there, and keeps it once', async () => {
    button('Propose').click();
    await seen(() => text().includes('No plan is worth more,'));
    expect(text()).toMatch(/Expect about \d+ cases learned/);
    expect(host().querySelectorAll('.why li').length).toBeGreaterThan(5);
    button('Keep').click();
    await seen(() => shown('Kept') !== undefined);
    expect(kept.length).toBe(1);
    expect(kept[0]!.basis).toBeNull();
    expect(kept[0]!.plan.tables.flatMap(({ learners }) => learners).length).toBe(6);
  });

  it('says what a change costs and breaks, and takes it back', async () => {
    button('Propose').click();
    await seen(() => text().includes('No plan is worth more,'));
    for (const block of [0, 1]) {
      host().querySelectorAll<HTMLElement>('.slots mat-select')[block]!.click();
      const option = (): HTMLElement | undefined =>
        [...document.querySelectorAll<HTMLElement>('mat-option')].find((one) =>
          one.textContent.trim().startsWith('New, you teach'),
        );
      await seen(() => option() !== undefined);
      option()!.click();
      await seen(() => !button('Undo').disabled && option() === undefined);
    }
    await seen(() => text().includes('would meet two new cases in one session'));
    expect(text()).toContain('Your change loses');
    button('Undo').click();
    button('Undo').click();
    await seen(() => text().includes('No plan is worth more,'));
  });

  it('leaves out whoever does not come', async () => {
    const box = host().querySelector<HTMLInputElement>('.who input')!;
    box.click();
    button('Propose').click();
    await seen(() => text().includes('No plan is worth more,'));
    expect(host().querySelectorAll('.name').length).toBe(5);
  });

  it('goes on from what was kept: a change after it can be taken back, and kept again', async () => {
    button('Propose').click();
    await seen(() => text().includes('No plan is worth more,'));
    button('Keep').click();
    await seen(() => shown('Kept') !== undefined);
    fixture.componentRef.setInput('id', kept[0]!.plan.id);
    const note = host().querySelector('textarea')!;
    note.value = 'bring tea';
    note.dispatchEvent(new Event('change'));
    await seen(() => shown('Kept') === undefined);
    button('Keep').click();
    await seen(() => kept.length === 2);
    expect(kept[1]!.basis).toBe('2026-11-26T10:00:00.000Z');
    expect(kept[1]!.plan.note).toBe('bring tea');
    await seen(() => shown('Kept') !== undefined);
    button('Undo').click();
    await seen(() => shown('Kept') === undefined);
    expect(host().querySelector('textarea')!.value).toBe('');
  });

  it('has the plans of the group that is turned to, and takes up what the address names', async () => {
    button('Propose').click();
    await seen(() => text().includes('No plan is worth more,'));
    const other = { ...group, id: '5f0f6a52-6f5c-4e53-9a43-30b2a4a7e104', name: 'Saturday' };
    const later = ['2099-03-05', '2099-03-12'].map((on): KeptPlan => ({
      plan: { ...newPlan(on, [learnerId(0)], 1), note: `for ${on}` },
      changedAt: '2026-11-26T10:00:00.000Z',
    }));
    there[other.id] = [...later].reverse();
    const note = (): string => host().querySelector('textarea')?.value ?? '';
    groups.useValue.group.set(other);
    await seen(() => note() === 'for 2099-03-05');
    expect(host().querySelectorAll('.name').length).toBe(0);
    fixture.componentRef.setInput('id', later[1]!.plan.id);
    await seen(() => note() === 'for 2099-03-12');
    fixture.componentRef.setInput('id', 'new');
    await seen(() => note() === '');
    groups.useValue.group.set(group);
    await seen(() => choiceCalled(host(), 'Session')!.options.length === 1);
    expect(note()).toBe('');
  });
});
