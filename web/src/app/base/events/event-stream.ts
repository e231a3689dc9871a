import { boardEventSchema, type BoardEvent, type Ending } from '@sleetcrest/contract/table';
import {
  defer,
  from,
  fromEvent,
  merge,
  mergeMap,
  Observable,
  of,
  race,
  retry,
  tap,
  throwError,
  timeout,
  timer,
} from 'rxjs';
import { readAnswer } from '../api/read-answer';

/** Longer than so many milliseconds without a sign of life, and what is shown may be behind: boards get one more often. */
const SILENCE = { board: 10_000, seat: 18_000 };
/** Milliseconds until a stream that was refused is tried again: later each time, and for as long as it takes. */
const AGAIN = [1000, 2000, 3000, 5000];
/** What is said of a request by a header elsewhere: a stream can have none. */
const ASKED = 'x-sleetcrest-reads=loosely';
/** Answers by which there is nothing to follow any more. All others pass. */
const GONE = [401, 403, 404];

/** A stream of what happens at a session, which comes back by itself when it is cut. */
export interface Following {
  readonly close: () => void;
}

/** A connection that is to be made anew at once: it said nothing, or the browser is back on the network. */
class Stale extends Error {}
/** A connection that was refused; a stream does not say why. */
class Refused extends Error {}
/** There is nothing to follow any more. */
class Over extends Error {
  constructor(readonly why: Ending | undefined) {
    super();
  }
}

/**
 * Follows a session, for as long as it takes to reach it: only a word, or a refusal of this very page, ends it.
 * @param behind told whether what was heard may be behind what is
 * @param gone told once there is nothing to follow any more, and why as far as that was said
 */
export function followSession(
  path: string,
  heard: (event: BoardEvent) => void,
  behind: (isBehind: boolean) => void,
  gone: (why: Ending | undefined) => void,
): Following {
  const address = `${path}?${ASKED}`;
  const silent = path.endsWith('/board') ? SILENCE.board : SILENCE.seat;
  // Back on the network, as after a laptop slept.
  const back = fromEvent(window, 'online');
  const stale = back.pipe(mergeMap(() => throwError(() => new Stale())));

  const again = (error: unknown, refused: number): Observable<unknown> => {
    if (error instanceof Over) throw error;
    behind(true);
    if (!(error instanceof Refused)) return of(null);
    const later = timer(AGAIN[Math.min(refused, AGAIN.length) - 1]!);
    const asked = from(whyRefused(address)).pipe(
      mergeMap((over) => (over ? throwError(() => over) : later)),
    );
    return race(asked, back);
  };

  const following = defer(() => merge(streamOf(address, behind), stale))
    .pipe(
      // A connection that says nothing may be dead without anybody knowing.
      timeout({ each: silent, with: () => throwError(() => new Stale()) }),
      tap((data) => {
        behind(false);
        const event = known(data);
        if (!event) return;
        told(heard, event);
        if (event.is === 'over') throw new Over(event.why);
      }),
      retry({ delay: again, resetOnSuccess: true }),
    )
    .subscribe({
      error: (error: unknown) => gone(error instanceof Over ? error.why : undefined),
    });
  return { close: () => following.unsubscribe() };
}

/** Whatever goes wrong with what was heard, it is followed all the same. */
function told(heard: (event: BoardEvent) => void, event: BoardEvent): void {
  try {
    heard(event);
  } catch (error) {
    reportError(error);
  }
}

/** What is said on a connection, which comes back by itself where it is only cut. */
const streamOf = (address: string, behind: (isBehind: boolean) => void): Observable<string> =>
  new Observable((observer) => {
    const source = new EventSource(address);
    source.onmessage = ({ data }: MessageEvent<string>) => observer.next(data);
    source.onerror = () => {
      behind(true);
      // It was answered with something else.
      if (source.readyState === EventSource.CLOSED) observer.error(new Refused());
    };
    return () => source.close();
  });

/** What it is over by, if it is: where nobody can say now, it is tried again. */
async function whyRefused(address: string): Promise<Over | undefined> {
  const status = await fetch(address, { method: 'HEAD', cache: 'no-store' }).then(
    (answer) => answer.status,
    () => 0,
  );
  return GONE.includes(status) ? new Over(status === 401 ? 'signed out' : undefined) : undefined;
}

/** What was said, if it is something that is known here. */
function known(data: string): BoardEvent | undefined {
  try {
    return readAnswer(boardEventSchema, JSON.parse(data));
  } catch {
    return undefined;
  }
}
