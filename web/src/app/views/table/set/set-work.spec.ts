import { type ComponentFixture, TestBed } from '@angular/core/testing';
import type { Assignment, SetAssignment } from '@sleetcrest/contract/table';
import { openStore, until } from '../../../app.spec-support';
import { TableApi } from '../../../sending/table-api';
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
    ...{ id: given.id, task: given.task, note: given.note, until: given.until },
    ...{ group: aGroup().id, groupName: 'Thursday', forAll: given.for === null },
    setAt: '2026-11-20T18:00:00.000Z',
    progress: ['Amalie', 'Teo'].map((name, k) => ({
      ...{ learner: learnerId(k), name, done: k, of: 2, right: null, seconds: k ? 12.5 : null },
      ...{ doneAt: k ? '2026-11-22T18:00:00.000Z' : null, said: false },
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
    await seen(() => text().includes('Nothing is set.'));
  }
  const choose = async (what: string): Promise<void> => {
    const select = host().querySelector('select')!;
    select.value = what;
    select.dispatchEvent(new Event('change'));
    await seen(() => true);
  };

  it('sets a lesson for all, once a case is chosen', async () => {
    await open();
    expect(button('Set it').disabled).toBeTrue();
    box('Middle layer, first colour on the front').click();
    await seen(() => !button('Set it').disabled);
    button('Set it').click();
    await seen(() => text().includes('The lesson “Middle layer, first colour on the front”'));
    expect(set[0]).toEqual(
      jasmine.objectContaining({
        task: { do: 'lesson', case: 'daisy/middle-right' },
        ...{ for: null, until: null },
      }),
    );
  });

  it('begins with the case and the learner the address names', async () => {
    await open({ case: 'daisy/bottom-down', for: learnerId(1) });
    await seen(() => !button('Set it').disabled);
    expect(box('Teo').checked).toBeTrue();
    button('Set it').click();
    await seen(() => set.length === 1);
    expect(set[0]!.for).toEqual([learnerId(1)]);
  });

  it('sets a stage so often, and shows who did it and how it went', async () => {
    await open();
    await choose('stage');
    box('Amalie').click();
    await seen(() => true);
    button('Set it').click();
    await seen(() => text().includes('Daisy on the clock, 5 times'));
    expect(text()).toContain('done by 1 of 2');
    expect(text()).toContain('done 2026-11-22, typically 12.50');
    expect(text()).toContain('0 of 2');
  });

  it('refuses turns that cannot be read, with what to mend, and sets nothing', async () => {
    await open();
    await choose('scramble');
    const field = host().querySelector<HTMLInputElement>('input.mono')!;
    field.value = 'R U Q';
    field.dispatchEvent(new Event('input'));
    await seen(() => !button('Set it').disabled);
    button('Set it').click();
    await seen(() => text().includes('write the turns that mix the cube'));
    expect(set).toEqual([]);
  });

  it('takes back what was set', async () => {
    await open();
    await choose('plan');
    button('Set it').click();
    await seen(() => text().includes('Plan the first steps, 5 times'));
    button('Take back').click();
    await seen(() => text().includes('Nothing is set.'));
  });
});
