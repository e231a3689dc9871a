import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { MAT_DIALOG_DATA, MatDialogRef } from '@angular/material/dialog';
import type { Store } from '@ngrx/store';
import {
  applyMoves,
  copyCube,
  type Cube,
  cubeFromPainted,
  invertMove,
  isWholeCube,
  randomCube,
  randomFrom,
  readCubeDocument,
} from '@sleetcrest/core';
import { openStore, until } from '../../../app.spec-support';
import { stateAt, walkFeature, WalkPage } from '../../../subjects/walk';
import { layOut } from '../../../subjects/walk/timeline';
import { Solving } from '../../../subjects/walk/walk.actions';
import { aRecord, aWalk, GENTLE_STAGES } from '../../../subjects/walk/walk.spec-support';
import { meantSoFar } from './meant-so-far';
import { slipDeeds } from '../../../subjects/walk/work/slip-deeds';
import { SlipDialog } from './slip-dialog';
import { Slips } from '../../../subjects/walk/work';

const timeline = layOut(aWalk(5));
/** A step with a quarter turn at its third move, to be done the other way. */
const STEP = timeline.frames.findIndex(
  ({ moves, holdCount }) =>
    moves.length > holdCount + 3 &&
    !isWholeCube(moves[holdCount + 2]!) &&
    moves[holdCount + 2]! % 3 !== 1,
);
const THERE = { step: STEP, turn: timeline.frames[STEP]!.holdCount + 3 };

describe('the steps meant so far', () => {
  it('are the last five, the one under way as far as it was done', () => {
    expect(meantSoFar(timeline, { step: 0, turn: 0 })).toBeNull();
    const { holdCount, moves } = timeline.frames[7]!;
    const { before, steps } = meantSoFar(timeline, { step: 7, turn: holdCount + 1 })!;
    expect(steps.length).toBe(5);
    expect(before).toEqual(timeline.frames[3]!.cube);
    expect(steps.at(-1)!.moves).toEqual(moves.slice(holdCount, holdCount + 1));
    expect(meantSoFar(timeline, { step: 2, turn: 0 })!.steps.length).toBe(2);
  });
});

describe('what slipped, asked', () => {
  let fixture: ComponentFixture<SlipDialog>;
  let store: Store;
  let closed: unknown[];

  async function ask(cube: Cube | null): Promise<void> {
    closed = [];
    const slips: Pick<Slips, 'prepare' | 'explain'> = slipDeeds;
    ({ store } = openStore(
      { provide: Slips, useValue: slips },
      { provide: MAT_DIALOG_DATA, useValue: { cube, position: THERE } },
      { provide: MatDialogRef, useValue: { close: (how: unknown) => closed.push(how) } },
    ));
    store.dispatch(WalkPage.walkBegun({ record: aRecord(5, { position: THERE }) }));
    store.dispatch(
      Solving.walkMade({
        planned: { walkthrough: aWalk(5), stages: GENTLE_STAGES, deciding: [], sought: [] },
      }),
    );
    fixture = TestBed.createComponent(SlipDialog);
    await fixture.whenStable();
  }

  const host = (): HTMLElement => fixture.nativeElement as HTMLElement;
  async function told(what: string): Promise<void> {
    await until(() => {
      fixture.detectChanges();
      return host().textContent.includes(what);
    });
  }
  const press = async (name: string): Promise<void> => {
    [...host().querySelectorAll('button')]
      .find((one) => one.ariaLabel?.includes(name) ?? false)!
      .click();
    await fixture.whenStable();
  };

  /** The cube when the third turn of the step went the other way. */
  function slipped(): Cube {
    const { hold, holdCount, cube, ...frame } = timeline.frames[STEP]!;
    const moves = frame.moves.slice(holdCount);
    const done = copyCube(cube);
    applyMoves(done, hold, [...moves.slice(0, 2), invertMove(moves[2]!)]);
    return done;
  }

  it('tells a turn that went the other way on its tile, with the ways back, cheapest first', async () => {
    await ask(slipped());
    await told('Ways back');
    expect(host().querySelector('.sentence')!.textContent).toContain('went the other way');
    expect(host().querySelectorAll('sc-slip-tiles .slipped').length).toBe(1);
    expect(host().querySelectorAll('.ways li').length).toBe(2);
    await press('Undo from there and do it right');
    expect(host().textContent).toContain('Then your cube is as the walk has it.');
  });

  it('goes on from the cube as it is when that way is taken', async () => {
    await ask(slipped());
    await told('Ways back');
    await press('Go on from here');
    expect(closed).toEqual(['gone-on']);
    const { start, position } = store.selectSignal(walkFeature.selectRecord)()!;
    const read = readCubeDocument(start);
    expect(read.ok && cubeFromPainted(read.value.painted)).toEqual(slipped());
    expect(position).toEqual({ step: 0, turn: 0 });
  });

  it('has ways back from a cube that nothing explains, when all of it is seen', async () => {
    await ask(randomCube(randomFrom(99)));
    await told('No two slips');
    await told('Ways back');
    expect(host().querySelectorAll('.ways li').length).toBe(2);
  });

  it('looks for the slip with each sticker painted, and takes strokes back', async () => {
    await ask(null);
    expect(host().textContent).toContain('Paint one side');
    [...host().querySelectorAll('button')]
      .find((one) => one.textContent.includes('As it should'))!
      .click();
    await told('It is as it should be');
    expect(stateAt(timeline, THERE).cube.length).toBe(20);
    document.dispatchEvent(new KeyboardEvent('keydown', { key: 'z', ctrlKey: true }));
    await told('Paint one side');
  });
});
