import { HttpErrorResponse } from '@angular/common/http';
import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { MatDialogRef } from '@angular/material/dialog';
import { Notices } from '../../../base/dialogs/notices';
import type { Store } from '@ngrx/store';
import { Subject } from 'rxjs';
import { aSaved, GUEST, FakeSolves, openStore, until } from '../../../app.spec-support';
import { recordOf, SavedStore, walkFeature, WalkPage } from '../../../subjects/walk';
import { SessionApi } from '../../../subjects/account';
import { aRecord } from '../../../subjects/walk/walk.spec-support';
import { Outbox } from '../../../base/outbox/outbox';
import { SolvesApi } from '../../../subjects/walk/solves-api';
import { SavedDrawer } from './saved-drawer';

describe('the drawer of saved cubes', () => {
  let fixture: ComponentFixture<SavedDrawer>;
  let api: FakeSolves;
  let store: Store;
  let went: unknown[][];
  let undo: Subject<void>;
  let closed: boolean;

  async function open(solves = [aSaved(1), aSaved(2)], failure?: unknown): Promise<void> {
    api = new FakeSolves(solves);
    api.failure = failure;
    undo = new Subject();
    closed = false;
    ({ store, went } = openStore(
      { provide: SolvesApi, useValue: api },
      {
        provide: Notices,
        useValue: { offerUndo: (_: string, then: () => void) => undo.subscribe(then) },
      },
      { provide: MatDialogRef, useValue: { close: () => (closed = true) } },
    ));
    store.dispatch(GUEST);
    fixture = TestBed.createComponent(SavedDrawer);
    await seen(() => !host().querySelector('mat-progress-bar[aria-label^=Fetching]'));
  }
  const seen = (shows: () => boolean): Promise<void> =>
    until(() => {
      fixture.detectChanges();
      return shows();
    });

  const host = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const names = (): string[] =>
    [...host().querySelectorAll('.name')].map((name) => name.textContent.trim());
  async function click(label: string): Promise<void> {
    const buttons = [...host().querySelectorAll('button')];
    buttons.find((one) => (one.ariaLabel ?? one.textContent.trim()) === label)!.click();
    await fixture.whenStable();
  }

  it('lists them with how far each is walked', async () => {
    await open([aSaved(1, { position: { step: 25, turn: 0 } }), aSaved(2)]);
    expect(names()).toEqual(['Cube 1', 'Cube 2']);
    expect(host().textContent).toContain('solved');
    expect(host().textContent).toContain('step 1 of 25');
  });

  it('says what to do when there are none', async () => {
    await open([]);
    expect(host().textContent).toContain('Nothing is saved yet');
  });

  it('opens one as the walk in hand', async () => {
    await open();
    await click('Cube 2');
    expect(store.selectSignal(walkFeature.selectRecord)()).toEqual(recordOf(aSaved(2)));
    expect(went).toEqual([['/bench', aSaved(2).id]]);
    expect(closed).toBeTrue();
  });

  it('does not set back the walk that is open already', async () => {
    await open();
    const ahead = { ...recordOf(aSaved(1)), position: { step: 9, turn: 1 } };
    store.dispatch(WalkPage.walkBegun({ record: ahead }));
    await click('Cube 1');
    expect(store.selectSignal(walkFeature.selectRecord)()!.position).toEqual({ step: 9, turn: 1 });
  });

  it('renames one, in the list and in the walk that is open', async () => {
    await open();
    store.dispatch(WalkPage.walkBegun({ record: recordOf(aSaved(1)) }));
    await click('Rename Cube 1');
    const field = host().querySelector('input')!;
    field.value = '  At the landing ';
    field.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter' }));
    await seen(() => names()[0] === 'At the landing');
    expect(store.selectSignal(walkFeature.selectRecord)()!.name).toBe('At the landing');
  });

  it('keeps the old name when the new one is empty or given up', async () => {
    await open();
    await click('Rename Cube 1');
    const field = host().querySelector('input')!;
    field.value = '   ';
    field.dispatchEvent(new Event('blur'));
    await fixture.whenStable();
    expect(names()).toContain('Cube 1');
    expect(api.asked).toEqual(['list 1']);
  });

  it('deletes one at once and brings it back on undo', async () => {
    await open();
    await click('Delete Cube 1');
    await seen(() => names().join() === 'Cube 2');
    undo.next();
    await seen(() => names().join() === 'Cube 1,Cube 2');
    expect(api.asked.slice(-2)).toEqual([`restore ${aSaved(1).id}`, 'list 1']);
  });

  it('keeps in the list what could not be deleted, and says why', async () => {
    await open();
    const error = { type: 'about:blank', title: 'No', status: 404, detail: 'It is gone.' };
    api.failure = new HttpErrorResponse({ status: 404, error });
    await click('Delete Cube 1');
    await seen(() => host().textContent.includes('It is gone.'));
    expect(names()).toEqual(['Cube 1', 'Cube 2']);
  });

  it('shows what was heard last, and what was begun here, while nobody answers', async () => {
    await open();
    api.failure = new HttpErrorResponse({ status: 0 });
    const outbox = TestBed.inject(Outbox);
    await outbox.put('walk', [aRecord(5).id], { do: 'create', solve: aRecord(5) });
    await click('Delete Cube 1');
    await seen(() => names().join() === 'Cube 2');
    void TestBed.inject(SavedStore).open();
    await seen(() => host().textContent.includes('Kept here until the server can be reached'));
    await seen(() => names().join() === 'Cube 2');
    await click('Cube 5');
    expect(went).toEqual([['/bench', aRecord(5).id]]);
  });

  it('shows nothing of whoever was here before', async () => {
    await open();
    expect(names().length).toBe(2);
    const account = { id: aRecord(9).id, name: 'Teo', role: 'learner' } as const;
    store.dispatch(SessionApi.signedIn({ session: { account, demo: [] } }));
    fixture.detectChanges();
    expect(names()).toEqual([]);
  });

  it('can try again when the list could not be fetched', async () => {
    await open([aSaved(1)], new HttpErrorResponse({ status: 0 }));
    expect(host().textContent).toContain('cannot be reached');
    api.failure = undefined;
    await click('Try again');
    await seen(() => names().join() === 'Cube 1');
  });

  it('goes through pages', async () => {
    await open(Array.from({ length: 11 }, (_, k) => aSaved(k + 1)));
    expect(names().length).toBe(8);
    await click('Older');
    await seen(() => names().join() === 'Cube 9,Cube 10,Cube 11');
    expect(host().textContent).toContain('page 2 of 2');
    await click('Newer');
    await seen(() => names().length === 8);
  });
});
