export { Rest } from './rest/rest';
export { SavedWalks } from './saved/saved-walks';
export { PAGE_SIZE, SavedStore } from './saved/saved-store';
export { back, forward, stateAt, type StepFrame, type Timeline } from './timeline';
export { recordOf } from './walk-record';
export { WalkPage } from './walk.actions';
export { walkFeature, type WalkScene } from './walk.feature';
