import * as z from 'zod';

// Zod compiles schemas with `new Function` where it may, which is several times as fast. The pages'
// Content-Security-Policy forbids that, and a forbidden try is reported in the console: there, in a
// page or a worker of one, it is not tried.
if ('navigator' in globalThis && 'location' in globalThis) z.config({ jitless: true });
