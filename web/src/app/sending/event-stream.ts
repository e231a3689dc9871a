import { boardEventSchema, type BoardEvent } from '@sleetcrest/contract/table';

/** Longer than so many milliseconds without a sign of life, and what is shown may be behind. */
const SILENCE = 12_000;
/** Milliseconds until a stream that was refused is tried again. */
const AGAIN = 2000;

/** A stream of what happens at a session, which comes back by itself when it is cut. */
export interface Following {
  close(): void;
}

/**
 * Follows a session.
 * @param behind told whether what was heard may be behind what is
 * @param gone told once there is nothing to follow any more
 */
export function followSession(
  path: string,
  heard: (event: BoardEvent) => void,
  behind: (isBehind: boolean) => void,
  gone: () => void,
): Following {
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
    }, SILENCE);
  };
  const close = (): void => {
    closed = true;
    clearTimeout(silence);
    clearTimeout(retry);
    source?.close();
  };
  const open = (): void => {
    source?.close();
    if (closed) return;
    const mine = (source = new EventSource(path));
    mine.onmessage = ({ data }: MessageEvent<string>) => {
      if (mine !== source) return;
      const event = boardEventSchema.safeParse(JSON.parse(data));
      refused = 0;
      alive();
      if (!event.success) return;
      heard(event.data);
      if (event.data.is === 'over') {
        close();
        gone();
      }
    };
    mine.onerror = () => {
      if (mine !== source || closed) return;
      behind(true);
      // It comes back by itself, unless it was answered with a refusal.
      if (mine.readyState !== EventSource.CLOSED) return;
      refused++;
      if (refused > 3) {
        close();
        gone();
      } else retry = setTimeout(open, AGAIN);
    };
  };
  open();
  return { close };
}
