export { AccountApi } from './account-api';
export { SessionApi } from './account.actions';
export { accountFeature } from './account.feature';
export { leavingWords } from './leaving-words';
export { signedOutElsewhere } from './signed-out-elsewhere';
