import { parseArgs } from 'node:util';
import { crash } from './crash/run.js';
import { command, say, Told } from './said.js';

await command(async () => {
  const { values } = parseArgs({
    options: {
      clients: { type: 'string', default: '20' },
      server: { type: 'string', default: '200' },
      database: { type: 'string', default: '20' },
      seed: { type: 'string', default: '4180' },
    },
  });
  const counts = await crash(
    {
      clients: Number(values.clients),
      serverKills: Number(values.server),
      databaseKills: Number(values.database),
      seed: Number(values.seed),
    },
    say,
  );
  process.stdout.write(`${JSON.stringify(counts, null, 2)}\n`);
  if (counts.lost + counts.doubled + counts.refused > 0) {
    throw new Told('Records were lost, doubled or refused; the counts are above.');
  }
});
