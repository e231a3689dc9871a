import { groupParamsSchema } from '@sleetcrest/contract/accounts';
import type { Request } from 'express';
import { paramsOf } from '../http/validate.js';

/** The group in the address. */
export const groupIn = (request: Request): string =>
  paramsOf({ params: { id: String(request.params['id']) } }, groupParamsSchema).id;
