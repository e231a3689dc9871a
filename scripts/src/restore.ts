import { existsSync } from 'node:fs';
import { resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { heldIn, tellHeld } from './backup/archive.js';
import { restoreFrom } from './backup/restoring.js';
import { onlyOnce } from './only-once.js';
import { DATABASE, placeOfData } from './places.js';
import { freePort } from './ports.js';
import { Cluster } from './postgres/cluster.js';
import { command, say, ToldError } from './said.js';

/** `npm run restore -- FILE [--replace]`, while the application does not run. */
await command(async () => {
  const { positionals, values } = parseArgs({
    allowPositionals: true,
    options: { replace: { type: 'boolean', default: false } },
  });
  const [given] = positionals;
  if (given === undefined || positionals.length > 1) {
    throw new ToldError('Say from where: npm run restore -- FILE [--replace]');
  }
  const file = resolve(process.env['INIT_CWD'] ?? '.', given);
  if (!existsSync(file)) throw new ToldError(`There is no file ${file}.`);
  const { pidFile, ...place } = placeOfData();
  const forget = onlyOnce(pidFile);
  try {
    const cluster = await Cluster.start({ ...place, port: await freePort() });
    try {
      const there = (await cluster.databases()).includes(DATABASE)
        ? await heldIn(cluster, DATABASE)
        : undefined;
      if (there && !values.replace) {
        throw new ToldError(
          `There is a database here already, with ${tellHeld(there)}. Nothing was changed. To put the backup in its place for good, add --replace.`,
        );
      }
      const held = await restoreFrom(cluster, file, DATABASE);
      say(`Restored: ${held ? tellHeld(held) : 'an empty database'}.`);
      say('Everybody who was signed in signs in again. Start the application with npm start.');
    } finally {
      await cluster.stop();
    }
  } finally {
    forget();
  }
});
