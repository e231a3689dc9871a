import { handoutSchema } from '@sleetcrest/contract';
import type { Handlers } from '../access/admit.js';
import { addressOf } from '../access/caller.js';
import type { Tries } from '../accounts/tries.js';
import { bodyOf } from '../http/validate.js';
import { printHandout } from './print.js';

export const handoutHandlers = (tries: Tries): Pick<Handlers, 'POST /api/handouts'> => ({
  'POST /api/handouts': async (request, response) => {
    const asked = bodyOf(request, handoutSchema);
    await tries.made('printed', addressOf(request));
    const { name, pdf } = await printHandout(asked);
    response
      .type('application/pdf')
      .set('content-disposition', `attachment; filename="${name}"`)
      .send(pdf);
  },
});
