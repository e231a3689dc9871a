import * as z from 'zod';

/** What a person is here for. A guest has no account and is nobody's learner. */
export const ROLES = ['coach', 'learner'] as const;
export type Role = (typeof ROLES)[number];

export const accountNameSchema = z
  .string()
  .trim()
  .min(1, 'give a name')
  .max(40, 'a name has at most 40 characters')
  .regex(/^[^\p{C}]*$/u, 'a name is written in letters that can be seen');

/** Long enough not to be guessed; nothing else is asked of it, so that children can choose words. */
export const phraseSchema = z
  .string()
  .min(10, 'a pass phrase has at least 10 characters: three words will do')
  .max(200, 'a pass phrase has at most 200 characters');

/** A phrase as it is tried: any may be wrong. */
const triedSchema = z.string().min(1, 'give the pass phrase').max(200);

export const signUpSchema = z
  .strictObject({ name: accountNameSchema, phrase: phraseSchema, role: z.enum(ROLES) })
  .meta({ id: 'SignUp' });
export type SignUp = z.infer<typeof signUpSchema>;

export const signInSchema = z
  .strictObject({ name: accountNameSchema, phrase: triedSchema })
  .meta({ id: 'SignIn' });
export type SignIn = z.infer<typeof signInSchema>;

export const accountSchema = z
  .strictObject({ id: z.uuid(), name: accountNameSchema, role: z.enum(ROLES) })
  .meta({ id: 'Account' });
export type Account = z.infer<typeof accountSchema>;

/** An account that is there to try things out with, shown with its phrase. */
export const demoAccountSchema = z
  .strictObject({
    name: accountNameSchema,
    phrase: phraseSchema,
    role: z.enum(ROLES),
    about: z.string().max(120),
  })
  .meta({ id: 'DemoAccount' });
export type DemoAccount = z.infer<typeof demoAccountSchema>;

/** Who is signed in here; null for a guest. */
export const sessionSchema = z
  .strictObject({
    account: accountSchema.nullable(),
    demo: z.array(demoAccountSchema).describe('Only where the demo data is loaded.'),
  })
  .meta({ id: 'Session' });
export type Session = z.infer<typeof sessionSchema>;

/** Changes one's name, or one's phrase, for which the one in use must be given. */
export const changeAccountSchema = z
  .strictObject({
    name: accountNameSchema.optional(),
    phrase: z.strictObject({ now: triedSchema, next: phraseSchema }).optional(),
  })
  .refine((change) => change.name !== undefined || change.phrase !== undefined, {
    message: 'give a name or a phrase to change',
  })
  .meta({ id: 'ChangeAccount' });
export type ChangeAccount = z.infer<typeof changeAccountSchema>;

/** Deletes the account with all that is kept for it; the phrase says that it is meant. */
export const deleteAccountSchema = z
  .strictObject({ phrase: triedSchema })
  .meta({ id: 'DeleteAccount' });

export const resetPhraseSchema = z
  .strictObject({ phrase: phraseSchema })
  .meta({ id: 'ResetPhrase' });
