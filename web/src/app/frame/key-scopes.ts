import type { KeyScope } from '../base/keys/key-scope';
import { TURN_KEYS } from '../devices/keyboard/turn.keys';
import { CHART_KEYS } from '../ui/charts/chart.keys';
import { CROWN_KEYS } from '../ui/crown/crown.keys';
import { ENTRY_KEYS, GUIDED_KEYS } from '../views/bench/entry/entry.keys';
import { FAR_KEYS } from '../views/bench/far/far.keys';
import { OUTLINE_KEYS } from '../views/bench/photos/photos.keys';
import { SLIP_KEYS } from '../views/bench/slip/slip.keys';
import { WALK_KEYS } from '../views/bench/walk/walk.keys';
import { CHOICE_KEYS, OWN_CUBE_KEYS, PATTERN_KEYS, PRACTICE_KEYS } from '../views/learn/learn.keys';
import { BOARD_KEYS } from '../views/table/board/board.keys';
import { MATRIX_KEYS } from '../views/table/matrix/matrix.keys';
import { TIMING_KEYS } from '../views/timing/timing.keys';
import { WORKSHOP_KEYS } from '../views/workshop/workshop.keys';
import { EVERYWHERE } from './everywhere.keys';

/** Every place where keys do something, in the order of the map under `?` and of the README's table. */
export const KEY_SCOPES: readonly KeyScope[] = [
  EVERYWHERE,
  CROWN_KEYS,
  ENTRY_KEYS,
  GUIDED_KEYS,
  OUTLINE_KEYS,
  WALK_KEYS,
  SLIP_KEYS,
  FAR_KEYS,
  TURN_KEYS,
  CHOICE_KEYS,
  PRACTICE_KEYS,
  OWN_CUBE_KEYS,
  PATTERN_KEYS,
  TIMING_KEYS,
  CHART_KEYS,
  BOARD_KEYS,
  MATRIX_KEYS,
  WORKSHOP_KEYS,
];
