import { handoutSchema } from '@sleetcrest/contract';
import type { Handlers } from '../access/admit.js';
import { bodyOf } from '../http/validate.js';
import { printHandout } from './print.js';

export const handoutHandlers = (): Pick<Handlers, 'POST /api/handouts'> => ({
  'POST /api/handouts': async (request, response) => {
    const { name, pdf } = await printHandout(bodyOf(request, handoutSchema));
    response
      .type('application/pdf')
      .set('content-disposition', `attachment; filename="${name}"`)
      .send(pdf);
  },
});
