import { resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { tellHeld, writeArchive } from './backup/archive.js';
import { DATABASE, placeOfData } from './places.js';
import { freePort } from './ports.js';
import { Cluster } from './postgres/cluster.js';
import { command, say, ToldError } from './said.js';

/** `npm run backup -- FILE`: while the application runs, or while it does not. */
await command(async () => {
  const { positionals } = parseArgs({ allowPositionals: true });
  const [given] = positionals;
  if (given === undefined || positionals.length > 1) {
    throw new ToldError('Say where to: npm run backup -- FILE');
  }
  const file = resolve(process.env['INIT_CWD'] ?? '.', given);
  const place = placeOfData();
  const running = Cluster.running(place);
  const cluster = running ?? (await Cluster.start({ ...place, port: await freePort() }));
  try {
    if (!(await cluster.databases()).includes(DATABASE)) {
      throw new ToldError('There is nothing to back up: the application was never started here.');
    }
    const held = await writeArchive(cluster, DATABASE, file);
    say(held ? `Written and read back: ${tellHeld(held)}.` : 'Written and read back; it is empty.');
    process.stdout.write(`${file}\n`);
  } finally {
    if (!running) await cluster.stop();
  }
});
