import { createActionGroup, emptyProps, props } from '@ngrx/store';
import type { ColourScheme, Hold } from '@sleetcrest/core';

/** What happens while a cube is entered. Stickers are the cube's own; colours are side numbers. */
export const EntryPage = createActionGroup({
  source: 'Entry Page',
  events: {
    'Sticker Painted': props<{ sticker: number; colour: number; continues: boolean }>(),
    /** A sticker named as wrong was looked at again, and is as it was told. */
    'Sticker Confirmed': props<{ sticker: number }>(),
    'Brush Chosen': props<{ brush: number }>(),
    'Picture Turned': props<{ hold: Hold }>(),
    'Cube Replaced': props<{ painted: readonly number[]; scheme?: ColourScheme }>(),
    'Painting Undone': emptyProps(),
    'Painting Redone': emptyProps(),
  },
});
