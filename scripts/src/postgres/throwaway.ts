import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { migrate } from '@sleetcrest/server';
import { STATE } from '../places.js';
import { freePort } from '../ports.js';
import { Cluster } from './cluster.js';

/** A cluster for one run of something, with one database that is up to date. */
export interface Throwaway {
  /** Another after it was killed and started again. */
  cluster: Cluster;
  databaseUrl: string;
  /** Starts the cluster anew in its folder and at its port, after it was killed. */
  startAgain(): Promise<void>;
}

/**
 * Does something over a cluster of its own, as safe as `npm start` has it unless `settings` say
 * otherwise, and removes it whatever happens.
 */
export async function overThrowaway<T>(
  name: string,
  work: (over: Throwaway) => Promise<T>,
  settings: string[] = [],
): Promise<T> {
  const folder = join(STATE, `${name}-postgres-${process.pid}`);
  const passwordFile = `${folder}.password`;
  const options = { folder, passwordFile, port: await freePort(), settings };
  const over: Throwaway = {
    cluster: await Cluster.start(options),
    databaseUrl: '',
    startAgain: async () => {
      over.cluster = await Cluster.start(options);
    },
  };
  try {
    await over.cluster.ensureDatabase(name);
    over.databaseUrl = over.cluster.url(name);
    await migrate(over.databaseUrl);
    return await work(over);
  } finally {
    await over.cluster.stop();
    over.cluster.remove();
    rmSync(passwordFile, { force: true });
  }
}
