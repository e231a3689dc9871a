import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { MatButton } from '@angular/material/button';
import {
  type Colour,
  type ColourScheme,
  type Dialect,
  FRONT,
  sideInHold,
  UP,
} from '@sleetcrest/core';
import type { WayBack } from '@sleetcrest/core/insight/slips';
import { TurnTile } from '../../../ui/tiles/turn-tile';
import { SAY } from './words';

export const WAYS: Record<WayBack['kind'], string> = {
  undo: SAY.undoFromThereAndDo,
  shortest: SAY.aShortWayBack,
  'go-on': SAY.goOnFromHere,
};

/** The ways back to the walk, each with its hold and its turns. */
@Component({
  selector: 'sc-slip-ways',
  imports: [MatButton, TurnTile],
  templateUrl: './slip-ways.html',
  styleUrl: './slip-ways.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SlipWays {
  protected readonly say = SAY;
  readonly ways = input.required<readonly WayBack[]>();
  readonly scheme = input.required<ColourScheme>();
  readonly dialect = input.required<Dialect>();
  readonly taken = output<WayBack>();
  protected readonly titles = WAYS;

  protected heldUp({ hold }: WayBack): Colour {
    return this.scheme()[sideInHold(hold, UP)]!;
  }

  protected heldFront({ hold }: WayBack): Colour {
    return this.scheme()[sideInHold(hold, FRONT)]!;
  }
}
