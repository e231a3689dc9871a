import {
  methodById,
  randomCube,
  randomFrom,
  sideOfColour,
  solve,
  STANDARD_SCHEME,
  writeCubeDocument,
} from '@sleetcrest/core';
import { loadOnce, migrations, openDatabase, SolveService } from '@sleetcrest/server';
import { DEMO_CUBES, DEMO_NAME, type DemoCube } from './scenario.js';

const METHOD = 'gentle';

function requestFor({ id, name, seed, firstColour, walked }: DemoCube) {
  const cube = randomCube(randomFrom(seed));
  const walk = solve(cube, methodById(METHOD)!, sideOfColour(STANDARD_SCHEME, firstColour));
  if (!walk.ok) throw new Error(walk.error);
  const step = Math.round(walk.value.steps.length * walked);
  const start = writeCubeDocument(cube);
  return { id, name, start, method: METHOD, firstColour, position: { step, turn: 0 } };
}

/** Brings the database up to date and puts the demo's cubes in, once in its life. */
export async function loadDemo(databaseUrl: string): Promise<void> {
  const sequelize = openDatabase(databaseUrl);
  try {
    await migrations(sequelize).up();
    const service = new SolveService(sequelize);
    await loadOnce(sequelize, DEMO_NAME, async (transaction) => {
      for (const cube of DEMO_CUBES) await service.create(requestFor(cube), transaction);
    });
  } finally {
    await sequelize.close();
  }
}
