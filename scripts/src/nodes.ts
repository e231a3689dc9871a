import { parseArgs } from 'node:util';
import { nodes } from './nodes/run.js';
import { command, say, ToldError } from './said.js';

await command(async () => {
  const { values } = parseArgs({
    options: {
      nodes: { type: 'string', default: '3' },
      clients: { type: 'string', default: '50' },
      kills: { type: 'string', default: '60' },
      seed: { type: 'string', default: '4180' },
    },
  });
  const plan = {
    nodes: Number(values.nodes),
    clients: Number(values.clients),
    kills: Number(values.kills),
    seed: Number(values.seed),
  };
  const found = await nodes(plan, say);
  process.stdout.write(`${JSON.stringify(found, null, 2)}\n`);
  if (Object.values(found.faults).some((count) => count > 0)) {
    throw new ToldError('Something did not hold; “faults” above says what.');
  }
});
