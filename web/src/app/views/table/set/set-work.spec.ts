import { type ComponentFixture, TestBed } from '@angular/core/testing';
import type { Assignment, Progress, SetAssignment } from '@sleetcrest/contract/table';
import { openStore, until } from '../../../app.spec-support';
import { TableApi } from '../../../subjects/group';
import { aGroup, groupsOf, learnerId } from '../table.spec-support';
import { SetWork } from './set-work';

describe('setting work', () => {
  let fixture: ComponentFixture<SetWork>;
  let all: Assignment[];
  let set: SetAssignment[];
  const host = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const text = (): string => host().textContent.replace(/\s+/g, ' ');
  const button = (name: string): HTMLButtonElement =>
    [...host().querySelectorAll('button')].find((one) => one.textContent.trim() === name)!;
  const box = (name: string): HTMLInputElement =>
    [...host().querySelectorAll('mat-checkbox')]
      .find((one) => one.textContent.trim() === name)!
      .querySelector('input')!;
  const seen = (what: () => boolean): Promise<void> =>
    until(() => {
      fixture.detectChanges();
      return what();
    });
  const asAssignment = (given: SetAssignment): Assignment => ({
    id: given.id,
    task: given.task,
    note: given.note,
    until: given.until,
    group: aGroup().id,
    groupName: 'Thursday',
    forAll: given.for === null,
    setAt: '2026-11-20T18:00:00.000Z',
    progress: ['Amalie', 'Teo'].map((name, k) => ({
      learner: learnerId(k),
      name,
      done: k,
      of: 2,
      right: null,
      seconds: k ? 12.5 : null,
      doneAt: k ? '2026-11-22T18:00:00.000Z' : null,
      said: false,
    })),
  });

  async function open(inputs: Record<string, string> = {}): Promise<void> {
    [all, set] = [[], []];
    openStore(groupsOf(aGroup('Amalie', 'Teo')), {
      provide: TableApi,
      useValue: {
        assignments: async () => all,
        assign: async (_: string, given: SetAssignment) => {
          set.push(given);
          all = [asAssignment(given), ...all];
          return all[0];
        },
        takeBack: async (_: string, id: string) => {
          all = all.filter((one) => one.id !== id);
        },
      },
    });
    fixture = TestBed.createComponent(SetWork);
    for (const [name, value] of Object.entries(inputs)) fixture.componentRef.setInput(name, value);
    await seen(() => text().includes('No tasks set.'));
  }
  const choose = async (what: string): Promise<void> => {
    const select = host().querySelector('select')!;
    select.value = what;
    select.dispatchEvent(new Event('change'));
    await seen(() => true);
  };

  it('sets a lesson for all, once a case is chosen', async () => {
    await open();
    expect(button('Set this task').disabled).toBeTrue();
    box('In the middle, white in front').click();
    await seen(() => !button('Set this task').disabled);
    button('Set this task').click();
    await seen(() => text().includes('The lesson “In the middle, white in front”'));
    expect(set[0]).toEqual(
      jasmine.objectContaining({
        task: { do: 'lesson', case: 'daisy/middle-right' },
        for: null,
        until: null,
      }),
    );
  });

  it('begins with the case and the learner the address names', async () => {
    await open({ case: 'daisy/bottom-down', for: learnerId(1) });
    await seen(() => !button('Set this task').disabled);
    expect(box('Teo').checked).toBeTrue();
    button('Set this task').click();
    await seen(() => set.length === 1);
    expect(set[0]!.for).toEqual([learnerId(1)]);
  });

  it('sets a stage so often, and shows who did it and how it went', async () => {
    await open();
    await choose('stage');
    box('Amalie').click();
    await seen(() => true);
    button('Set this task').click();
    await seen(() => text().includes('Daisy on the clock, 5 times'));
    expect(text()).toContain('done by 1 of 2');
    expect(text()).toContain('done 22 Nov 2026, typically 12.50');
    expect(text()).toContain('0 of 2');
  });

  it('refuses turns that cannot be read, with what to mend, and sets nothing', async () => {
    await open();
    await choose('scramble');
    const field = host().querySelector<HTMLInputElement>('input.mono')!;
    field.value = 'R U Q';
    field.dispatchEvent(new Event('input'));
    await seen(() => !button('Set this task').disabled);
    button('Set this task').click();
    await seen(() => text().includes('write the turns that mix the cube'));
    expect(set).toEqual([]);
  });

  it('takes back what was set', async () => {
    await open();
    await choose('plan');
    button('Set this task').click();
    await seen(() => text().includes('Plan the first steps, 5 times'));
    button('Take back').click();
    await seen(() => text().includes('No tasks set.'));
  });

  describe('tells of each how it went', () => {
    /** What is said of one learner of something set until a day. */
    async function said(until_: string | null, progress: Partial<Progress>): Promise<string> {
      await open();
      const one = asAssignment({
        id: learnerId(50),
        task: { do: 'plan', times: 2 },
        note: '',
        until: until_,
        for: null,
      });
      all = [{ ...one, progress: [{ ...one.progress[0]!, ...progress }] }];
      fixture.destroy();
      fixture = TestBed.createComponent(SetWork);
      await seen(() => text().includes('Plan the first steps'));
      return text();
    }
    const DONE = '2026-11-22T18:00:00.000Z';

    it('how far it is, and that the day is past, without a word more', async () => {
      expect(await said(null, { done: 1 })).toContain('1 of 2');
    });

    it('late as a fact, of what is open and of what is done', async () => {
      expect(await said('2020-01-01', { done: 1 })).toContain('1 of 2, the day is past');
    });

    it('when it was done, in time or after the day', async () => {
      expect(await said('2026-11-22', { doneAt: DONE })).toContain('done 22 Nov 2026');
      expect(text()).not.toContain('after the day');
    });

    it('that it came after the day', async () => {
      expect(await said('2026-11-21', { doneAt: DONE })).toContain(
        'done 22 Nov 2026, after the day',
      );
    });

    it('whether it was seen or is said, and how it went where that is known', async () => {
      expect(await said(null, { doneAt: DONE, said: true })).toContain('says it is done');
    });

    it('how many were right, and how long it typically took', async () => {
      const words = await said(null, { doneAt: DONE, right: 7, seconds: 12.5 });
      expect(words).toContain('7 right, typically 12.50');
    });
  });

  it('names whom it is for where it is not for all', async () => {
    await open();
    const one = asAssignment({
      id: learnerId(51),
      task: { do: 'plan', times: 1 },
      note: '',
      until: null,
      for: [learnerId(1)],
    });
    all = [{ ...one, progress: one.progress.slice(1) }];
    fixture.destroy();
    fixture = TestBed.createComponent(SetWork);
    await seen(() => text().includes('for Teo; done by 1 of 1'));
    expect(text()).toContain('Plan the first steps, once');
  });
});
