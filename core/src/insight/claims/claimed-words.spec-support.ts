import type { Claim, Those } from '../../teaching/approaches/index.js';
import {
  isBound,
  isIn,
  isNumber,
  isRole,
  isSome,
  isTo,
  isTurn,
  isWord,
} from './telling-words.spec-support.js';
import {
  type About,
  betweenOf,
  byPlace,
  kindsOf,
  made,
  type Made,
  mineOf,
  needing,
  placesOf,
  rolesAt,
  rolesIn,
  turnsOf,
  wayOf,
} from './made-words.spec-support.js';

/** What the claims of a sentence make, those within others too. */
export function madeBy(so: readonly Claim[], about: About, besides = false): Made[] {
  return so.flatMap((claim): Made[] => {
    switch (claim.is) {
      case 'besides':
        return madeBy(claim.so, about, true);
      case 'then': {
        const turn = made(claim, besides, {
          places: [claim.turns.replace(/[^UDFBRL]/g, '')],
          numbers: [claim.turns.split(' ').length],
        });
        return [turn, ...madeBy(claim.so, about, besides)];
      }
      case 'in-the-end':
        return madeBy(claim.so, about, besides);
      case 'next': {
        const next = made(claim, besides, { words: ['next', 'look again'] });
        return [needing(next, isWord('next', 'look again')), ...madeBy(claim.so, about, besides)];
      }
      case 'any-hold': {
        const any = made(claim, besides, { words: ['any'], places: ['F'] });
        return [needing(any, isWord('any')), ...madeBy(claim.so, about, true)];
      }
      case 'else-not': {
        const [inner] = madeBy([claim.so], about);
        const not = made(claim, besides, {
          not: true,
          words: inner!.words,
          numbers: inner!.numbers,
          needs: inner!.needs,
        });
        return [not];
      }
      default:
        return [plain(claim, besides, about)];
    }
  });
}

function plain(claim: Claim, besides: boolean, about: About): Made {
  const thingsOf = (which: string): string[] => kindsOf(which, about);
  switch (claim.is) {
    case 'at': {
      const slot = /^\{\w+\}$/.test(claim.place) ? claim.place : undefined;
      const middle = /^[FRBL]{2}$/.test(claim.place);
      const moves = typeof claim.when === 'number' || claim.when === 'after';
      const middles = middle ? [moves ? 'to the middle' : 'middle'] : [];
      const words = [
        ...middles,
        ...wayOf(claim),
        betweenOf(claim.place),
        'above its place',
        'under its place',
      ];
      const said = [isIn(claim.place), isTo(claim.place), isWord(...words)];
      return made(claim, besides, {
        not: claim.not ?? false,
        to: moves && !claim.not ? [claim.place] : [],
        places: placesOf(claim.place, claim.piece),
        words: [...(slot ? [slot] : []), ...middles, ...wayOf(claim), betweenOf(claim.place)],
        turns: turnsOf(claim.when),
        things: thingsOf(claim.piece),
        needs: [slot ? isWord(slot) : isSome(...said), ...byPlace(claim.piece)],
      });
    }
    case 'belongs':
      return made(claim, besides, {
        places: placesOf(claim.place, claim.piece),
        to: [claim.place],
        words: ['belongs', betweenOf(claim.place)],
        things: thingsOf(claim.piece),
        needs: [
          isSome(
            isIn(claim.place),
            isTo(claim.place),
            isWord('belongs', 'above its place', 'under its place'),
          ),
        ],
      });
    case 'colour': {
      const names = [claim.shows].flat().map((name) => name.replace('!', ''));
      return made(claim, besides, {
        not: String(claim.shows).startsWith('!'),
        places: [claim.sticker.replace('.', '')],
        roles: names,
        words: ['match'],
        turns: turnsOf(claim.when),
        things: thingsOf(claim.sticker.split('.')[0]!).concat(about.things),
        mine: mineOf(claim.sticker.split('.')[0]!),
        needs: [isSome(...names.map(isRole), ...names.map(isBound))],
      });
    }
    case 'has': {
      const sides = claim.sides ?? '';
      const needs = [isRole(claim.colour)];
      if (sides.length > 1) needs.push(isWord('on a side'));
      else if (sides !== '') needs.push(isIn(sides));
      return made(claim, besides, {
        not: claim.not ?? false,
        places: [...placesOf(claim.piece), ...(sides.length === 1 ? [sides] : [])],
        roles: [claim.colour],
        words:
          sides.length > 1
            ? ['on a side']
            : claim.not && claim.colour === 'first'
              ? ['belongs']
              : [],
        turns: turnsOf(claim.when),
        things: thingsOf(claim.piece),
        mine: mineOf(claim.piece),
        needs: [...needs, ...byPlace(claim.piece)],
      });
    }
    case 'same-colour': {
      const face = claim.stickers[0].slice(-1);
      return made(claim, besides, {
        not: claim.not ?? false,
        words: ['match'],
        numbers: [2],
        things: ['corner'],
        places: [face],
        turns: turnsOf(claim.when),
        needs: [isWord('match')],
        mine: isIn(face),
      });
    }
    case 'next-to': {
      const says = claim.not && !claim.matching ? 'apart' : claim.matching ? 'match' : 'beside';
      return made(claim, besides, {
        not: claim.matching === true && claim.not === true,
        words: claim.not && !claim.matching ? ['apart'] : ['beside', 'match'],
        turns: turnsOf(claim.when),
        things: claim.pieces.flatMap(thingsOf),
        places: placesOf(...claim.pieces),
        numbers: [2],
        needs: [isWord(says)],
      });
    }
    case 'exchange':
      return made(claim, besides, {
        words: ['change places'],
        to: [...claim.places],
        places: [...claim.places],
        things: thingsOf(claim.places[0]),
        needs: [isWord('change places'), ...claim.places.map(isIn)],
      });
    case 'lie':
      return made(claim, besides, { words: [claim.how], numbers: [2], needs: [isWord(claim.how)] });
    case 'belong-beside':
      return made(claim, besides, {
        words: [
          'belongs',
          'beside',
          ...claim.pieces.map((piece) => `${piece} ${thingsOf(piece)[0]}`),
        ],
        needs: [
          isWord('belongs'),
          isWord('beside'),
          ...claim.pieces.map((piece) => isWord(`${piece} ${thingsOf(piece)[0]}`)),
        ],
      });
    case 'belongs-in-middle':
      return made(claim, besides, {
        words: ['belongs', 'middle'],
        needs: [isWord('belongs'), isWord('middle')],
      });
    case 'turns-over':
      return made(claim, besides, {
        words: ['turn over'],
        numbers: [2],
        places: placesOf(claim.piece),
        things: thingsOf(claim.piece),
        mine: mineOf(claim.piece),
        needs: [isWord('turn over'), ...byPlace(claim.piece)],
      });
    case 'whole-turn':
      return made(claim, besides, {
        words: ['whole turn', 'next'],
        needs: [isWord('whole turn'), isWord('next')],
      });
    case 'later':
      return made(claim, besides, {
        words: ['later'],
        numbers: [claim.to - claim.from],
        needs: [isWord('later'), isNumber(claim.to - claim.from)],
      });
    case 'stretch': {
      const count = claim.to - claim.from + 1;
      const one = count === 1;
      return made(claim, besides, {
        words: [claim.which],
        numbers: [count],
        turns: one ? [claim.to] : [],
        needs: one
          ? [isSome(isWord(claim.which), isTurn(claim.to))]
          : [isNumber(count), isSome(isWord(claim.which))],
      });
    }
    case 'stays':
      return made(claim, besides, {
        words: [claim.not ? 'moved' : 'stays'],
        places: placesOf(claim.piece),
        things: thingsOf(claim.piece),
        needs: [isWord(claim.not ? 'moved' : 'stays'), ...byPlace(claim.piece)],
      });
    case 'solved':
      return made(claim, besides, {
        not: claim.not ?? false,
        words: claim.not
          ? ['solved', 'turned', 'in its place', 'wrong place']
          : ['solved', 'match', 'belongs'],
        places: placesOf(claim.piece),
        roles: [...rolesIn(claim.piece), ...rolesAt(placesOf(claim.piece).join(''))],
        mine: mineOf(claim.piece),
        turns: turnsOf(claim.when),
        things: thingsOf(claim.piece),
        needs: [isWord(...(claim.not ? ['solved', 'turned'] : ['solved', 'match']))],
      });
    case 'in-place':
      return made(claim, besides, {
        not: claim.not ?? false,
        things: thingsOf(claim.piece),
        words: ['in its place', 'turned'],
        turns: turnsOf(claim.when),
        needs: [isWord('in its place')],
      });
    case 'not-finished':
      return made(claim, besides, {
        not: true,
        words: ['solved'],
        places: placesOf(claim.place),
        things: thingsOf(claim.place),
        needs: [isWord('solved'), isIn(claim.place)],
      });
    case 'goes-home-after':
      return made(claim, besides, {
        words: ['solved', 'match'],
        things: thingsOf(claim.piece),
        turns: [claim.turns],
        places: placesOf(claim.piece),
        needs: [isWord('solved', 'match')],
      });
    case 'count':
      return counted(claim.of, claim.number, claim, besides);
    case 'round':
      return made(claim, besides, {
        to: [...claim.places],
        words: ['round', ...roundWords(claim.places)],
        numbers: [claim.places.length],
        places: [...claim.places],
        things: thingsOf(claim.places[0]!),
        needs: [isWord('round')],
      });
    case 'moves-only':
      return made(claim, besides, {
        words: claim.places.length === 0 ? ['stays', 'back'] : ['moved'],
        numbers: claim.places.length === 0 ? [] : [claim.places.length - 1],
        things: [claim.kind],
        needs: [isWord(claim.places.length === 0 ? 'stays' : 'moved')],
      });
    case 'done':
      return made(claim, besides, {
        not: claim.not ?? false,
        words: ['solved', 'match', 'opposite side'],
        needs: [isSome(isWord('solved', 'match'), isNumber(4))],
      });
    case 'keeps-pairs':
      return made(claim, besides, {
        words: ['pairs kept', 'solved'],
        needs: [isWord('pairs kept')],
      });
    case 'fits':
      return made(claim, besides, {
        not: claim.not ?? false,
        words: ['match'],
        numbers: [2, 4],
        places: [claim.layer],
        needs: [isWord('match')],
      });
    case 'beside':
      return made(claim, besides, {
        words: [claim.hand, 'as you look straight at', `${claim.of} ${thingsOf(claim.of)[0]}`],
        to: [],
        things: [...thingsOf(claim.piece), ...thingsOf(claim.of)],
        needs: [isWord(claim.hand)],
      });
    case 'shortest':
      return made(claim, besides, { words: ['longer'], places: ['D'], needs: [isWord('longer')] });
    case 'looks-left': {
      const most = typeof claim.number === 'number' ? claim.number : claim.number[1];
      return made(claim, besides, {
        words: ['look again'],
        numbers: [most],
        needs: most === 0 ? [] : [isWord('look again')],
      });
    }
    case 'turns':
      return made(claim, besides, {
        numbers: [claim.number, ...(claim.times ? [claim.times] : [])],
        turns: [claim.number * (claim.times ?? 1)],
        needs: [isNumber(claim.number), ...(claim.times ? [isNumber(claim.times)] : [])],
      });
    case 'takes-back':
      return made(claim, besides, {
        words: ['back'],
        numbers: [1],
        turns: [claim.turn, claim.other],
        needs: [isWord('back')],
      });
    case 'turned':
      return made(claim, besides, {
        places: [claim.side],
        words: claim.half ? ['half'] : [`turn ${claim.side}`],
        turns: [claim.turn],
        needs: [
          isSome(isIn(claim.side), isWord(`turn ${claim.side}`)),
          ...(claim.half ? [isWord('half')] : []),
        ],
      });
    case 'same-hold':
      return made(claim, besides, { words: ['as now', 'wrong place'], needs: [isWord('as now')] });
    default:
      return made(claim, besides, {});
  }
}

const WORDS_OF: Record<string, string> = { F: 'front', R: 'right', B: 'back', L: 'left' };

/** From each place to the next, where each has one side besides the top. */
const roundWords = (places: readonly string[]): string[] =>
  places.map((from, k) => {
    const [a, b] = [from, places[(k + 1) % places.length]!].map((name) => WORDS_OF[name.slice(1)]);
    return `${a} to ${b}`;
  });

function counted(
  of: Those,
  number: number | readonly [number, number],
  claim: Claim,
  besides: boolean,
): Made {
  const roles = [of.with, of.without, of.facing?.colour].filter((role) => role !== undefined);
  const sides = of.facing?.sides ?? '';
  const words: string[] = [];
  if (of.solved !== undefined) words.push('solved', 'match', 'belongs');
  if (of.inPlace) words.push('in its place');
  if (sides.length > 1) words.push('on a side');
  const [least, most] = typeof number === 'number' ? [number, number] : number;
  const needs = roles.map((role) => isRole(role));
  if (of.solved !== undefined) needs.push(isWord('solved', 'match'));
  if (of.inPlace) needs.push(isWord('in its place'));
  if (of.at) needs.push(isIn(of.at));
  if (sides.length > 1) needs.push(isWord('on a side'));
  if (sides.length === 1) needs.push(isIn(sides));
  if (least === most && least > 0) needs.push(isNumber(least));
  return made(claim, besides, {
    not: (most === 0 && !of.without) || of.solved === false || (least === 0 && most > 0),
    places: [of.at ?? '', sides.length === 1 ? sides : ''].filter((name) => name !== ''),
    roles,
    words,
    // “Not all four” of those of which there are at most three.
    numbers: least === most ? [least] : [most + 1],
    turns: 'when' in claim ? turnsOf(claim.when) : [],
    things: [of.kind],
    needs,
  });
}
