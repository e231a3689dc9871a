export { casesSeen } from './cases-seen.js';
export { type CaseTold, tellCase } from './tell-case.js';
