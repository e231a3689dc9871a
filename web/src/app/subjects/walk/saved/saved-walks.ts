import { inject, Injectable } from '@angular/core';
import type { CreateSolve, SavedSolve, SolvePage } from '@sleetcrest/contract';
import { Held } from '../../../base/reading/held';
import type { Change } from '../../../base/outbox/change';
import { Outbox } from '../../../base/outbox/outbox';
import { SolvesApi } from '../solves-api';
import { recordOf, type WalkRecord } from '../walk-record';

/** Saved cubes as the server has them or was heard to have them, with what waits to be sent. */
@Injectable({ providedIn: 'root' })
export class SavedWalks {
  private readonly api = inject(SolvesApi);
  private readonly held = inject(Held);
  private readonly outbox = inject(Outbox);

  async list(page: number, size: number): Promise<SolvePage> {
    const answer = await this.held.or(`solves ${page} ${size}`, async () => {
      const asked = await this.api.list(page, size);
      for (const solve of asked.items) void this.held.hold(keyOf(solve.id), solve);
      return asked;
    });
    const items = answer.items.flatMap((solve) => this.asToldOf(solve));
    return { ...answer, items, total: answer.total - answer.items.length + items.length };
  }

  /** A walk as it was told last, here or on the server. */
  async read(id: string): Promise<WalkRecord> {
    const begun = this.begun().find((solve) => solve.id === id);
    if (begun) return { position: { step: 0, turn: 0 }, ...begun };
    const solve = await this.held.or(keyOf(id), () => this.api.read(id));
    return recordOf(this.asToldOf(solve)[0] ?? solve);
  }

  /** Walks begun here that the server has not heard of. */
  begun(): CreateSolve[] {
    return this.changes().flatMap(({ deed }) => (deed.do === 'create' ? [deed.solve] : []));
  }

  /** A saved solve with what waits of it; none where it waits to be deleted. */
  private asToldOf(solve: SavedSolve): SavedSolve[] {
    return this.outbox.about('walk', solve.id).reduce<SavedSolve[]>(
      (told, { deed }) => {
        if (deed.do === 'remove') return [];
        if (deed.do !== 'change') return told;
        const { from: _, ...change } = deed.change;
        return told.map((one) => ({ ...one, ...change }));
      },
      [solve],
    );
  }

  private changes(): Change<'walk'>[] {
    return this.outbox
      .waiting()
      .filter((change): change is Change<'walk'> => change.kind === 'walk');
  }
}

const keyOf = (id: string): string => `solve ${id}`;
