import { type ComponentFixture, TestBed } from '@angular/core/testing';
import type { Group } from '@sleetcrest/contract/accounts';
import type { Assignment } from '@sleetcrest/contract/table';
import { methodById } from '@sleetcrest/core';
import { type Approach, approachById } from '@sleetcrest/core/teaching/approaches';
import { openStore, until } from '../../../app.spec-support';
import { SessionApi } from '../../account';
import { copied } from '../../settings';
import { GroupApi } from '../group-api';
import { TableApi } from '../table-api';
import { Assignments } from './assignments';
import { taskPlace } from './task-place';

const ID = '5f0f6a52-6f5c-4e53-9a43-30b2a4a7e1';
const anAssignment = (
  k: number,
  change: Partial<Assignment>,
  doneAt: string | null = null,
): Assignment => ({
  id: `${ID}${10 + k}`,
  group: `${ID}03`,
  groupName: 'Thursday',
  note: '',
  until: null,
  task: { do: 'stage', stage: 'daisy', times: 3 },
  forAll: true,
  setAt: '2026-11-20T18:00:00.000Z',
  progress: [
    {
      learner: `${ID}02`,
      name: 'Teo',
      done: doneAt ? 3 : 1,
      of: 3,
      right: null,
      seconds: null,
      doneAt,
      said: doneAt !== null,
    },
  ],
  ...change,
});

/** A coach's own approach, in place of a built-in one. */
const OWN = {
  ...approachById('place-left')!,
  id: 'my-swap',
  cases: approachById('place-left')!.cases.map((one, k) => ({
    ...one,
    id: `my-swap/${k}`,
    title: `Runa’s own case ${k}`,
  })),
};
const THURSDAY: Group = {
  id: `${ID}03`,
  name: 'Thursday',
  coach: { id: `${ID}01`, name: 'Runa' },
  code: null,
  learners: [],
  rights: [],
  assistants: [],
  archivedAt: null,
  method: copied({
    format: 'sleetcrest/method@1',
    id: 'runas',
    title: 'Runa’s',
    approaches: methodById('gentle')!.approaches.map((id) =>
      approachById(id as string)!.stage === OWN.stage ? (OWN as Approach) : id,
    ),
  }),
  firstColour: 'white',
  zone: 'UTC',
};

describe('what is set for a learner', () => {
  let fixture: ComponentFixture<Assignments>;
  let said: [string, boolean][];
  const host = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const lines = (): string[] =>
    [...host().querySelectorAll('article')].map((one) =>
      one.textContent.replace(/\s+/g, ' ').trim(),
    );

  async function open(all: Assignment[]): Promise<string[][]> {
    said = [];
    const table = {
      ownAssignments: async () => all,
      sayDone: async (id: string, done: boolean) => {
        said.push([id, done]);
        return anAssignment(1, { id }, done ? new Date().toISOString() : null);
      },
    };
    const group = { list: async () => [THURSDAY], moves: async () => [] };
    const { store, went } = openStore(
      { provide: TableApi, useValue: table },
      { provide: GroupApi, useValue: group },
    );
    const account = { id: `${ID}02`, name: 'Teo', role: 'learner' as const };
    store.dispatch(SessionApi.sessionTold({ session: { account, demo: [] } }));
    fixture = TestBed.createComponent(Assignments);
    await until(() => {
      fixture.detectChanges();
      return host().querySelector('article') !== null;
    });
    return went as string[][];
  }

  it('names a case of the coach’s own method by its title', async () => {
    const task = { do: 'lesson', case: 'my-swap/0' } as const;
    await open([anAssignment(1, { task })]);
    await until(() => {
      fixture.detectChanges();
      return lines()[0]!.includes('The lesson “Runa’s own case 0”');
    });
  });

  it('is open first, by the day it is wanted; what is late is said and no more', async () => {
    await open([
      anAssignment(1, { until: '2099-01-02', note: 'slowly' }),
      anAssignment(2, { until: '2020-01-02' }),
      anAssignment(3, {}, new Date().toISOString()),
      anAssignment(4, {}, '2020-01-01T10:00:00.000Z'),
    ]);
    expect(lines().length).toBe(3);
    expect(lines()[0]).toContain('was due on 2 Jan 2020');
    expect(lines()[1]).toContain('1 of 3 · until 2 Jan 2099');
    expect(lines()[1]).toContain('slowly');
    expect(lines()[2]).toContain('done');
  });

  it('is done where it is done, or said to be', async () => {
    const went = await open([anAssignment(1, {})]);
    const [go, done] = [...host().querySelectorAll('button')];
    go!.click();
    expect(went.at(-1)).toEqual(['/timing']);
    done!.click();
    await until(() => {
      fixture.detectChanges();
      return lines()[0]!.includes('Mark as not done');
    });
    expect(said).toEqual([[`${ID}11`, true]]);
  });

  it('has a place for every kind of it', () => {
    expect(taskPlace({ do: 'lesson', case: 'a/1' })).toEqual({
      path: '/learn/lesson',
      query: { case: 'a/1' },
    });
    expect(taskPlace({ do: 'scramble', scramble: 'R U' }).query).toEqual({ scramble: 'R U' });
    for (const task of [
      { do: 'cases', cases: ['a/1'], times: 1 },
      { do: 'plan', times: 1 },
    ] as const) {
      expect(taskPlace(task).path).toContain('/learn/');
    }
  });
});
