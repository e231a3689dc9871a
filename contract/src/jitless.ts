import * as z from 'zod';

// Zod compiles schemas with `new Function` where it may. The pages' Content-Security-Policy
// forbids that, and a forbidden try is reported in the console, so it is not tried.
z.config({ jitless: true });
