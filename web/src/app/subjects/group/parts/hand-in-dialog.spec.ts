import { HttpErrorResponse } from '@angular/common/http';
import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { MAT_DIALOG_DATA, MatDialogRef } from '@angular/material/dialog';
import type { Group } from '@sleetcrest/contract/accounts';
import type { HandIn } from '@sleetcrest/contract/table';
import { openStore, until } from '../../../app.spec-support';
import { SessionApi } from '../../account';
import { GroupApi } from '../group-api';
import { TableApi } from '../table-api';
import { HandInDialog } from './hand-in-dialog';

const ID = '5f0f6a52-6f5c-4e53-9a43-30b2a4a7e5';
const aGroup = (k: number, coach: string): Group => ({
  id: `${ID}0${k}`,
  name: `Group ${k}`,
  coach: { id: `${ID}1${k}`, name: coach },
  code: null,
  learners: [],
  rights: [],
  assistants: [],
  archivedAt: null,
  method: 'gentle',
  firstColour: 'white',
  zone: 'UTC',
});

describe('handing something in', () => {
  let fixture: ComponentFixture<HandInDialog>;
  let handed: HandIn[];
  let closed: number;
  let failure: HttpErrorResponse | undefined;
  const host = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const text = (): string => host().textContent.replace(/\s+/g, ' ');
  const send = (): HTMLButtonElement => host().querySelectorAll('button')[1]!;
  const seen = (what: () => boolean): Promise<void> =>
    until(() => {
      fixture.detectChanges();
      return what();
    });

  async function open(groups: Group[]): Promise<void> {
    [handed, closed, failure] = [[], 0, undefined];
    const { store } = openStore(
      { provide: MAT_DIALOG_DATA, useValue: { what: 'record', entry: `${ID}99` } },
      { provide: MatDialogRef, useValue: { close: () => closed++, id: 'dialog' } },
      { provide: GroupApi, useValue: { list: async () => groups, moves: async () => [] } },
      {
        provide: TableApi,
        useValue: {
          handIn: async (given: HandIn) => {
            handed.push(given);
            if (failure) throw failure;
          },
        },
      },
    );
    const account = { id: `${ID}77`, name: 'Teo', role: 'learner' } as const;
    store.dispatch(SessionApi.sessionTold({ session: { account, demo: [] } }));
    fixture = TestBed.createComponent(HandInDialog);
    await seen(() => host().querySelector('mat-progress-bar') === null);
  }

  it('goes to the coach of one’s group, with a word', async () => {
    await open([aGroup(1, 'Runa')]);
    expect(text()).toContain('To Runa, Group 1.');
    const field = host().querySelector('textarea')!;
    field.value = 'Where?';
    field.dispatchEvent(new Event('input'));
    send().click();
    await seen(() => closed === 1);
    expect(handed[0]).toEqual(jasmine.objectContaining({ group: `${ID}01`, words: 'Where?' }));
  });

  it('is sent again under the same id, so that it is there once', async () => {
    await open([aGroup(1, 'Runa'), aGroup(2, 'Nils')]);
    host().querySelector('select')!.value = `${ID}02`;
    host().querySelector('select')!.dispatchEvent(new Event('change'));
    failure = new HttpErrorResponse({ status: 0 });
    send().click();
    await seen(() => text().includes('cannot be reached'));
    failure = undefined;
    send().click();
    await seen(() => closed === 1);
    expect(handed.map(({ group }) => group)).toEqual([`${ID}02`, `${ID}02`]);
    expect(handed[0]!.id).toBe(handed[1]!.id);
  });

  it('says what to do where one belongs to no group', async () => {
    await open([]);
    expect(text()).toContain('You belong to no group yet');
    expect(send().disabled).toBeTrue();
  });
});
