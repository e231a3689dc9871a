import { DEFAULT_METHOD, randomCube, randomFrom, writeCubeDocument } from '@sleetcrest/core';
import { solvePlan } from '@sleetcrest/core/methods';
import {
  loadOnce,
  migrations,
  MethodService,
  openDatabase,
  SolveService,
} from '@sleetcrest/server';
import { DEMO_CUBES, DEMO_METHOD, DEMO_METHOD_NAME, DEMO_NAME, type DemoCube } from './scenario.js';

function requestFor({ id, name, seed, firstColour, walked }: DemoCube) {
  const start = writeCubeDocument(randomCube(randomFrom(seed)));
  const plan = { start, method: DEFAULT_METHOD.id, firstColour };
  const walk = solvePlan(plan);
  if (!walk.ok) throw new Error(walk.error.message);
  const step = Math.round(walk.value.steps.length * walked);
  return { id, name, ...plan, position: { step, turn: 0 } };
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
    const methods = new MethodService(sequelize);
    await loadOnce(sequelize, DEMO_METHOD_NAME, async (transaction) => {
      const kept = { method: DEMO_METHOD, proof: 'proved' as const };
      await methods.keep(DEMO_METHOD.id, kept, transaction);
    });
  } finally {
    await sequelize.close();
  }
}
