import { command, ToldError } from './said.js';
import { factTimes } from './bench/facts.js';
import { importMemory } from './bench/import-memory.js';
import { learning } from './bench/learning.js';
import { logStatistics } from './bench/log-statistics.js';
import { planTimes } from './bench/plans.js';
import { scriptSizes } from './bench/script-sizes.js';
import { walkthroughTimes } from './bench/walkthrough-times.js';
import { proofTimes } from './bench/proof-times.js';
import { photographReadings } from './bench/photographs.js';
import { standings } from './bench/standings.js';
import { slipTimes } from './bench/slips.js';
import { seePictures } from './bench/see-pictures.js';
import { tableTimes } from './bench/table.js';
import { tapCounts } from './bench/taps.js';
import { wayTimes } from './bench/ways.js';
import { buildWeb } from './web-build.js';

/** What can be measured, in the order it is. */
const MEASURES: Record<string, () => object | Promise<object>> = {
  facts: async () => {
    await buildWeb();
    return factTimes();
  },
  walkthrough: walkthroughTimes,
  proof: proofTimes,
  taps: tapCounts,
  ways: wayTimes,
  slips: slipTimes,
  plans: planTimes,
  photographs: photographReadings,
  script: async () => {
    await buildWeb();
    return scriptSizes();
  },
  learn: async () => {
    await buildWeb();
    return { ...learning(), seePictures: await seePictures() };
  },
  table: async () => {
    await buildWeb();
    return tableTimes();
  },
  log: logStatistics,
  standings,
  import: async () => {
    await buildWeb();
    return importMemory();
  },
};

/**
 * Prints what is measured as JSON: all of it, or the parts that are named. Ratios are of one run:
 * machines vary, their ratios less so.
 */
await command(async () => {
  const names = process.argv.slice(2);
  const unknown = names.filter((name) => !(name in MEASURES));
  if (unknown.length > 0) {
    const known = Object.keys(MEASURES).join(', ');
    throw new ToldError(`There is no measure called ${unknown.join(', ')}; there are ${known}.`);
  }
  const wanted = Object.entries(MEASURES).filter(
    ([name]) => names.length === 0 || names.includes(name),
  );
  // Each part is printed as it ends, and what fails takes no other with it; all of it is one document.
  for (const [k, [name, measure]] of wanted.entries()) {
    const measured = await resultOf(measure);
    const text = JSON.stringify({ [name]: measured }, null, 2).slice(2, -2);
    process.stdout.write(`${k === 0 ? '{' : ','}\n${text}`);
  }
  process.stdout.write('\n}\n');
});

/** What a measure gives, or in a sentence why it gave nothing. */
async function resultOf(measure: () => object | Promise<object>): Promise<object> {
  try {
    return await measure();
  } catch (error) {
    process.exitCode = 1;
    return { failed: error instanceof Error ? error.message : String(error) };
  }
}
