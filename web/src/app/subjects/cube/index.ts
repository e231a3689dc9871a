export { EntryPage } from './entry.actions';
export { entryFeature } from './entry.feature';
