import {
  colourAt,
  COLOURS,
  DEFAULT_METHOD,
  HOME_HOLD,
  isSolved,
  isWholeCube,
  ownTurns,
  sameCube,
  STICKER_TARGETS,
  PLACES,
  placeOfPiece,
} from '@sleetcrest/core';
import { stagesOf } from '@sleetcrest/core/engine/run';
import { back, forward, layOut, lookedAt, ridgeOf, stateAt, turnsDone, within } from './timeline';
import { aWalk } from './walk.spec-support';

const walks = Array.from({ length: 12 }, (_, seed) => aWalk(seed + 1));
const START = { step: 0, turn: 0 };

describe('walking', () => {
  it('turn by turn comes to the solved cube, and back turn by turn to the start', () => {
    for (const walk of walks) {
      const timeline = layOut(walk);
      const passed = [START];
      while (passed.at(-1)!.step < timeline.frames.length)
        passed.push(forward(timeline, passed.at(-1)!));
      expect(isSolved(stateAt(timeline, passed.at(-1)!).cube)).toBeTrue();
      expect(forward(timeline, passed.at(-1)!)).toEqual(passed.at(-1)!);
      let position = passed.at(-1)!;
      for (const expected of passed.reverse().slice(1)) {
        position = back(timeline, position);
        expect(position).toEqual(expected);
      }
      expect(back(timeline, position)).toEqual(START);
    }
  });

  it('changes the cube by at most one turn at a time and counts every turn', () => {
    const timeline = layOut(walks[0]!);
    let position = START;
    let counted = 0;
    while (position.step < timeline.frames.length) {
      const before = stateAt(timeline, position);
      const done = turnsDone(timeline, position);
      position = forward(timeline, position);
      const turned = !sameCube(before.cube, stateAt(timeline, position).cube);
      counted += turned ? 1 : 0;
      expect(turnsDone(timeline, position) - done).toBe(turned ? 1 : 0);
    }
    expect(counted).toBe(walks[0]!.turnCount);
  });

  it('shows a repeated sequence in rounds of equal length', () => {
    const rounds = walks.flatMap((walk) => layOut(walk).frames).filter(({ round }) => round > 0);
    expect(rounds.length).toBeGreaterThan(0);
    for (const { moves, holdCount, lineUpCount, round } of rounds) {
      expect(round).toBe(4);
      expect((moves.length - holdCount - lineUpCount) % round).toBe(0);
    }
  });

  it('knows how the cube is held after a sequence that turns all of it', () => {
    const frames = walks.flatMap((walk) => {
      const timeline = layOut(walk);
      return timeline.frames.map((frame, step) => ({
        frame,
        end: stateAt(timeline, { step, turn: 99 }),
      }));
    });
    for (const { frame, end } of frames) expect(frame.holdAfter).toBe(end.hold);
    expect(frames.some(({ frame }) => frame.holdAfter !== frame.hold)).toBeTrue();
  });

  it('stays inside the walk when a position from elsewhere does not exist in it', () => {
    const timeline = layOut(walks[0]!);
    expect(within(timeline, { step: 999, turn: 3 })).toEqual({
      step: timeline.frames.length,
      turn: 0,
    });
    expect(within(timeline, { step: 0, turn: 99 }).turn).toBe(timeline.frames[0]!.moves.length);
  });
});

const STAGES = stagesOf(DEFAULT_METHOD);

describe('a step that is held anew', () => {
  const timeline = layOut(walks[0]!);

  it('begins in the hold before, and turns the whole cube first', () => {
    let held = HOME_HOLD;
    for (const [step, frame] of timeline.frames.entries()) {
      expect(stateAt(timeline, { step, turn: 0 }).hold).toBe(held);
      expect(stateAt(timeline, { step, turn: frame.holdCount }).hold).toBe(frame.hold);
      expect(frame.holdLine === null).toBe(held === frame.hold);
      expect(frame.moves.slice(0, frame.holdCount).every(isWholeCube)).toBeTrue();
      held = frame.holdAfter;
    }
  });

  it('looks for its piece first, then at what decides, then at nothing', () => {
    const step = timeline.frames.findIndex(
      ({ holdCount, lineUpCount }) => holdCount > 0 && lineUpCount > 0,
    );
    const { holdCount, moves, cube } = timeline.frames[step]!;
    const deciding = timeline.frames.map(() => [20]);
    const at = (turn: number): number[] => lookedAt(timeline, { step, turn }, deciding, []);
    const found = at(0).map((sticker) => COLOURS[colourAt(cube, sticker)]! as string);
    expect(found.sort()).toEqual(timeline.frames[step]!.step.pieces.flat().sort());
    expect(at(holdCount)).toEqual([20]);
    const { turns } = ownTurns(timeline.frames[step]!.hold, [moves[holdCount]!]);
    expect(at(holdCount + 1)).toEqual([STICKER_TARGETS[turns[0]!]![20]!]);
    expect(at(holdCount + 2)).toEqual([]);
  });

  it('looks for pieces that are told without a name, and at what decides with them where the hold stays', () => {
    const step = timeline.frames.findIndex(
      ({ holdCount, step: { pieces } }) => holdCount === 0 && pieces.length === 1,
    );
    const none = timeline.frames.map(() => []);
    const sought = timeline.frames.map(() => [4, 5]);
    const before = lookedAt(
      timeline,
      { step, turn: 0 },
      timeline.frames.map(() => [20]),
      none,
    );
    expect(before).toContain(20);
    const more = lookedAt(timeline, { step, turn: 0 }, none, sought);
    const { cube } = timeline.frames[step]!;
    for (const piece of [4, 5])
      expect(more).toEqual(
        jasmine.arrayContaining([...PLACES[placeOfPiece(cube, piece)]!.stickers]),
      );
  });
});

describe('the ridge of a walk', () => {
  it('has the turns of each stage, which add up to the whole', () => {
    for (const walk of walks) {
      const ridge = ridgeOf(walk, layOut(walk), START, STAGES);
      expect(ridge.reduce((sum, { turns }) => sum + turns, 0)).toBe(walk.turnCount);
      expect(ridge.map(({ id }) => id)[0]).toBe('daisy');
    }
  });

  it('is walked up to where one is, and ahead from there', () => {
    const walk = walks.find(({ steps }) => new Set(steps.map(({ stage }) => stage)).size === 8)!;
    const timeline = layOut(walk);
    const step = timeline.frames.findIndex((frame) => frame.step.stage === 'middle') + 1;
    const states = ridgeOf(walk, timeline, { step, turn: 2 }, STAGES).map(({ state }) => state);
    expect(states).toEqual([
      'walked',
      'walked',
      'walked',
      'here',
      'ahead',
      'ahead',
      'ahead',
      'ahead',
    ]);
    const end = ridgeOf(walk, timeline, { step: timeline.frames.length, turn: 0 }, STAGES);
    expect(end.every(({ state, fraction }) => state === 'walked' && fraction === 1)).toBeTrue();
  });
});
