import { stuckAfter } from '@sleetcrest/core/group/board';
import * as z from 'zod';
import { kept } from '../../../base/storage/kept';

const steps = kept('sleetcrest.steps', z.array(z.number()));
/** Steps that say what is usual. */
const MOST = 40;

/** How long somebody's own steps take, as this browser has seen; it alone knows them. */
export class UsualSteps {
  private steps = steps.read() ?? [];

  add(milliseconds: number): void {
    this.steps = [...this.steps, Math.round(milliseconds)].slice(-MOST);
    steps.keep(this.steps);
  }

  /** After how many seconds in one step they are stuck. */
  get stuckAfter(): number {
    return Math.round(stuckAfter(this.steps) / 1000);
  }
}
