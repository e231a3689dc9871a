import { HttpErrorResponse } from '@angular/common/http';
import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { provideEffects } from '@ngrx/effects';
import type { Store } from '@ngrx/store';
import { aSaved, FakeSolves, openStore, until } from '../../app.spec-support';
import { SolvesApi } from '../../subjects/walk/solves-api';
import { solverDeeds } from '../../subjects/walk/work/solver-deeds';
import { walkFeature } from '../../subjects/walk';
import { Solver } from '../../subjects/walk/work';
import { Bench } from './bench';
import { planWalk } from '../../subjects/walk/walk.effects';

describe('the Bench', () => {
  let fixture: ComponentFixture<Bench>;
  let api: FakeSolves;
  let store: Store;
  let solver: jasmine.SpyObj<Solver>;

  beforeEach(async () => {
    await TestBed.configureTestingModule({ imports: [Bench] }).compileComponents();
    api = new FakeSolves([aSaved(4, { position: { step: 6, turn: 0 } })]);
    solver = jasmine.createSpyObj<Solver>('Solver', ['solve', 'stages']);
    solver.solve.and.callFake((plan) => Promise.resolve(solverDeeds.solve(plan)));
    solver.stages.and.callFake((method) => Promise.resolve(solverDeeds.stages(method)));
    ({ store } = openStore(
      provideEffects({ planWalk }),
      { provide: SolvesApi, useValue: api },
      { provide: Solver, useValue: solver },
    ));
    fixture = TestBed.createComponent(Bench);
  });

  const host = (): HTMLElement => fixture.nativeElement as HTMLElement;
  async function show(id: string | undefined): Promise<void> {
    fixture.componentRef.setInput('id', id);
    await fixture.whenStable();
  }

  it('is where a cube is entered, under a ridge that is still ahead', async () => {
    await show(undefined);
    expect(host().querySelector('sc-entry')).not.toBeNull();
    expect(host().querySelectorAll('sc-ridge li').length).toBe(8);
    expect(host().querySelector('sc-ridge button')).toBeNull();
  });

  const seen = (what: () => boolean): Promise<void> =>
    until(() => {
      fixture.detectChanges();
      return what();
    });

  it('fetches the walk its address names and stands where that was left', async () => {
    await show(aSaved(4).id);
    await seen(() => store.selectSignal(walkFeature.selectPosition)()?.step === 6);
    expect(api.asked).toEqual([`read ${aSaved(4).id}`]);
    expect(store.selectSignal(walkFeature.selectPosition)()).toEqual({ step: 6, turn: 0 });
    await seen(() => host().querySelector('sc-ridge button') !== null);
    const rises = [...host().querySelectorAll<HTMLButtonElement>('sc-ridge button')];
    expect(rises.some((rise) => rise.ariaLabel!.includes('you are here'))).toBeTrue();
    rises[0]!.click();
    expect(store.selectSignal(walkFeature.selectPosition)()).toEqual({ step: 0, turn: 0 });
  });

  it('says when there is no such walk, and offers to try again when nobody answered', async () => {
    const detail = 'No cube is kept under this id.';
    const problem = { type: 'about:blank', title: 'Not Found', status: 404, detail };
    api.failure = new HttpErrorResponse({ status: 404, error: problem });
    await show(aSaved(5).id);
    await seen(() => host().textContent.includes(detail));
    expect(host().textContent).not.toContain('Try again');
    api.failure = new HttpErrorResponse({ status: 0 });
    await show(aSaved(6).id);
    await seen(() => host().textContent.includes('Try again'));
  });

  it('says so when the solver cannot be started', async () => {
    solver.solve.and.rejectWith(new Error('no workers here'));
    await show(aSaved(4).id);
    await seen(() => host().textContent.includes('no workers here'));
    expect(host().textContent).toContain('Try again');
  });
});
