import {
  applyTurn,
  copyCube,
  type Cube,
  faceInHold,
  type Hold,
  opposite,
  pieceAt,
  placeNamed,
  placeOfPiece,
  placeOnSides,
  PLACES,
  type Side,
  SIDE_LETTERS,
  sideInHold,
  sideOfLetter,
  sideOfTurn,
  stickerInHold,
  type Turn,
  turnsIn,
} from '../../puzzle/cube/index.js';
import { holdAfter, isWholeCube, knownMoves } from '../../puzzle/notation/index.js';
import type { Moment, Role, Which } from '../../teaching/approaches/index.js';
import type { Choice, Runner } from '../../engine/run/index.js';

/** A step on a cube, as it is read: before its first turn, in the hold the reader has. */
export interface StepRead {
  readonly runner: Runner;
  readonly choice: Choice;
  readonly cube: Cube;
  /** How the cube is held before the step. */
  readonly before: Hold;
  readonly first: Side;
}

/** The turns of a choice, and the hold in which each is done. */
interface Course {
  readonly liningCount: number;
  readonly turns: readonly Turn[];
  /** `holds[k]`: the hold once `k` turns of the sequence are done. */
  readonly holds: readonly Hold[];
}

const courses = new WeakMap<Choice, Course>();

function courseOf(choice: Choice): Course {
  let course = courses.get(choice);
  if (!course) courses.set(choice, (course = readCourse(choice)));
  return course;
}

function readCourse({ hold, lineUp, sequence, turns }: Choice): Course {
  const holds: Hold[] = [hold];
  let now = hold;
  for (const move of knownMoves(sequence)) {
    now = holdAfter(now, move);
    // Turning the whole cube belongs to the turn before it: one looks once it is held anew.
    if (isWholeCube(move)) holds[holds.length - 1] = now;
    else holds.push(now);
  }
  return { liningCount: knownMoves(lineUp).length, turns: turnsIn(turns), holds };
}

/** The states a cube goes through in a step, each at its moment and in the hold of that moment. */
export class StepStates {
  private readonly course: Course;
  private readonly cubes: Cube[];

  constructor(
    readonly step: StepRead,
    /** The step's turns without lining up, if they are to be left out. */
    { lining = true } = {},
  ) {
    this.course = courseOf(step.choice);
    const { liningCount, turns } = this.course;
    this.cubes = [step.cube];
    turns.forEach((turn, k) => {
      const next = copyCube(this.cubes[k]!);
      if (lining || k >= liningCount) applyTurn(next, turn);
      this.cubes.push(next);
    });
  }

  get turnCount(): number {
    return this.course.turns.length - this.course.liningCount;
  }

  /** Turn `k` of the sequence, counted from 1, as a turn of the cube's own sides. */
  turn(k: number): Turn | undefined {
    return this.course.turns[this.course.liningCount + k - 1];
  }

  /** Whether the whole cube is turned between turn `k - 1` of the sequence and turn `k`. */
  wholeTurnBefore(k: number): boolean {
    const moves = knownMoves(this.step.choice.sequence);
    let turns = 0;
    return moves.some((move, at) => {
      if (!isWholeCube(move)) turns++;
      return turns === k - 1 && isWholeCube(move) && at > 0;
    });
  }

  /** Which side of the hold turn `k` of the sequence turns, by its letter. */
  sideOfTurn(k: number): string {
    const turn = this.turn(k);
    if (turn === undefined) throw new RangeError(`the sequence has no turn ${k}`);
    return SIDE_LETTERS[faceInHold(this.course.holds[k - 1]!, sideOfTurn(turn))]!;
  }

  cubeAt(when: Moment): Cube {
    if (when === 'found' || when === 'before') return this.cubes[0]!;
    if (when === 'after') return this.cubes[this.cubes.length - 1]!;
    const at = this.course.liningCount + (when === 'lined-up' ? 0 : when);
    if (at >= this.cubes.length) throw new RangeError(`the sequence has no turn ${when}`);
    return this.cubes[at]!;
  }

  holdAt(when: Moment): Hold {
    const { choice, before } = this.step;
    if (when === 'found') return before;
    if (when === 'before' || when === 'lined-up') return choice.hold;
    return when === 'after' ? choice.holdAfter : this.course.holds[when]!;
  }

  /** The number of a place named in the hold of a moment. */
  placeAt(name: string, when: Moment): number {
    const place = placeNamed(name);
    if (!place) throw new RangeError(`no place is named ${name}`);
    const hold = this.holdAt(when);
    return placeOnSides(place.sides.map((side) => sideInHold(hold, side)))!.index;
  }

  /** What a place is called in the hold of a moment. */
  nameAt(place: number, when: Moment): string {
    const hold = this.holdAt(when);
    return PLACES[place]!.sides.map((side) => SIDE_LETTERS[faceInHold(hold, side)]!).join('');
  }

  /** The number of a sticker named as `UFR.F` in the hold of a moment. */
  stickerAt(name: string, when: Moment): number {
    const [at = '', letter = ''] = name.split('.');
    const place = placeNamed(at);
    const sticker = place?.stickers[place.sides.indexOf(sideOfLetter(letter))];
    if (sticker === undefined) throw new RangeError(`no sticker is named ${name}`);
    return stickerInHold(this.holdAt(when), sticker);
  }

  /** The colour of a role, as the side whose centre has it, in the hold of the step. */
  colourOf(role: Exclude<Role, 'side'>): Side {
    const { first, choice } = this.step;
    if (role === 'first') return first;
    if (role === 'opposite') return opposite(first);
    return sideInHold(choice.hold, sideOfLetter(role[0]!.toUpperCase()));
  }

  /** The piece (numbered by its home place) that a claim is about. */
  piece(which: Which): number {
    const [, number] = /^piece(\d?)$/.exec(which) ?? [];
    if (number !== undefined) {
      return pieceAt(this.step.cube, this.step.choice.places[number ? Number(number) - 1 : 0]!);
    }
    if (which.includes('+')) {
      const sides = which.split('+').map((role) => this.colourOf(role as Exclude<Role, 'side'>));
      return placeOnSides(sides)!.index;
    }
    return pieceAt(this.cubeAt('lined-up'), this.placeAt(which, 'lined-up'));
  }

  /** The place where a piece is at a moment. */
  whereIs(piece: number, when: Moment): number {
    return placeOfPiece(this.cubeAt(when), piece);
  }
}
