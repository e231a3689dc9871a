import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { STATE } from './places.js';
import { freePort } from './ports.js';
import { Cluster } from './postgres/cluster.js';

/** A cluster of its own for one run of tests: quick rather than safe, and gone afterwards. */
export async function testCluster(): Promise<{ cluster: Cluster; end: () => Promise<void> }> {
  const folder = join(STATE, `test-postgres-${process.pid}`);
  const passwordFile = `${folder}.password`;
  const cluster = await Cluster.start({
    folder,
    passwordFile,
    port: await freePort(),
    settings: ['fsync=off', 'synchronous_commit=off', 'full_page_writes=off'],
  });
  return {
    cluster,
    end: async () => {
      await cluster.stop();
      cluster.remove();
      rmSync(passwordFile, { force: true });
    },
  };
}
