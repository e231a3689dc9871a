import type { CreateSolve, KeepMethod, ReaderPart, Told, UpdateSolve } from '@sleetcrest/contract';
import type { ChangeEntry } from '@sleetcrest/contract/log';
import type { Review } from '@sleetcrest/core/learner/answers';
import type { LogEntry } from '@sleetcrest/core/learner/log';

/** What can be told of each kind of thing. */
export interface Deeds {
  record:
    | { do: 'add'; entry: LogEntry }
    | { do: 'change'; change: ChangeEntry }
    | { do: 'tag'; add: readonly string[]; remove: readonly string[] }
    | { do: 'remove' }
    | { do: 'restore' };
  walk:
    | { do: 'create'; solve: CreateSolve }
    | { do: 'change'; change: UpdateSolve }
    | { do: 'remove' }
    | { do: 'restore' };
  method: { do: 'keep'; kept: KeepMethod } | { do: 'remove' } | { do: 'restore' };
  settings: { do: 'change'; settings: ReaderPart };
  answer: { do: 'add'; review: Review };
}
export type Kind = keyof Deeds;

/** Something told that the server has not answered yet. */
export type Change<K extends Kind = Kind> = {
  [Of in K]: {
    /** By which it is known on the server, however often it is sent. */
    told: Told;
    /** Whose it is; null for a guest of this browser. */
    account: string | null;
    kind: Of;
    /** The ids of the things it is about: one, but for what is done with many records at once. */
    things: readonly string[];
    deed: Deeds[Of];
    /** Whether it was ever sent: the server may have it then, so it stays as it is. */
    tried: boolean;
    /** Why the server will not have it; null while it may. */
    refused: string | null;
  };
}[K];

/** What became of a change. */
export type Outcome =
  | { is: 'kept'; answer: unknown }
  /** It is sent once the server can be reached. */
  | { is: 'waiting' }
  | { is: 'refused'; message: string };

/** A change, and what became of it. */
export interface Settled {
  change: Change;
  outcome: Outcome;
}

/** A change that is kept in the browser, and what is going to become of it. */
export interface Posted {
  readonly outcome: Promise<Outcome>;
}

/** How changes of one kind are sent, and joined while they wait. */
export interface Sender<K extends Kind> {
  send(change: Change<K>): Promise<unknown>;
  /**
   * What two deeds told of the same thing come to, the second after the first; `null` where nothing is
   * left to tell, `undefined` where both must be told.
   */
  join(first: Deeds[K], then: Deeds[K]): Deeds[K] | null | undefined;
  /** Whether what was refused is kept to be shown and tried again; else it is forgotten once told. */
  readonly keepsRefused: boolean;
}
