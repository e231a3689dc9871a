import {
  type Colour,
  COLOURS,
  DOWN,
  HOME_HOLD,
  placeNamed,
  STANDARD_SCHEME,
  UP,
} from '../../puzzle/cube/index.js';
import { MOVES } from '../../puzzle/notation/index.js';
import { stickerCalled } from '../../engine/run/index.js';
import { cubeBy, moves } from '../../core.spec-support.js';
import { piecesPicture } from '../cases/case-picture.js';
import { type CasePicture, patternPicture, pictureHold } from '../cases/index.js';
import { letterOn } from './letter-on.js';
import { crownSvg, type Ink, tilesSvg } from './svg.js';

const swatches = Object.fromEntries(COLOURS.map((colour, k) => [colour, `#00000${k}`])) as Record<
  Colour,
  string
>;
const ink = (change: Partial<Ink> = {}): Ink => ({
  swatches,
  letterOn,
  letters: false,
  plain: false,
  font: 'Text',
  ...change,
});
const hold = pictureHold({ up: 'opposite' }, UP);
const at = (picture: CasePicture, name: string) => picture[stickerCalled(name)!];
const count = (text: string, part: string): number => text.split(part).length - 1;

describe('the picture of a pattern', () => {
  const picture = patternPicture(
    {
      'UFR.F': 'front',
      'UFR.R': 'first',
      'UF.U': '!opposite',
      'FR.F': ['right', 'back'],
      'FR.R': 'side',
    },
    hold,
    UP,
    STANDARD_SCHEME,
  );

  it('has the colours that roles have in its hold', () => {
    expect([at(picture, 'UFR.F'), at(picture, 'UFR.R')]).toEqual([
      { is: 'green' },
      { is: 'white' },
    ]);
    expect(at(picture, 'UF.U')).toEqual({ not: 'yellow' });
    expect(at(picture, 'FR.F')).toEqual({
      oneOf: jasmine.arrayWithExactContents(['orange', 'blue']),
    });
    expect(at(picture, 'FR.R')).toEqual({
      oneOf: jasmine.arrayWithExactContents(['red', 'green', 'orange', 'blue']),
    });
  });

  it('has the centres besides, and nothing else', () => {
    expect(picture[4]).toEqual({ is: 'yellow' });
    expect(picture[DOWN * 9 + 4]).toEqual({ is: 'white' });
    expect(picture.filter((cell) => cell !== null).length).toBe(6 + 5);
  });

  it('shows pieces of a cube where they are', () => {
    const cube = cubeBy('R');
    const pieces = [placeNamed('UFR')!.index];
    const shown = piecesPicture(cube, pieces, HOME_HOLD, STANDARD_SCHEME);
    expect(shown.filter((cell) => cell !== null).length).toBe(6 + 3);
    // The right side carries the corner from the front to the back.
    expect(at(shown, 'UBR.B')).toEqual({ is: 'white' });
  });

  it('is drawn with a polygon for each sticker, a letter where asked, a stroke through what it is not', () => {
    const coloured = crownSvg(picture, ink());
    expect(count(coloured, '<polygon')).toBe(54 + 54 - 11);
    expect(coloured).toContain(swatches.green);
    expect(count(coloured, '<line')).toBe(1);
    const plain = crownSvg(picture, ink({ plain: true }), 'A "case" & more');
    expect(plain).not.toContain(swatches.green);
    expect(count(plain, '<text')).toBe(1 + 6 + 2 + 1 + 2);
    expect(plain).toContain('<title>A &#34;case&#34; &#38; more</title>');
  });
});

describe('a row of tiles', () => {
  it('has a tile for each turn, in lines, in the reader’s dialect', () => {
    const turns = moves("R U2 R' y F'");
    const row = tilesSvg(turns, 'inverse', false, 'Text', 3)!;
    expect([row.width, row.height]).toEqual([3 * 64, 2 * 92]);
    for (const name of ['>R<', '>U2<', '>Ri<', '>y<', '>Fi<']) expect(row.svg).toContain(name);
    expect(tilesSvg(turns, 'words', true, 'Text', 7)!.svg).toContain('right side');
    expect(tilesSvg([], 'prime', false, 'Text', 3)).toBeUndefined();
  });

  it('has an arrow head at the end of each way', () => {
    for (const move of MOVES) {
      const { svg } = tilesSvg([move], 'prime', false, 'Text', 1)!;
      expect(count(svg, '<polygon')).toBe(1);
      expect(svg).not.toContain('NaN');
    }
  });
});
