import { loadOfLog } from './load/log.js';
import { loadOfTable } from './load/table.js';
import { command, ToldError } from './said.js';

const LOADS: Record<string, () => Promise<object>> = { log: loadOfLog, table: loadOfTable };

/** Prints how the server bears a load as JSON: that of the log, or the one that is named. */
await command(async () => {
  const [name = 'log'] = process.argv.slice(2);
  const load = LOADS[name];
  if (!load) {
    throw new ToldError(
      `There is no load called ${name}; there are ${Object.keys(LOADS).join(', ')}.`,
    );
  }
  process.stdout.write(`${JSON.stringify(await load(), null, 2)}\n`);
});
