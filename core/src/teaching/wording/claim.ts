import type { Stage } from '../stages/index.js';
import type { Role, Seen } from './role.js';

/**
 * What the sentences of a case say, as data beside them. Places, stickers and sides are those of the
 * hold in which the sentence is read, or, for a moment in the middle of the sequence, of the hold at
 * that moment. Every claim can be checked on a cube (`claims/`), and every claim of a built-in case
 * is, over all starts of its stage.
 */

/**
 * When a claim holds: `found` before anything is done, in the hold the reader still has; `before` in
 * the hold of the step; `lined-up` once a layer is lined up; after so many turns of the sequence
 * (turning the whole cube counts none); `after` all of them.
 */
export type Moment = 'found' | 'before' | 'lined-up' | number | 'after';

/**
 * Which piece: one the case is about (`piece`, `piece2` …), the one that stands at a place of the
 * hold once the layer is lined up (`DFR`), or the one with these colours by role (`first+right`).
 */
export type Which = string;

/** Some pieces: all of a kind that are so. */
export interface Those {
  kind: 'corner' | 'edge';
  /** At a place whose name has all these letters. */
  at?: string;
  with?: Role;
  without?: Role;
  /** The sticker of that colour faces one of these sides of the hold. */
  facing?: { colour: Role; sides: string };
  solved?: boolean;
  inPlace?: boolean;
}

export type Claim =
  /** At a place; or at one whose name has all these letters, such as `U` for the top. */
  | { is: 'at'; piece: Which; place: string; not?: true; when: Moment }
  /** Its home is that place. */
  | { is: 'belongs'; piece: Which; place: string; when: Moment }
  | { is: 'colour'; sticker: string; shows: Seen; when: Moment }
  /** The piece has the colour; or has it facing one of these sides. */
  | { is: 'has'; piece: Which; colour: Role; sides?: string; not?: true; when: Moment }
  | { is: 'same-colour'; stickers: readonly [string, string]; not?: true; when: Moment }
  /** Side by side; `matching` means that stickers on the same side have the same colour. */
  | {
      is: 'next-to';
      pieces: readonly [Which, Which];
      matching?: boolean;
      not?: true;
      when: Moment;
    }
  /** At the same place and turned the same way after the sequence as before it. */
  | { is: 'stays'; piece: Which; not?: true }
  /** Turn so many of the sequence turns that side of the hold; by half if it is said. */
  | { is: 'turned'; side: string; turn: number; half?: true }
  /** An edge that shows the opposite colour on a side shows it on top after the sequence. */
  | { is: 'turns-over'; piece: Which }
  /** The whole cube is turned just before turn so many of the sequence. */
  | { is: 'whole-turn'; before: number }
  /** From one turn to a later one of the sequence. */
  | { is: 'later'; from: number; to: number }
  /** Turns of the sequence that belong together: its first ones, its last, or some between. */
  | { is: 'stretch'; which: 'first' | 'next' | 'last'; from: number; to: number }
  /** The look after this one, if the stage needs one, is in the same hold. */
  | { is: 'same-hold' }
  /** After the look that comes next. */
  | { is: 'next'; so: readonly Claim[] }
  /** So as well, though the sentence has no words for it: what it rests on. */
  | { is: 'besides'; so: readonly Claim[] }
  /** Where it belongs and the right way round. */
  | { is: 'solved'; piece: Which; not?: true; when: Moment }
  /** Where it belongs, twisted or not. */
  | { is: 'in-place'; piece: Which; not?: true; when: Moment }
  /** What stands there is not solved. */
  | { is: 'not-finished'; place: string; when: Moment }
  /** Solved after so many turns of the sequence, and not a turn earlier. */
  | { is: 'goes-home-after'; piece: Which; turns: number }
  | { is: 'count'; of: Those; number: number | readonly [number, number]; when: Moment }
  /** The sequence takes what is at each of these places to the next, and the last to the first. */
  | { is: 'round'; places: readonly string[] }
  /** Of a kind, only what stands at these places is moved or turned by the whole sequence. */
  | { is: 'moves-only'; kind: 'corner' | 'edge'; places: readonly string[] }
  | { is: 'done'; stage?: Stage; not?: true; when: Moment }
  /** The sequence makes what is at these two places change places. */
  | { is: 'exchange'; places: readonly [string, string] }
  /** Two places of the hold lie side by side, or across from each other. */
  | { is: 'lie'; how: 'beside' | 'across'; places: readonly [string, string] }
  /** The homes of two pieces lie side by side. */
  | { is: 'belong-beside'; pieces: readonly [Which, Which] }
  /** It belongs between the first layer and the last. */
  | { is: 'belongs-in-middle'; piece: Which }
  /** Every corner of the first layer that is solved with the edge above it stays so, and the cross. */
  | { is: 'keeps-pairs' }
  /** Turning that layer once or not at all would solve all these pieces. */
  | { is: 'fits'; pieces: readonly Which[]; layer: 'U' | 'D'; not?: true; when: Moment }
  /** Looking at one edge's side with the layer where it is, the other is on that hand or across. */
  | { is: 'beside'; piece: Which; of: Which; hand: string; when: Moment }
  /** Without lining up first, the cross would need more turns than it does with it. */
  | { is: 'shortest' }
  /** How many more looks the stage needs after this one. */
  | { is: 'looks-left'; number: number | readonly [number, number] }
  /** The sequence, once, has so many turns; it is done so many times. */
  | { is: 'turns'; number: number; times?: number }
  /** One turn of the sequence takes back another. */
  | { is: 'takes-back'; turn: number; other: number }
  /** Further turns from the end would bring this about. */
  | { is: 'then'; turns: string; so: readonly Claim[] }
  /** Once the stage is finished by further looks. */
  | { is: 'in-the-end'; so: readonly Claim[] }
  /** It would come to the same in every hold with the same side up. */
  | { is: 'any-hold'; so: readonly Claim[] }
  /** Without lining up first the turns would not bring this about. */
  | { is: 'else-not'; so: Claim };
