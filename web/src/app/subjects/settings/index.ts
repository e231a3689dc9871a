export {
  asideFeature,
  readerFeature,
  SettingsApi,
  SettingsPage,
  taughtFeature,
} from './reader.feature';
export { copied, type Reader } from './reader';
