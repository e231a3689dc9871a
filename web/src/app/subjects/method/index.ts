export { Consent } from './choosing/consent';
export { proofOf } from './choosing/proof-of';
export { selectFirstSide, selectMethodChosen, selectMethodNames } from './chosen';
export { MethodsApi } from './methods-api';
export { MethodsPage } from './methods.actions';
export { methodsFeature } from './methods.feature';
