import type { Cube, Hold, Turn } from '../../puzzle/cube/index.js';
import type { Move } from '../../puzzle/notation/index.js';

/** A sentence of the first pages, beside what it claims: true whenever it is so. */
interface FirstSentence {
  says: string;
  so: () => boolean;
}

/** A piece to be touched. */
interface Touch {
  kind: 'touch';
  says: string;
  /** How many colours the piece has. */
  colours: 1 | 2 | 3;
}

/** A question with answers to choose from. */
export interface Choose {
  kind: 'choose';
  says: string;
  /** Another cube than the page's. */
  cube?: Cube;
  /** Done before the eyes before it is asked. */
  shows?: Move;
  answers: readonly string[];
  /** Which of the answers is right. */
  right: number;
  /** Done once it is answered, to be seen. */
  then?: readonly Move[];
}

/** A turn to be done on the cube that is shown. */
export interface Do {
  kind: 'do';
  says: string;
  turn: Turn;
}

export type Ask = Touch | Choose | Do;

/** One small page: what is told, on which cube, and something to do. */
export interface FirstPage {
  id: string;
  title: string;
  says: readonly FirstSentence[];
  cube: Cube;
  hold: Hold;
  asks: readonly Ask[];
}
