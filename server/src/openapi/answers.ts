import { problemSchema } from '@sleetcrest/contract';
import { groupParamsSchema } from '@sleetcrest/contract/accounts';
import type * as z from 'zod';

export const json = (schema: z.ZodType) => ({ content: { 'application/json': { schema } } });
export const answer = (description: string, schema: z.ZodType) => ({
  description,
  ...json(schema),
});
export const problem = (description: string) => ({
  description,
  content: { 'application/problem+json': { schema: problemSchema } },
});
export const nothing = (description: string) => ({ description });

export const problems = {
  '400': problem('The address is not right.'),
  '404': problem('There is nothing under this id.'),
  '503': problem('The database cannot be reached; nothing was changed.'),
};
export const refusals = {
  '413': problem('The body is too large: 64 kB, where it may hold many things 2 MB.'),
  '415': problem('The body is not JSON.'),
  '429': problem('That was asked for too often; Retry-After says how long to wait.'),
  '422': problem('A field is not right; `errors` says which and what to mend.'),
};
export const signedIn = { '401': problem('Nobody is signed in.'), '503': problems['503'] };

/** What is answered besides where a rule of `access/rules.ts` has its say, and where a body is read too. */
export const asks = {
  ...problems,
  ...signedIn,
  '403': problem('It is not among what you may do here.'),
};
export const changes = { ...asks, ...refusals };

/** A group in the address. */
export const group = { requestParams: { path: groupParamsSchema } };
