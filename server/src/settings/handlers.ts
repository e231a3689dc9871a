import { changeSettingsSchema } from '@sleetcrest/contract';
import type { Handlers } from '../access/admit.js';
import { accountOf } from '../access/caller.js';
import { bodyOf } from '../http/validate.js';
import type { SettingsService } from './service.js';

export function settingsHandlers(settings: SettingsService) {
  return {
    'GET /api/settings': async (request, response) => {
      const { id } = accountOf(request);
      response.json({ ...(await settings.read(id)), taught: await settings.taughtTo(id) });
    },

    'PATCH /api/settings': async (request, response) => {
      const change = bodyOf(request, changeSettingsSchema);
      response.json(await settings.change(accountOf(request).id, change));
    },
  } satisfies Partial<Handlers>;
}
