import {
  methodById,
  METHODS,
  randomCube,
  randomFrom,
  SIDES,
  solvedCube,
  STAGES,
  writeCubeDocument,
} from '@sleetcrest/core';
import { solve } from '@sleetcrest/core/engine/run';
import { APPROACHES, isSearch, type PatternApproach } from '@sleetcrest/core/teaching/approaches';
import {
  approachSchema,
  createSolveSchema,
  cubeSchema,
  describeErrors,
  fieldErrors,
  jsonSchemas,
  methodSchema,
  solveListQuerySchema,
  updateSolveSchema,
  walkthroughReadSchema,
  walkthroughSchema,
} from './index.js';

const document = () => writeCubeDocument(solvedCube());

describe('the Cube schema', () => {
  it('takes what core writes, standard or not, whole or partly seen', () => {
    const half = document();
    half.faces.red[0] = null;
    const other = writeCubeDocument(solvedCube(), [
      'white',
      'red',
      'green',
      'blue',
      'orange',
      'yellow',
    ]);
    for (const cube of [document(), half, other]) expect(cubeSchema.parse(cube)).toEqual(cube);
  });

  it('refuses what is no cube and says where', () => {
    const wrong: [object, string][] = [
      [{ ...document(), format: 'sleetcrest/cube@2' }, 'format'],
      [{ ...document(), owner: 'Kaja' }, ''],
      [{ ...document(), faces: { ...document().faces, pink: [] } }, 'faces'],
      [{ ...document(), faces: { ...document().faces, red: ['red'] } }, 'faces.red'],
      [
        { ...document(), faces: { ...document().faces, red: Array(9).fill('pink') } },
        'faces.red.0',
      ],
    ];
    for (const [cube, path] of wrong) {
      const parsed = cubeSchema.safeParse(cube);
      expect(parsed.success).toBeFalse();
      expect(fieldErrors(parsed.error!)[0]!.path).toBe(path);
    }
  });
});

describe('the other document schemas', () => {
  it('take every walkthrough and method that core makes', () => {
    const random = randomFrom(3);
    for (let k = 0; k < 30; k++) {
      const walk = solve(randomCube(random), methodById('gentle')!, SIDES[k % 6]);
      if (!walk.ok) throw new Error(walk.error);
      expect(walkthroughSchema.parse(walk.value)).toEqual(walk.value as never);
    }
    for (const method of METHODS) expect(methodSchema.parse(method)).toEqual(method as never);
  });

  it('still take a walkthrough of before, whose steps do not say what to find', () => {
    const walk = solve(randomCube(randomFrom(4)), methodById('gentle')!);
    if (!walk.ok) throw new Error(walk.error);
    const { steps, ...rest } = walk.value;
    const older = {
      ...rest,
      format: 'sleetcrest/walkthrough@1',
      steps: steps.map(({ find: _, ...step }) => step),
    };
    expect(walkthroughSchema.safeParse(older).success).toBeFalse();
    expect(walkthroughReadSchema.parse(older)).toEqual({
      ...walk.value,
      steps: steps.map((step) => ({ ...step, find: '' })),
    } as never);
    expect(walkthroughReadSchema.parse(walk.value)).toEqual(walk.value as never);
    const mixed = { ...older, format: 'sleetcrest/walkthrough@2' };
    expect(walkthroughReadSchema.safeParse(mixed).success).toBeFalse();
  });

  it('take every built-in approach written out, but for those that search', () => {
    for (const approach of APPROACHES) {
      const parsed = approachSchema.safeParse(approach);
      expect(parsed.success).withContext(approach.id).toBe(!isSearch(approach));
      if (parsed.success) expect(parsed.data).toEqual(approach as never);
    }
  });

  it('refuse an approach with the place of what is wrong', () => {
    const good = APPROACHES.find(({ id }) => id === 'face-two') as PatternApproach;
    const one = good.cases[0]!;
    const wrong: [object, string][] = [
      [{ ...good, id: 'Mine' }, 'id'],
      [{ ...good, stage: 'beginning' }, 'stage'],
      [{ ...good, cases: [] }, 'cases'],
      [{ ...good, cases: [{ ...one, times: 0 }] }, 'cases.0.times'],
      [{ ...good, cases: [{ ...one, pieces: ['top'] }] }, 'cases.0.pieces.0'],
      [{ ...good, owner: 'Ivo' }, ''],
      [
        { ...good, cases: [{ ...one, why: [{ says: 'It is so.', so: [{ is: 'lucky' }] }] }] },
        'cases.0.why',
      ],
    ];
    for (const [approach, path] of wrong) {
      const parsed = approachSchema.safeParse(approach);
      expect(parsed.success).toBeFalse();
      expect(fieldErrors(parsed.error!)[0]!.path).toBe(path);
    }
  });

  it('are published as JSON Schemas that admit no unknown field', () => {
    const schemas = jsonSchemas();
    JSON.stringify(
      schemas,
      (_, value: { type?: string; additionalProperties?: boolean } | null | undefined) => {
        // A pattern is a map: which names it may have is said instead.
        const isMap = typeof value === 'object' && value !== null && 'propertyNames' in value;
        if (value?.type === 'object' && !isMap) expect(value.additionalProperties).toBeFalse();
        return value;
      },
    );
    expect(JSON.stringify(schemas.walkthrough)).toContain(JSON.stringify([...STAGES]));
  });
});

describe('requests', () => {
  it('need an id, a name and a cube, and admit no other field', () => {
    const good = {
      id: '7c9ad5a1-6a5c-4d0e-9a53-0f3c8f0e4a11',
      name: '  Stuck at the corners ',
      start: document(),
      method: 'gentle',
      firstColour: 'white',
    };
    expect(createSolveSchema.parse(good).name).toBe('Stuck at the corners');
    for (const change of [
      { id: '7' },
      { name: ' ' },
      { name: 'x'.repeat(81) },
      { method: 'My way' },
      { extra: 1 },
    ]) {
      expect(createSolveSchema.safeParse({ ...good, ...change }).success).toBeFalse();
    }
  });

  it('change something or are refused', () => {
    expect(updateSolveSchema.safeParse({}).success).toBeFalse();
    expect(updateSolveSchema.safeParse({ position: { step: -1, turn: 0 } }).success).toBeFalse();
    expect(updateSolveSchema.safeParse({ position: { step: 2, turn: 1 } }).success).toBeTrue();
  });

  it('ask for the first page of twenty unless they say', () => {
    expect(solveListQuerySchema.parse({})).toEqual({ page: 1, size: 20 });
    expect(solveListQuerySchema.safeParse({ size: '1000' }).success).toBeFalse();
  });

  it('are refused in one sentence that names the first fields', () => {
    const errors = [1, 2, 3, 4].map((k) => ({ path: `f.${k}`, message: 'is wrong' }));
    expect(describeErrors(errors)).toBe('f.1: is wrong; f.2: is wrong; f.3: is wrong; and 1 more');
  });
});
