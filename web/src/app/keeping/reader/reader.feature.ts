import {
  createActionGroup,
  createFeature,
  createReducer,
  on,
  props,
  emptyProps,
} from '@ngrx/store';
import type { ReaderPart } from '@sleetcrest/contract';
import { Browser } from '../browser/browser.actions';
import { DEFAULT_READER, type Reader } from './reader';

export const SettingsPage = createActionGroup({
  source: 'Settings Page',
  events: {
    'Setting Changed': props<{ change: Partial<Reader> }>(),
    'Colours Reset': emptyProps(),
  },
});

export const SettingsApi = createActionGroup({
  source: 'Settings API',
  events: {
    /** What the account reads by, but for what was changed here and is not sent yet. */
    'Settings Told': props<{ settings: ReaderPart }>(),
  },
});

/** What was told over what there is. */
const over = (state: Reader, told: ReaderPart): Reader => ({
  ...state,
  ...(Object.fromEntries(
    Object.entries(told).filter(([, value]) => value !== undefined),
  ) as Partial<Reader>),
});

export const readerFeature = createFeature({
  name: 'reader',
  reducer: createReducer(
    DEFAULT_READER,
    on(Browser.stateRestored, (state, { state: { reader = {} } }) => over(state, reader)),
    on(SettingsApi.settingsTold, (state, { settings }) => over(state, settings)),
    on(SettingsPage.settingChanged, (state, { change }) => ({ ...state, ...change })),
    on(SettingsPage.coloursReset, (state) => ({ ...state, swatches: DEFAULT_READER.swatches })),
  ),
});
