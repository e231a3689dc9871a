import { groupParamsSchema } from '@sleetcrest/contract/accounts';
import { askPrintSchema, printParamsSchema } from '@sleetcrest/contract/table';
import type { Handlers } from '../access/admit.js';
import { accountOf } from '../access/caller.js';
import { bodyOf, paramsOf } from '../http/validate.js';
import type { PrintService } from './service.js';

export const printHandlers = (prints: PrintService) =>
  ({
    'GET /api/groups/:id/prints': async (request, response) => {
      const { id } = paramsOf(request, groupParamsSchema);
      response.json({ items: await prints.list(id) });
    },

    'POST /api/groups/:id/prints': async (request, response) => {
      const { id } = paramsOf(request, groupParamsSchema);
      const asked = bodyOf(request, askPrintSchema);
      response.status(202).json(await prints.ask(accountOf(request), id, asked));
    },

    'GET /api/groups/:id/prints/:print': async (request, response) => {
      const { id, print } = paramsOf(request, printParamsSchema);
      const { name, pdf } = await prints.pdf(id, print);
      response
        .type('application/pdf')
        .set('content-disposition', `attachment; filename="${name}"`)
        .send(pdf);
    },

    'DELETE /api/groups/:id/prints/:print': async (request, response) => {
      const { id, print } = paramsOf(request, printParamsSchema);
      await prints.remove(id, print);
      response.status(204).end();
    },
  }) satisfies Partial<Handlers>;
