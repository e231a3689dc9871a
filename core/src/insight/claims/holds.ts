import {
  applyTurn,
  applyTurns,
  colourAt,
  copyCube,
  CORNERS,
  type Cube,
  DOWN,
  EDGES,
  holdsWithUp,
  inverseTurn,
  isHome,
  layersOf,
  pieceAt,
  PLACES,
  placeWords,
  quartersOfTurn,
  sideInHold,
  sideOfLetter,
  turnOf,
  UP,
} from '../../puzzle/cube/index.js';
import { applyMoves, countTurns, knownMoves, ownTurns } from '../../puzzle/notation/index.js';
import type { Claim, Moment, Role, Seen, Those } from '../../teaching/approaches/index.js';
import { goalHolds } from '../../teaching/stages/index.js';
import { type Choice, placeOrColour, runStage, seenMask } from '../../engine/run/index.js';
import { StepStates } from './step-states.js';

const KINDS = { corner: CORNERS, edge: EDGES };
const LETTERS = new Map(PLACES.map(({ name }) => [placeWords(name), name]));

/** Tells whether claims are so for a step on a cube. */
export class Checker {
  constructor(private readonly states: StepStates) {}

  holds(claim: Claim): boolean {
    switch (claim.is) {
      case 'at':
        return this.isAt(claim.piece, this.read(claim.place), claim.when) !== (claim.not ?? false);
      case 'belongs':
        return this.states.piece(claim.piece) === this.states.placeAt(claim.place, claim.when);
      case 'colour': {
        const sticker = this.states.stickerAt(claim.sticker, claim.when);
        return this.shows(this.states.cubeAt(claim.when), sticker, claim.shows);
      }
      case 'has':
        return this.has(claim) !== (claim.not ?? false);
      case 'same-colour': {
        const [a, b] = claim.stickers.map((name) =>
          colourAt(this.states.cubeAt(claim.when), this.states.stickerAt(name, claim.when)),
        );
        return (a === b) !== (claim.not ?? false);
      }
      case 'next-to':
        return this.nextTo(claim) !== (claim.not ?? false);
      case 'stays':
        return this.stays(claim.piece) !== (claim.not ?? false);
      case 'turned':
        return this.turned(claim);
      case 'turns-over':
        return this.turnsOver(claim.piece);
      case 'whole-turn':
        return this.states.wholeTurnBefore(claim.before);
      case 'later':
        return claim.from < claim.to && claim.to <= this.states.turnCount;
      case 'stretch':
        return this.isStretch(claim);
      case 'exchange': {
        const [a, b] = claim.places;
        return this.isAt(a, b, 'after') && this.isAt(b, a, 'after');
      }
      case 'lie':
        return lying(...claim.places) === claim.how;
      case 'belong-beside':
        return this.belongBeside(...claim.pieces);
      case 'belongs-in-middle':
        return !['first', 'opposite'].some((role) =>
          this.has({ is: 'has', piece: claim.piece, colour: role as Role, when: 'before' }),
        );
      case 'same-hold':
        return this.sameHold();
      case 'next':
        return this.afterNext(claim.so);
      case 'besides':
        return claim.so.every((one) => this.holds(one));
      case 'solved':
        return this.isSolved(claim.piece, claim.when) !== (claim.not ?? false);
      case 'in-place':
        return this.isInPlace(claim.piece, claim.when) !== (claim.not ?? false);
      case 'not-finished':
        return !isHome(
          this.states.cubeAt(claim.when),
          this.states.placeAt(claim.place, claim.when),
        );
      case 'goes-home-after':
        return (
          this.isSolved(claim.piece, claim.turns) &&
          Array.from({ length: claim.turns }, (_, k) => k).every(
            (k) => !this.isSolved(claim.piece, k),
          )
        );
      case 'count':
        return within(this.count(claim.of, claim.when), claim.number);
      case 'round':
        return claim.places.every((place, k) =>
          this.isAt(place, claim.places[(k + 1) % claim.places.length]!, 'after'),
        );
      case 'moves-only':
        return this.movesOnly(claim.kind, claim.places);
      case 'done':
        return this.done(claim) !== (claim.not ?? false);
      case 'looks-left':
        return within(this.goOn().looks, claim.number);
      case 'turns': {
        const { turnCount } = this.states;
        return turnCount === claim.number * (claim.times ?? 1);
      }
      case 'takes-back': {
        const [turn, other] = [this.states.turn(claim.turn), this.states.turn(claim.other)];
        return turn !== undefined && other !== undefined && turn === inverseTurn(other);
      }
      case 'then':
        return this.furtherBy(claim.turns, claim.so);
      case 'in-the-end':
        return this.holdAtEnd(this.goOn().cube, claim.so);
      case 'any-hold':
        return this.inAnyHold(claim.so);
      case 'else-not':
        return !new Checker(new StepStates(this.states.step, { lining: false })).holds(claim.so);
      case 'keeps-pairs':
        return this.keepsPairs();
      case 'fits':
        return this.fits(claim) !== (claim.not ?? false);
      case 'beside':
        return this.beside(claim);
      case 'shortest':
        return this.turnsOfCross('lined-up') < this.turnsOfCross('before');
    }
  }

  /** A place as it is named, or the one that a word of the sentence says. */
  private read(place: string): string {
    const word = /^\{(\w+)\}$/.exec(place)?.[1];
    if (word === undefined) return place;
    const { choice, before } = this.states.step;
    return LETTERS.get(placeOrColour(choice, before, word)) ?? 'nowhere';
  }

  private isAt(which: string, place: string, when: Moment): boolean {
    const name = this.states.nameAt(this.states.whereIs(this.states.piece(which), when), when);
    return [...place].every((letter) => name.includes(letter));
  }

  private shows(cube: Cube, sticker: number, seen: Seen): boolean {
    const { choice, first } = this.states.step;
    return ((seenMask(seen, choice.hold, first) >> colourAt(cube, sticker)) & 1) === 1;
  }

  private has({ piece, colour, sides, when }: Extract<Claim, { is: 'has' }>): boolean {
    const number = this.states.piece(piece);
    const side = this.states.colourOf(colour as Exclude<Role, 'side'>);
    if (!PLACES[number]!.sides.includes(side)) return false;
    return sides === undefined || this.facesOneOf(number, side, sides, when);
  }

  /** Whether a piece's sticker of a colour faces one of the sides of the hold. */
  private facesOneOf(piece: number, colour: number, sides: string, when: Moment): boolean {
    const cube = this.states.cubeAt(when);
    const place = PLACES[this.states.whereIs(piece, when)]!;
    return place.sides.some(
      (side, slot) =>
        colourAt(cube, place.stickers[slot]!) === colour &&
        [...sides].some(
          (letter) => sideInHold(this.states.holdAt(when), sideOfLetter(letter)) === side,
        ),
    );
  }

  private nextTo({ pieces, matching, when }: Extract<Claim, { is: 'next-to' }>): boolean {
    const cube = this.states.cubeAt(when);
    const places = pieces.map(
      (which) => PLACES[this.states.whereIs(this.states.piece(which), when)]!,
    );
    const [small, large] = places.sort((a, b) => a.sides.length - b.sides.length);
    const shared = small!.sides.filter((side) => large!.sides.includes(side));
    if (shared.length < 2) return false;
    return (
      !matching ||
      shared.every(
        (side) =>
          colourAt(cube, small!.stickers[small!.sides.indexOf(side)]!) ===
          colourAt(cube, large!.stickers[large!.sides.indexOf(side)]!),
      )
    );
  }

  private stays(which: string): boolean {
    const piece = this.states.piece(which);
    const place = this.states.whereIs(piece, 'lined-up');
    return this.states.cubeAt('lined-up')[place] === this.states.cubeAt('after')[place];
  }

  private isSolved(which: string, when: Moment): boolean {
    return isHome(this.states.cubeAt(when), this.states.piece(which));
  }

  private isInPlace(which: string, when: Moment): boolean {
    const piece = this.states.piece(which);
    return pieceAt(this.states.cubeAt(when), piece) === piece;
  }

  private count({ kind, at, ...those }: Those, when: Moment): number {
    const cube = this.states.cubeAt(when);
    const colour = (role: Role): number => this.states.colourOf(role as Exclude<Role, 'side'>);
    return KINDS[kind].filter(({ index }) => {
      const piece = pieceAt(cube, index);
      const { sides } = PLACES[piece]!;
      if (at !== undefined) {
        const name = this.states.nameAt(index, when);
        if (![...at].every((letter) => name.includes(letter))) return false;
      }
      if (those.with && !sides.includes(colour(those.with) as never)) return false;
      if (those.without && sides.includes(colour(those.without) as never)) return false;
      if (those.solved !== undefined && isHome(cube, index) !== those.solved) return false;
      if (those.inPlace !== undefined && (piece === index) !== those.inPlace) return false;
      const { facing } = those;
      return !facing || this.facesOneOf(piece, colour(facing.colour), facing.sides, when);
    }).length;
  }

  private movesOnly(kind: 'corner' | 'edge', names: readonly string[]): boolean {
    const moved = names.map((name) => this.states.placeAt(name, 'lined-up'));
    const [before, after] = [this.states.cubeAt('lined-up'), this.states.cubeAt('after')];
    return KINDS[kind].every(
      ({ index }) => (before[index] !== after[index]) === moved.includes(index),
    );
  }

  private done({ stage, when }: Extract<Claim, { is: 'done' }>): boolean {
    const { runner, first } = this.states.step;
    return goalHolds(this.states.cubeAt(when), stage ?? runner.approach.stage, first);
  }

  /** Goes on to the end of the stage: how many more looks, and the cube then. */
  private goOn(): { looks: number; cube: Cube } {
    const { runner, choice, first } = this.states.step;
    const cube = copyCube(this.states.cubeAt('after'));
    let looks = 0;
    const each = (): void => void looks++;
    const end = runStage(cube, choice.holdAfter, runner, first, each, undefined, true);
    return { looks: typeof end === 'string' ? Infinity : looks, cube };
  }

  private turned({ side, turn, half }: Extract<Claim, { is: 'turned' }>): boolean {
    if (this.states.sideOfTurn(turn) !== side) return false;
    return (quartersOfTurn(this.states.turn(turn)!) === 2) === (half ?? false);
  }

  private turnsOver(piece: string): boolean {
    const shows = { is: 'has', piece, colour: 'opposite' } as const;
    return (
      this.has({ ...shows, sides: 'FRBL', when: 'lined-up' }) &&
      this.has({ ...shows, sides: 'U', when: 'after' })
    );
  }

  private isStretch({ which, from, to }: Extract<Claim, { is: 'stretch' }>): boolean {
    const { turnCount } = this.states;
    if (from > to || to > turnCount) return false;
    const [begins, ends] = [from === 1, to === turnCount];
    return { first: begins && !ends, last: ends, next: !begins && !ends }[which];
  }

  private belongBeside(a: string, b: string): boolean {
    const [small, large] = [a, b].map((which) => PLACES[this.states.piece(which)]!.sides);
    const shared = small!.filter((side) => large!.includes(side));
    return shared.length === 2;
  }

  /** What is done at the next look, if the stage is not done yet. */
  private nextLook(): readonly Choice[] {
    const { runner, choice } = this.states.step;
    return runner.next(this.states.cubeAt('after'), choice.holdAfter, true);
  }

  private sameHold(): boolean {
    if (this.done({ is: 'done', when: 'after' })) return true;
    return this.nextLook()[0]?.hold === this.states.step.choice.holdAfter;
  }

  private afterNext(so: readonly Claim[]): boolean {
    const [choice] = this.nextLook();
    if (!choice) return false;
    const cube = copyCube(this.states.cubeAt('after'));
    applyTurns(cube, choice.turns);
    return this.holdAtEnd(cube, so, choice.holdAfter);
  }

  private furtherBy(text: string, so: readonly Claim[]): boolean {
    const cube = copyCube(this.states.cubeAt('after'));
    const hold = applyMoves(cube, this.states.step.choice.holdAfter, knownMoves(text));
    return this.holdAtEnd(cube, so, hold);
  }

  private holdAtEnd(cube: Cube, so: readonly Claim[], hold = this.states.holdAt('after')): boolean {
    const later = new Checker(new Later(this.states, cube, hold));
    return so.every((claim) => later.holds(claim));
  }

  private inAnyHold(so: readonly Claim[]): boolean {
    const { step } = this.states;
    const moves = knownMoves(`${step.choice.lineUp} ${step.choice.sequence}`);
    return holdsWithUp(sideInHold(step.choice.hold, UP)).every((hold) => {
      const { turns, holdAfter } = ownTurns(hold, moves);
      const choice: Choice = {
        ...step.choice,
        hold,
        holdAfter,
        turns: Uint8Array.from(turns),
        turnCount: countTurns(moves),
      };
      const held = new Checker(new StepStates({ ...step, choice }));
      return so.every((claim) => held.holds(claim));
    });
  }

  private keepsPairs(): boolean {
    const { first } = this.states.step;
    const { firstCorners, firstEdges, middleEdges } = layersOf(first);
    const [before, after] = [this.states.cubeAt('before'), this.states.cubeAt('after')];
    const pairs = firstCorners.map((corner) => [
      corner,
      middleEdges.find((edge) =>
        PLACES[edge]!.sides.every((side) => PLACES[corner]!.sides.includes(side)),
      )!,
    ]);
    const whole = (cube: Cube, places: readonly number[]): boolean =>
      places.every((place) => isHome(cube, place));
    return (
      whole(after, firstEdges) && pairs.every((pair) => !whole(before, pair) || whole(after, pair))
    );
  }

  private fits({ pieces, layer, when }: Extract<Claim, { is: 'fits' }>): boolean {
    const side = sideInHold(this.states.holdAt(when), layer === 'U' ? UP : DOWN);
    const numbers = pieces.map((which) => this.states.piece(which));
    return [0, 1, 2, 3].some((quarters) => {
      const cube = copyCube(this.states.cubeAt(when));
      if (quarters > 0) applyTurn(cube, turnOf(side, quarters));
      return numbers.every((piece) => isHome(cube, piece));
    });
  }

  private beside({ piece, of, hand, when }: Extract<Claim, { is: 'beside' }>): boolean {
    const { choice, before } = this.states.step;
    const round = 'FRBL';
    const [a, b] = [piece, of].map((which) => {
      const name = this.states.nameAt(this.states.whereIs(this.states.piece(which), when), when);
      return round.indexOf([...name].find((letter) => round.includes(letter))!);
    });
    const said = hand.startsWith('{') ? placeOrColour(choice, before, hand.slice(1, -1)) : hand;
    return (a! - b! + 4) % 4 === { right: 1, across: 2, left: 3 }[said];
  }

  private turnsOfCross(when: Moment): number {
    return this.states.step.runner.searching?.fewest(this.states.cubeAt(when)) ?? 0;
  }
}

/** How two edge places of a layer lie to each other. */
function lying(a: string, b: string): 'beside' | 'across' {
  const letters = `${a}${b}`;
  return /F.*B|B.*F|L.*R|R.*L/.test(letters) ? 'across' : 'beside';
}

const within = (number: number, wanted: number | readonly [number, number]): boolean =>
  typeof wanted === 'number' ? number === wanted : number >= wanted[0] && number <= wanted[1];

/** The states of a step of which the last is a later one. */
class Later extends StepStates {
  constructor(
    states: StepStates,
    private readonly end: Cube,
    private readonly held: ReturnType<StepStates['holdAt']>,
  ) {
    super(states.step);
  }

  override cubeAt(when: Moment): Cube {
    return when === 'after' ? this.end : super.cubeAt(when);
  }

  override holdAt(when: Moment): ReturnType<StepStates['holdAt']> {
    return when === 'after' ? this.held : super.holdAt(when);
  }
}
