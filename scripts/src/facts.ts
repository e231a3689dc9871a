import { writeFacts } from './facts/written.js';
import { command, say } from './said.js';

/** Computes what never changes for built-in approaches, and writes it where core reads it from. */
await command(async () => {
  const kilobytes = await writeFacts(say);
  say(`The facts are written: ${kilobytes.toFixed(0)} kB, compressed.`);
});
