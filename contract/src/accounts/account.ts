import * as z from 'zod';
import { uuidSchema } from '../documents/id.js';
import { daySchema } from '../documents/moment.js';
import { line, name, text } from '../documents/text.js';
import { codeSchema } from './code.js';
import { SAY } from './words.js';

/** What a person is here for. A guest has no account and is nobody's learner. */
export const ROLES = ['coach', 'learner'] as const;
export type Role = (typeof ROLES)[number];

/** Names are compared without regard to case, to letters written in two ways, and to spaces. */
export const nameKey = (given: string): string =>
  given.normalize('NFKC').toLocaleLowerCase('en').replaceAll(/\s+/g, ' ').trim();

/** Some letters are many once they are compared. */
const LONGEST_KEY = 120;
const SHORTER = SAY.nameTooLong;

export const accountNameSchema = name({ least: SAY.nameNeeded, most: 40, says: SHORTER }).refine(
  (given) => nameKey(given).length <= LONGEST_KEY,
  SHORTER,
);

/** Long enough not to be guessed; nothing else is asked of it, so that children can choose words. */
/** The fewest characters of a passphrase. */
export const LEAST_PHRASE = 10;
export const phraseSchema = text({
  most: 200,
  says: SAY.phraseTooLong,
}).min(LEAST_PHRASE, SAY.phraseTooShort);

/** A phrase as it is tried: any may be wrong. */
const triedSchema = text({ most: 200 }).min(1, SAY.phraseNeeded);

export const signUpSchema = z
  .strictObject({
    name: accountNameSchema,
    phrase: phraseSchema,
    role: z.enum(ROLES),
    invitation: codeSchema
      .optional()
      .describe('By which a coach was asked to come, where coaches come by invitation.'),
  })
  .meta({ id: 'SignUp' });
export type SignUp = z.infer<typeof signUpSchema>;

export const signInSchema = z
  .strictObject({ name: accountNameSchema, phrase: triedSchema })
  .meta({ id: 'SignIn' });
export type SignIn = z.infer<typeof signInSchema>;

export const accountSchema = z
  .strictObject({ id: uuidSchema, name: accountNameSchema, role: z.enum(ROLES) })
  .meta({ id: 'Account' });
export type Account = z.infer<typeof accountSchema>;

/** An account that is there to try things out with, shown with its phrase. */
export const demoAccountSchema = z
  .strictObject({
    name: accountNameSchema,
    phrase: phraseSchema,
    role: z.enum(ROLES),
    about: line({ most: 120 }),
  })
  .meta({ id: 'DemoAccount' });
export type DemoAccount = z.infer<typeof demoAccountSchema>;

/** Who is signed in here; null for a guest. */
export const sessionSchema = z
  .strictObject({
    account: accountSchema.nullable(),
    begins: z
      .boolean()
      .optional()
      .describe('The phrase was given by a coach: another is to be chosen before anything else.'),
    demo: z.array(demoAccountSchema).describe('Only where the demo data is loaded.'),
    coaches: z
      .enum(['open', 'invited'])
      .optional()
      .describe('Whether anybody may sign up as a coach, or who was invited.'),
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
    message: SAY.changeNeeded,
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

/** The browsers in which somebody is signed in. */
export const signedInSchema = z
  .strictObject({
    items: z.array(
      z.strictObject({
        id: uuidSchema,
        since: z.iso.datetime(),
        seenOn: daySchema.describe('The last day on which it was used.'),
        here: z.boolean().describe('Whether it is the one that asks.'),
      }),
    ),
  })
  .meta({ id: 'SignedIn' });
export type SignedIn = z.infer<typeof signedInSchema>;
export const signedInParamsSchema = z.strictObject({ session: uuidSchema });

/** Codes by which coaches may sign up, each good once. */
export const coachInvitationsSchema = z
  .strictObject({ items: z.array(z.strictObject({ code: codeSchema, until: z.iso.datetime() })) })
  .meta({ id: 'CoachInvitations' });
export type CoachInvitations = z.infer<typeof coachInvitationsSchema>;
export const codeParamsSchema = z.strictObject({ code: codeSchema });

/** What of others’ goes with what is deleted. */
export const leavingSchema = z
  .strictObject({
    groups: z.int().min(0).describe('Groups that go with their coach.'),
    learners: z.int().min(0).describe('Learners who belong to those; they keep their accounts.'),
    plans: z.int().min(0),
    assignments: z.int().min(0),
    work: z.int().min(0).describe('Pieces of work that others handed in.'),
    notes: z.int().min(0).describe('Words on the work of others, or by others on one’s own.'),
  })
  .meta({ id: 'Leaving' });
export type Leaving = z.infer<typeof leavingSchema>;
