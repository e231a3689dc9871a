export { Rest } from './rest/rest';
export { SavedWalks } from './saved/saved-walks';
export { SavedPage } from './saved/saved.actions';
export { PAGE_SIZE, savedFeature } from './saved/saved.feature';
export { back, forward, stateAt, type StepFrame, type Timeline } from './timeline';
export { recordOf } from './walk-record';
export { WalkPage } from './walk.actions';
export { walkFeature, type WalkScene } from './walk.feature';
