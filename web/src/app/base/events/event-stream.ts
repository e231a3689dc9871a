import { boardEventSchema, type BoardEvent, type Ending } from '@sleetcrest/contract/table';
import { readAnswer } from '../api/read-answer';

/** Longer than so many milliseconds without a sign of life, and what is shown may be behind: boards get one more often. */
const SILENCE = { board: 10_000, seat: 18_000 };
/** Milliseconds until a stream that was refused is tried again: later each time, and for as long as it takes. */
const AGAIN = [1000, 2000, 3000, 5000];
/** So that the service worker leaves it alone, as it would hold a stream for one answer; and as no header can be set. */
const ASKED = 'ngsw-bypass=true&x-sleetcrest-reads=loosely';
/** Answers by which there is nothing to follow any more. All others pass. */
const GONE = [401, 403, 404];

/** A stream of what happens at a session, which comes back by itself when it is cut. */
export interface Following {
  readonly close: () => void;
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
  let source: EventSource | undefined;
  let silence: ReturnType<typeof setTimeout> | undefined;
  let retry: ReturnType<typeof setTimeout> | undefined;
  let refused = 0;
  let closed = false;

  const alive = (): void => {
    clearTimeout(silence);
    behind(false);
    silence = setTimeout(() => {
      behind(true);
      // A connection that says nothing may be dead without anybody knowing.
      open();
      wait();
    }, silent);
  };
  /** A new connection that says nothing is tried again too. */
  const wait = (): void => {
    clearTimeout(silence);
    if (!closed) silence = setTimeout(() => (open(), wait()), silent);
  };
  const close = (): void => {
    closed = true;
    clearTimeout(silence);
    clearTimeout(retry);
    window.removeEventListener('online', now);
    source?.close();
  };
  const end = (why: Ending | undefined): void => {
    if (closed) return;
    close();
    gone(why);
  };
  /** Why it was refused: a stream does not say. Where nobody can say now, it is tried again. */
  const ask = async (): Promise<void> => {
    const mine = source;
    const status = await fetch(address, { method: 'HEAD', cache: 'no-store' }).then(
      (answer) => answer.status,
      () => 0,
    );
    if (closed || mine !== source) return;
    if (GONE.includes(status)) end(status === 401 ? 'signed out' : undefined);
    else retry = setTimeout(open, AGAIN[Math.min(refused++, AGAIN.length - 1)]);
  };
  const open = (): void => {
    clearTimeout(retry);
    source?.close();
    if (closed) return;
    const mine = (source = new EventSource(address));
    mine.onmessage = ({ data }: MessageEvent<string>) => {
      if (mine !== source || closed) return;
      refused = 0;
      alive();
      const event = known(data);
      if (!event) return;
      heard(event);
      if (event.is === 'over') end(event.why);
    };
    mine.onerror = () => {
      if (mine !== source || closed) return;
      behind(true);
      // It comes back by itself, unless it was answered with something else.
      if (mine.readyState === EventSource.CLOSED) void ask();
    };
  };
  /** Back on the network, as after a laptop slept: at once. */
  const now = (): void => open();
  window.addEventListener('online', now);
  open();
  return { close };
}

/** What was said, if it is something that is known here. */
function known(data: string): BoardEvent | undefined {
  try {
    return readAnswer(boardEventSchema, JSON.parse(data));
  } catch {
    return undefined;
  }
}
