import type { Change, Kind, Sender } from './change';
import type { Numbered } from './outbox-store';

/** What is put, under the number it takes the place of or last of all, and the numbers that go. */
export interface Joined {
  readonly put: readonly (readonly [number | undefined, Change])[];
  readonly drop: readonly number[];
}

/** Joins a change with what waits of the same things; what cannot be joined is told after it. */
export function joined(waiting: readonly Numbered[], change: Change, sender: Sender<Kind>): Joined {
  const put: (readonly [number | undefined, Change])[] = [];
  const drop: number[] = [];
  const rest: string[] = [];
  for (const thing of change.things) {
    const last = waiting
      .filter(([, { kind, account, things }]) =>
        kind === change.kind && account === change.account ? things.includes(thing) : false,
      )
      .at(-1);
    const can = last && !last[1].tried && last[1].things.length === 1;
    const deed = can ? sender.join(last[1].deed, change.deed) : undefined;
    if (deed === undefined) rest.push(thing);
    else if (deed === null) drop.push(last![0]);
    else {
      const { told } = change;
      put.push([last![0], { ...last![1], told, deed, refused: null } as Change]);
    }
  }
  if (rest.length > 0) put.push([undefined, { ...change, things: rest }]);
  return { put, drop };
}
