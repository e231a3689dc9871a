import { signal } from '@angular/core';
import { type ComponentFixture, TestBed } from '@angular/core/testing';
import type { Store } from '@ngrx/store';
import { SessionApi } from '../../subjects/account';
import { entryFeature } from '../../subjects/cube';
import { LogBooks } from '../../subjects/log';
import { Reviewer } from '../../subjects/log/work';
import { openStore, until } from '../../app.spec-support';
import { anEntry, FakeBook } from '../../subjects/log/log.spec-support';
import { ReviewView } from './review';
import { reviewDeeds } from '../../subjects/log/work/review-deeds';

describe('the Review view', () => {
  let fixture: ComponentFixture<ReviewView>;
  let book: FakeBook;
  let store: Store;
  let went: unknown[][];
  const entry = anEntry({ scramble: "R U R' D", turns: "D' D D' R U' R'" });

  const unmixed = anEntry({ scramble: '', turns: '' });

  async function show(id?: string): Promise<void> {
    book = new FakeBook([entry, anEntry({ scramble: 'R U' }), unmixed]);
    ({ store, went } = openStore(
      { provide: LogBooks, useValue: { own: signal(book), of: () => book } },
      { provide: Reviewer, useValue: reviewDeeds },
    ));
    store.dispatch(SessionApi.sessionTold({ session: { account: null, demo: [] } }));
    fixture = TestBed.createComponent(ReviewView);
    if (id !== undefined) fixture.componentRef.setInput('id', id);
    document.body.append(fixture.nativeElement as Node);
    fixture.detectChanges();
  }
  afterEach(() => (fixture.nativeElement as Element).remove());

  const host = (): HTMLElement => fixture.nativeElement as HTMLElement;
  const seen = (shows: () => boolean): Promise<void> =>
    until(() => {
      fixture.detectChanges();
      return shows();
    });
  const type = (index: number, text: string): void => {
    const field = host().querySelectorAll('textarea')[index]!;
    field.value = text;
    field.dispatchEvent(new Event('input'));
  };

  it('takes a record apart, and shows the cube at any turn of it', async () => {
    await show(entry.id);
    await seen(() => host().querySelector('sc-review-stages') !== null);
    expect(host().textContent).toContain('6 turns');
    expect(host().querySelector('.wastes')!.textContent).toContain('turn 1');
    expect(host().querySelector('.at')!.textContent).toContain('After 0 of 6 turns');
    host().querySelectorAll<HTMLButtonElement>('.wastes button')[0]!.click();
    fixture.detectChanges();
    const bench = [...host().querySelectorAll('button')].find((one) =>
      one.textContent.includes('on the Bench'),
    )!;
    bench.click();
    expect(went.at(-1)).toEqual(['/bench']);
    const painted = store.selectSignal(entryFeature.selectPainted)();
    expect(painted.length).toBe(54);
    expect(painted.includes(-1)).toBeFalse();
  });

  it('takes turns that are typed, and says what cannot be read', async () => {
    await show();
    type(0, "R U R' D");
    type(1, "D' R Q");
    host()
      .querySelector('form')!
      .dispatchEvent(new Event('submit', { cancelable: true }));
    await seen(() => host().querySelector('[role=alert]') !== null);
    expect(host().querySelector('[role=alert]')!.textContent).toContain('“Q” at character 6');
    type(1, "D' R U' R'");
    host()
      .querySelector('form')!
      .dispatchEvent(new Event('submit', { cancelable: true }));
    await seen(() => host().querySelector('sc-review-stages') !== null);
    expect(host().textContent).toContain('4 turns');
  });

  it('goes on showing what was typed for a record that says nothing of how it was mixed', async () => {
    await show(unmixed.id);
    await seen(() => host().querySelector('form') !== null);
    type(0, 'R U');
    type(1, "U' R'");
    host()
      .querySelector('form')!
      .dispatchEvent(new Event('submit', { cancelable: true }));
    await seen(() => host().querySelector('sc-review-stages') !== null);
    await until(() => book.entries.some(({ turns }) => turns === "U' R'"));
    await fixture.whenStable();
    fixture.detectChanges();
    expect(host().querySelector('sc-review-stages')).not.toBeNull();
    expect(host().querySelector('.at')!.textContent).toContain('After 0 of 2 turns');
  });

  it('keeps turns that are typed for a record that had none', async () => {
    await show();
    fixture.componentRef.setInput('id', book.entries[1]!.id);
    await seen(() => host().querySelectorAll('textarea')[0]?.value === 'R U');
    type(1, "U' R'");
    host()
      .querySelector('form')!
      .dispatchEvent(new Event('submit', { cancelable: true }));
    await until(() => book.entries.some(({ turns }) => turns === "U' R'"));
    await seen(() => host().querySelector('sc-review-stages') !== null);
  });
});
