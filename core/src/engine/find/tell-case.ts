import {
  type ColourScheme,
  type Hold,
  pieceColours,
  type Place,
  placeNamed,
  PLACES,
  placeWords,
  type Side,
  STANDARD_SCHEME,
} from '../../puzzle/cube/index.js';
import {
  type Approach,
  type Case,
  type CaseWords,
  isSearch,
  sentencesOf,
} from '../../teaching/approaches/index.js';
import type { Method } from '../../teaching/methods/index.js';
import {
  ANYTHING,
  capitals,
  fillTemplate,
  linesOf,
  patternsOf,
  runnerFor,
  seenMask,
  stickerCalled,
  type Template,
  wordsInHold,
} from '../run/index.js';
import { setUpFor } from '../set-up/index.js';
import { listed } from '../../words/index.js';

/** What is said of a case in general: as on its picture, the layer already lined up. */
export interface CaseTold {
  find: string;
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
  const cells = new Map(
    Object.entries(patternsOf(whole)[0]!).map(([name, seen]) => [
      stickerCalled(name)!,
      seenMask(seen, hold, first),
    ]),
  );
  places.forEach((place, k) => {
    const colours = pieceSeen(place, cells, first, scheme);
    for (const number of k === 0 ? ['', '1'] : [String(k + 1)]) {
      words.set(`piece${number}`, colours ?? '');
      words.set(`was${number}`, placeWords(place.name));
      words.set(`at${number}`, placeWords(place.name));
    }
  });
  const fill = (template: Template): string =>
    capitals(fillTemplate(template, (word) => words.get(word) ?? '').replace(/ {2,}/g, ' '));
  const { find, look, lineUp, why } = whole;
  const lines = linesOf(
    find,
    [...sentencesOf(look), ...sentencesOf(lineUp?.turning ?? '')],
    why,
    places[0]?.index,
  );
  return { find: fill(lines.find), look: fill(lines.look), why: fill(lines.why) };
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
  return can.length === 1 ? listed(pieceColours(can[0]!.index, scheme, first)) : undefined;
}

function tellExample(
  approach: Approach,
  caseId: string,
  method: Method,
  first: Side,
  scheme: ColourScheme,
): CaseTold {
  const example = setUpFor(caseId, method, 1, first);
  if (!example.ok) return { find: '', look: '', why: '' };
  const { cube, hold, midway } = example.value;
  const runner = runnerFor(approach, first, scheme);
  const choice = runner.next(cube, hold, midway).find(({ case: { id } }) => id === caseId);
  if (!choice) return { find: '', look: '', why: '' };
  return runner.tell(choice, cube, choice.hold);
}
