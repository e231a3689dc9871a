import type { Sequelize, Transaction } from 'sequelize';
import { tell, tellRights, type Ended } from '../database/notices.js';
import { endedSessions, seatsTaken } from './queries.js';

/** Whose seats are taken away: of some people, at a group's table or at all, or where nobody is signed in any more. */
export interface WhoseSeats {
  accounts: readonly string[];
  group?: string;
  /** Only of who is signed in nowhere any more. */
  onlySignedOut?: boolean;
}

/** Takes seats away within a transaction; boards and the pages of those people hear of it once it holds. */
export async function takeSeats(
  sequelize: Sequelize,
  transaction: Transaction,
  whose: WhoseSeats,
): Promise<void> {
  for (const { live, who } of await seatsTaken(sequelize, whose, transaction)) {
    tell(transaction, { of: 'one', live, who, event: { is: 'left', id: who } });
  }
  tellRights(transaction, whose.accounts, whose.group ?? null);
}

/** Ends the sessions of some groups within a transaction; everybody who follows them is told why. */
export async function endSessions(
  sequelize: Sequelize,
  transaction: Transaction,
  groups: readonly string[],
  why: Ended,
): Promise<void> {
  for (const { id } of await endedSessions(sequelize, groups, transaction)) {
    tell(transaction, { of: 'over', live: id, why });
  }
}
