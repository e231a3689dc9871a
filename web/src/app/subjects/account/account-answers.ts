// What the server answers of accounts: a chunk of its own.
export {
  coachInvitationsSchema,
  leavingSchema,
  sessionSchema,
  signedInSchema,
} from '@sleetcrest/contract/accounts';
