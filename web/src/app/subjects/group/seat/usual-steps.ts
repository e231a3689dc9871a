import { stuckAfter } from '@sleetcrest/core/group/board';

const KEPT = 'sleetcrest.steps';
/** Steps that say what is usual. */
const MOST = 40;

/** How long somebody's own steps take, as this browser has seen; it alone knows them. */
export class UsualSteps {
  private steps = read();

  add(milliseconds: number): void {
    this.steps = [...this.steps, Math.round(milliseconds)].slice(-MOST);
    try {
      localStorage.setItem(KEPT, JSON.stringify(this.steps));
    } catch {
      // Then it is known until the page is left.
    }
  }

  /** After how many seconds in one step they are stuck. */
  get stuckAfter(): number {
    return Math.round(stuckAfter(this.steps) / 1000);
  }
}

function read(): number[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(KEPT) ?? '[]');
    return Array.isArray(kept) ? kept.filter((one) => typeof one === 'number') : [];
  } catch {
    return [];
  }
}
