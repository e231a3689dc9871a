import { command } from './said.js';
import { scriptSizes } from './bench/script-sizes.js';
import { walkthroughTimes } from './bench/walkthrough-times.js';
import { proofTimes } from './bench/proof-times.js';
import { buildWeb } from './web-build.js';

/** Prints what is measured as JSON. Ratios are of one run: machines vary, their ratios less so. */
await command(() => {
  buildWeb();
  const measured = {
    walkthrough: walkthroughTimes(),
    proof: proofTimes(),
    script: scriptSizes(),
  };
  process.stdout.write(`${JSON.stringify(measured, null, 2)}\n`);
  return Promise.resolve();
});
