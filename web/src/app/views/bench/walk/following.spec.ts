import { TestBed } from '@angular/core/testing';
import type { Store } from '@ngrx/store';
import {
  applyTurn,
  copyCube,
  type Cube,
  inverseTurn,
  isWholeCube,
  quartersOfTurn,
  sideOfTurn,
  SIDES,
  type Turn,
  turnInHold,
  turnOf,
  TURNS,
} from '@sleetcrest/core';
import { openStore } from '../../../app.spec-support';
import { forward, stateAt, walkFeature, WalkPage } from '../../../subjects/walk';
import { layOut } from '../../../subjects/walk/timeline';
import { Solving } from '../../../subjects/walk/walk.actions';
import { aRecord, aWalk, GENTLE_STAGES } from '../../../subjects/walk/walk.spec-support';
import { FollowedCube } from './followed-cube';
import { follow } from './following';
import { SimulatedCube } from '../../../devices/cube/simulated-cube';

const timeline = layOut(aWalk(5));

/** The turns of the whole walk as the cube itself feels them, quarter by quarter. */
const QUARTERS: Turn[] = timeline.frames.flatMap((frame) => {
  let position = { step: timeline.frames.indexOf(frame), turn: 0 };
  return frame.moves.flatMap((move) => {
    const { hold } = stateAt(timeline, position);
    position = { ...position, turn: position.turn + 1 };
    if (isWholeCube(move)) return [];
    const turn = turnInHold(hold, move);
    const once = turnOf(sideOfTurn(turn), 1);
    return quartersOfTurn(turn) === 2 ? [once, once] : [turn];
  });
});

const turned = (cube: Cube, turn: Turn): Cube => {
  const next = copyCube(cube);
  applyTurn(next, turn);
  return next;
};

describe('following a turned cube', () => {
  it('goes along the whole walk turn by turn, waiting in the middle of half turns', () => {
    let position = { step: 0, turn: 0 };
    let cube = copyCube(timeline.frames[0]!.cube);
    const kinds = new Set<string>();
    for (const turn of QUARTERS) {
      cube = turned(cube, turn);
      const followed = follow(timeline, position, cube);
      kinds.add(followed.kind);
      if (followed.kind === 'on-the-walk') ({ position } = followed);
    }
    expect([...kinds].sort()).toEqual(['half-way', 'on-the-walk']);
    expect(stateAt(timeline, position).cube).toEqual(timeline.end);
  });

  it('goes back when a turn is turned back, and calls any other turn a slip', () => {
    const start = { step: 3, turn: timeline.frames[3]!.holdCount };
    const next = forward(timeline, start);
    const { cube } = stateAt(timeline, start);
    expect(follow(timeline, next, cube)).toEqual({ kind: 'on-the-walk', position: start });
    const ways = TURNS.map((turn) => follow(timeline, start, turned(cube, turn)));
    expect(ways.filter(({ kind }) => kind === 'on-the-walk').length).toBeGreaterThanOrEqual(1);
    expect(ways.filter(({ kind }) => kind === 'slipped').length).toBeGreaterThanOrEqual(13);
  });
});

describe('a connected cube', () => {
  let store: Store;
  let followed: FollowedCube;
  let device: SimulatedCube;

  beforeEach(async () => {
    ({ store } = openStore(FollowedCube));
    store.dispatch(WalkPage.walkBegun({ record: aRecord(5) }));
    store.dispatch(
      Solving.walkMade({
        planned: { walkthrough: aWalk(5), stages: GENTLE_STAGES, deciding: [], sought: [] },
      }),
    );
    followed = TestBed.inject(FollowedCube);
    device = TestBed.inject(SimulatedCube);
    await followed.connect();
  });

  const position = () => store.selectSignal(walkFeature.selectPosition)()!;

  it('moves the walk on, and holds it while a slip is not turned back', () => {
    const [first] = QUARTERS;
    device.turn(first!, 0);
    const there = position();
    expect(there).not.toEqual({ step: 0, turn: 0 });
    const wrong = SIDES.map((side) => turnOf(side, 1)).find(
      (turn) => follow(timeline, there, turned(followed.cube()!, turn)).kind === 'slipped',
    )!;
    device.turn(wrong, 500);
    expect(followed.slip()).not.toBeNull();
    expect(position()).toEqual(there);
    expect(followed.intended()).not.toEqual(there);
    device.turn(inverseTurn(wrong), 900);
    expect(followed.slip()).toBeNull();
    expect(position()).toEqual(there);
  });

  it('is heard no more once it is disconnected', () => {
    followed.disconnect();
    device.turn(QUARTERS[0]!, 0);
    expect(position()).toEqual({ step: 0, turn: 0 });
    expect(followed.cube()).toBeNull();
  });
});
