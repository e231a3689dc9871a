import {
  type CubeDocument,
  randomCube,
  randomFrom,
  solvedCube,
  writeCubeDocument,
} from '../../puzzle/cube/index.js';
import { DEFAULT_METHOD } from '../../teaching/methods/index.js';
import { solveAsked } from './asked.js';

const plan = (start: CubeDocument, method = DEFAULT_METHOD.id) =>
  solveAsked({ start, method, firstColour: 'white' });

describe('a plan', () => {
  it('is walked as its method says', () => {
    const walk = plan(writeCubeDocument(randomCube(randomFrom(1))));
    expect(walk.ok && walk.value.steps.length).toBeGreaterThan(5);
  });

  it('is refused with the part that is wrong', () => {
    const flipped = writeCubeDocument(solvedCube());
    [flipped.faces.white[7], flipped.faces.green[1]] = ['green', 'white'];
    const centre = writeCubeDocument(solvedCube());
    centre.faces.red[4] = 'blue';
    const refused = (path: string) => ({ ok: false, error: jasmine.objectContaining({ path }) });
    expect(plan(flipped)).toEqual(refused('start') as never);
    expect(plan(centre)).toEqual(refused('start.faces.red.4') as never);
    expect(plan(writeCubeDocument(solvedCube()), 'rough')).toEqual(refused('method') as never);
  });
});
