import { parseArgs } from 'node:util';
import { crash } from './crash/run.js';
import { command, say, ToldError } from './said.js';

await command(async () => {
  const { values } = parseArgs({
    options: {
      clients: { type: 'string', default: '20' },
      server: { type: 'string', default: '1000' },
      database: { type: 'string', default: '100' },
      freezes: { type: 'string', default: '50' },
      frozen: { type: 'string', default: '5000' },
      seed: { type: 'string', default: '4180' },
    },
  });
  const counts = await crash(
    {
      clients: Number(values.clients),
      serverKills: Number(values.server),
      databaseKills: Number(values.database),
      freezes: Number(values.freezes),
      frozenFor: Number(values.frozen),
      seed: Number(values.seed),
    },
    say,
  );
  process.stdout.write(`${JSON.stringify(counts, null, 2)}\n`);
  if (counts.lost + counts.doubled + counts.refused + counts.hung > 0) {
    throw new ToldError('Records were lost, doubled, refused or hung; the counts are above.');
  }
});
