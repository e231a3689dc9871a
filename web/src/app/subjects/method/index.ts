export { Consent } from './choosing/consent';
export { proofOf } from './choosing/proof-of';
export { selectFirstSide, selectMethodChosen } from './chosen';
export { MethodsApi } from './methods-api';
export { MethodStore } from './method-store';
