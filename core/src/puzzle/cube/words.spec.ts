import { COLOURS } from './colours.js';
import { placeNamed, PLACES } from './pieces.js';
import { SIDES } from './sides.js';
import { betweenWords, kindOfPlace, pieceColours, placeWords } from './words.js';
import { listed } from '../../words/index.js';

describe('words for places and pieces', () => {
  it('name each place differently, as one points at it', () => {
    const words = PLACES.map(({ name }) => placeWords(name));
    expect(new Set(words).size).toBe(20);
    expect(placeWords('UFR')).toBe('on top, at the front right');
    expect(placeWords('FR')).toBe('in the middle, at the front right');
    expect(placeWords('DB')).toBe('at the bottom, at the back');
  });

  it('name each piece by its colours, the first colour first, whichever that is', () => {
    for (const lead of SIDES) {
      const names = PLACES.map(({ index }) => pieceColours(index, COLOURS, lead));
      expect(new Set(names.map((name) => name.join('-'))).size).toBe(20);
      for (const [index, name] of names.entries()) {
        if (PLACES[index]!.sides.includes(lead)) expect(name[0]).toBe(COLOURS[lead]);
      }
    }
  });

  it('say between which sides a place is', () => {
    expect(betweenWords(placeNamed('DFR')!.index, COLOURS)).toBe('between yellow, green and red');
    expect(kindOfPlace(placeNamed('RFD')!.index)).toBe('corner');
  });

  it('join lists as one speaks', () => {
    expect([listed([]), listed(['a']), listed(['a', 'b']), listed(['a', 'b', 'c'])]).toEqual([
      '',
      'a',
      'a and b',
      'a, b and c',
    ]);
  });
});
