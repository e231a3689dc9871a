import { isSearch, type Approach, type Case, type CaseWords } from '../approaches/approach.js';
import { STANDARD_SCHEME, type ColourScheme } from '../cube/colours.js';
import type { Hold } from '../cube/holds.js';
import { PLACES, placeNamed, type Place } from '../cube/pieces.js';
import type { Side } from '../cube/sides.js';
import { pieceColours, placeWords } from '../cube/words.js';
import { ANYTHING, patternsOf, seenMask, stickerCalled, wordsInHold } from './compile.js';
import { setUpFor } from './set-up.js';
import { runnerFor } from './stage-runner.js';
import { parseTemplate, fillTemplate } from './text.js';
import type { Method } from './walkthrough.js';

/** What is said of a case in general: as on its picture, the layer already lined up. */
export interface CaseTold {
  look: string;
  why: string;
}

/**
 * The sentences of a case for its picture in `hold`. The pieces are named where the pattern settles
 * which they are. Cases of a search are told by an example.
 */
export function tellCase(
  approach: Approach,
  one: CaseWords,
  method: Method,
  hold: Hold,
  first: Side,
  scheme: ColourScheme = STANDARD_SCHEME,
): CaseTold {
  if (isSearch(approach)) return tellExample(approach, one.id, method, first, scheme);
  const whole = one as Case;
  const words = wordsInHold(hold, first, scheme);
  const places = whole.pieces
    .map((name) => placeNamed(name))
    .filter((place) => place !== undefined);
  if (places[0]) words.set('at', placeWords(places[0].name));
  const cells = new Map(
    Object.entries(patternsOf(whole)[0]!).map(([name, seen]) => [
      stickerCalled(name)!,
      seenMask(seen, hold, first),
    ]),
  );
  places.forEach((place, k) => {
    const colours = pieceSeen(place, cells, first, scheme);
    words.set(k === 0 ? 'piece' : `piece${k + 1}`, colours ?? '');
    if (k === 0) words.set('piece1', colours ?? '');
  });
  const fill = (text: string): string =>
    fillTemplate(parseTemplate(text), (word) => words.get(word) ?? '')
      .replace(/ {2,}/g, ' ')
      .replace(/^./, (letter) => letter.toUpperCase());
  const lineUp = whole.lineUp?.turning ?? '';
  return { look: fill(lineUp ? `${whole.look} ${lineUp}` : whole.look), why: fill(whole.why) };
}

/** The colours of the one piece that can show these stickers at a place, joined; else undefined. */
function pieceSeen(
  place: Place,
  cells: ReadonlyMap<number, number>,
  first: Side,
  scheme: ColourScheme,
): string | undefined {
  const kinds = place.sides.length;
  const can = PLACES.filter(
    (piece) =>
      piece.sides.length === kinds &&
      place.stickers.some((_, twist) =>
        place.stickers.every((sticker, slot) => {
          const mask = cells.get(sticker) ?? ANYTHING;
          return (mask >> piece.sides[(slot - twist + kinds) % kinds]!) & 1;
        }),
      ),
  );
  return can.length === 1 ? pieceColours(can[0]!.index, scheme, first).join('-') : undefined;
}

function tellExample(
  approach: Approach,
  caseId: string,
  method: Method,
  first: Side,
  scheme: ColourScheme,
): CaseTold {
  const example = setUpFor(caseId, method, 1, first);
  if (!example.ok) return { look: '', why: '' };
  const { cube, hold, midway } = example.value;
  const runner = runnerFor(approach, first, scheme);
  const choice = runner.plan(cube, hold, midway).find(({ case: { id } }) => id === caseId);
  return choice ? runner.tell(choice, cube) : { look: '', why: '' };
}
