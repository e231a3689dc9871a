import fc from 'fast-check';
import { cubeBy } from '../../core.spec-support.js';
import { type Colour, COLOURS } from './colours.js';
import { sameCube } from './cube.js';
import {
  cubeFromPainted,
  readCubeDocument,
  unseenCube,
  writeCubeDocument,
  writePainted,
} from './painted.js';
import { randomCube, randomFrom } from './random.js';

describe('the Cube document', () => {
  it('reads each side in rows from its top left, white with blue at the top, yellow with green', () => {
    const { faces } = writeCubeDocument(cubeBy('F'));
    expect(faces.white.slice(6)).toEqual(['orange', 'orange', 'orange']);
    expect(faces.yellow.slice(0, 3)).toEqual(['red', 'red', 'red']);
    expect([faces.red[0], faces.red[3], faces.red[6]]).toEqual(['white', 'white', 'white']);
    expect([faces.orange[2], faces.orange[5], faces.orange[8]]).toEqual([
      'yellow',
      'yellow',
      'yellow',
    ]);
    expect(writeCubeDocument(cubeBy('B')).faces.white.slice(0, 3)).toEqual(['red', 'red', 'red']);
  });

  it('leads back to the cube it was written from, in any colour scheme', () => {
    const schemes = fc.shuffledSubarray([...COLOURS], { minLength: 6 });
    fc.assert(
      fc.property(fc.integer({ min: 0 }), schemes, (seed, scheme) => {
        const cube = randomCube(randomFrom(seed));
        const read = readCubeDocument(writeCubeDocument(cube, scheme));
        if (!read.ok) throw new Error(read.error.message);
        expect(sameCube(cubeFromPainted(read.value.painted), cube)).toBeTrue();
        expect(read.value.scheme).toEqual(scheme);
      }),
      { seed: 1 },
    );
  });

  it('keeps unseen stickers as null', () => {
    const document = writePainted(unseenCube(), COLOURS);
    expect(document.faces.red).toEqual([null, null, null, null, 'red', null, null, null, null]);
    const read = readCubeDocument(document);
    expect(read.ok && [...read.value.painted]).toEqual([...unseenCube()]);
  });

  it('is refused when a centre is not the colour of its side', () => {
    const document = writeCubeDocument(cubeBy(''));
    document.faces.green[4] = 'blue';
    const read = readCubeDocument(document);
    expect(read).toEqual({ ok: false, error: jasmine.objectContaining({ path: 'faces.green.4' }) });
  });

  it('is refused when its scheme names a colour twice', () => {
    const document = writeCubeDocument(cubeBy(''));
    const twice = {
      up: 'white',
      right: 'red',
      front: 'green',
      down: 'white',
      left: 'orange',
      back: 'blue',
    };
    const read = readCubeDocument({
      ...document,
      scheme: twice as Record<string, Colour>,
    });
    expect(!read.ok && read.error.message).toContain('yellow');
  });
});
