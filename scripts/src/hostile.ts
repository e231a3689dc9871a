import { parseArgs } from 'node:util';
import { hostile } from './hostile/run.js';
import { command, say, ToldError } from './said.js';

await command(async () => {
  const { values } = parseArgs({
    options: {
      requests: { type: 'string', default: '100000' },
      'at-once': { type: 'string', default: '24' },
      seed: { type: 'string', default: '4180' },
    },
  });
  const plan = {
    requests: Number(values.requests),
    atOnce: Number(values['at-once']),
    seed: Number(values.seed),
  };
  const counts = await hostile(plan, say);
  process.stdout.write(`${JSON.stringify(counts, null, 2)}\n`);
  if (Object.values(counts.faults).some((count) => count > 0)) {
    throw new ToldError('Something did not hold; “faults” above says what.');
  }
});
