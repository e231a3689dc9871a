import { command } from './said.js';
import { importMemory } from './bench/import-memory.js';
import { logStatistics } from './bench/log-statistics.js';
import { scriptSizes } from './bench/script-sizes.js';
import { walkthroughTimes } from './bench/walkthrough-times.js';
import { proofTimes } from './bench/proof-times.js';
import { photographReadings } from './bench/photographs.js';
import { slipTimes } from './bench/slips.js';
import { tapCounts } from './bench/taps.js';
import { wayTimes } from './bench/ways.js';
import { buildWeb } from './web-build.js';

/** Prints what is measured as JSON. Ratios are of one run: machines vary, their ratios less so. */
await command(async () => {
  buildWeb();
  const measured = {
    walkthrough: walkthroughTimes(),
    proof: proofTimes(),
    taps: tapCounts(),
    ways: wayTimes(),
    slips: slipTimes(),
    photographs: photographReadings(),
    script: scriptSizes(),
    log: await logStatistics(),
    import: await importMemory(),
  };
  process.stdout.write(`${JSON.stringify(measured, null, 2)}\n`);
});
