import {
  createActionGroup,
  createFeature,
  createReducer,
  on,
  props,
  emptyProps,
} from '@ngrx/store';
import type { ReaderPart } from '@sleetcrest/contract';
import type { Saying } from '@sleetcrest/core/teaching/sayings';
import { Browser } from '../../base/storage/browser.actions';
import { FIRST_SEAT, type Aside, type Seat } from './aside';
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
    'Settings Told': props<{ settings: ReaderPart; taught?: readonly Saying[] }>(),
    /** Another account is signed in here than before, or none. */
    'Seat Taken': props<{ seat: Seat }>(),
  },
});

/** What was told over what there is. */
const over = (state: Reader, told: ReaderPart): Reader => ({
  ...state,
  ...(Object.fromEntries(
    Object.entries<unknown>(told).filter(([, value]) => value !== undefined),
  ) as Partial<Reader>),
});

export const readerFeature = createFeature({
  name: 'reader',
  reducer: createReducer(
    FIRST_SEAT.reader,
    on(Browser.stateRestored, (state, { state: { reader = {} } }) => over(state, reader)),
    on(SettingsApi.settingsTold, (state, { settings }) => over(state, settings)),
    on(SettingsApi.seatTaken, (_, { seat: { reader } }) => reader),
    on(SettingsPage.settingChanged, (state, { change }) => ({ ...state, ...change })),
    on(SettingsPage.coloursReset, (state) => ({ ...state, swatches: DEFAULT_READER.swatches })),
  ),
});

/** The words for sequences of this person's coaches; none without a coach. */
export const taughtFeature = createFeature({
  name: 'taught',
  reducer: createReducer<readonly Saying[]>(
    [],
    on(Browser.stateRestored, (_, { state: { taught = [] } }) => taught),
    on(SettingsApi.settingsTold, (state, { taught }) => taught ?? state),
    on(SettingsApi.seatTaken, () => []),
  ),
});

/** The settings put aside for the next guest. */
export const asideFeature = createFeature({
  name: 'aside',
  reducer: createReducer<Aside | null>(
    FIRST_SEAT.aside,
    on(
      Browser.stateRestored,
      (_, { state: { aside = null } }) =>
        aside && { ...aside, guests: over(DEFAULT_READER, aside.guests) },
    ),
    on(SettingsApi.seatTaken, (_, { seat: { aside } }) => aside),
  ),
});
