import {
  createActionGroup,
  createFeature,
  createReducer,
  on,
  props,
  emptyProps,
} from '@ngrx/store';
import { restored } from '../browser/persisted';
import { DEFAULT_READER, type Reader } from './reader';

export const SettingsPage = createActionGroup({
  source: 'Settings Page',
  events: {
    'Setting Changed': props<{ change: Partial<Reader> }>(),
    'Colours Reset': emptyProps(),
  },
});

const initial: Reader = restored().reader ?? DEFAULT_READER;

export const readerFeature = createFeature({
  name: 'reader',
  reducer: createReducer(
    initial,
    on(SettingsPage.settingChanged, (state, { change }) => ({ ...state, ...change })),
    on(SettingsPage.coloursReset, (state) => ({ ...state, swatches: DEFAULT_READER.swatches })),
  ),
});
