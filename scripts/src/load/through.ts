import { request, type Agent } from 'node:https';
import type { IncomingMessage } from 'node:http';

/** How the proxy is reached: trusted by its certificate. */
export interface Through {
  agent: Agent;
  port: number;
}

export interface Answered {
  /** 0 where there was none. */
  status: number;
  body: string;
  cookie: string | undefined;
}

const headersFor = (cookie: string, text: string | undefined): Record<string, string | number> => ({
  cookie,
  ...(text === undefined
    ? {}
    : { 'content-type': 'application/json', 'content-length': Buffer.byteLength(text) }),
});

/** Asks through the proxy. */
export function asked(
  { agent, port }: Through,
  cookie: string,
  method: string,
  path: string,
  body?: object,
): Promise<Answered> {
  const text = body === undefined ? undefined : JSON.stringify(body);
  return new Promise((resolve) => {
    const none = (): void => resolve({ status: 0, body: '', cookie: undefined });
    const headers = headersFor(cookie, text);
    const sent = request(
      { agent, port, host: 'localhost', method, path, headers, timeout: 20_000 },
      (response) => {
        let come = '';
        response.setEncoding('utf8').on('data', (part: string) => (come += part));
        response.on('error', none);
        response.on('end', () => {
          const [given] = response.headers['set-cookie'] ?? [];
          resolve({ status: response.statusCode!, body: come, cookie: given?.split(';')[0] });
        });
      },
    );
    sent.on('error', none);
    sent.on('timeout', () => sent.destroy());
    sent.end(text);
  });
}

/** What a stream came to: how it was answered, and how long it asks to wait before it is asked again. */
export interface Ended {
  status: number;
  retry: number;
}

/** Follows a stream through the proxy until it ends; `opened` is called once it is there. */
export function followed(
  { agent, port }: Through,
  cookie: string,
  path: string,
  signal: AbortSignal,
  heard: (event: unknown) => void,
  opened: () => void,
): Promise<Ended> {
  return new Promise((resolve) => {
    const end: Ended = { status: 0, retry: 1000 };
    const done = (): void => resolve(end);
    const read = (response: IncomingMessage): void => {
      end.status = response.statusCode!;
      if (end.status === 200) opened();
      let text = '';
      response.setEncoding('utf8').on('data', (part: string) => {
        text += part;
        const events = text.split('\n\n');
        text = events.pop()!;
        for (const event of events) {
          if (event.startsWith('data: ')) heard(JSON.parse(event.slice(6)));
          if (event.startsWith('retry: ')) end.retry = Number(event.slice(7));
        }
      });
      response.on('error', done);
      response.on('close', done);
    };
    const sent = request(
      { agent, port, host: 'localhost', path, headers: { cookie }, signal },
      read,
    );
    sent.on('error', done);
    sent.end();
  });
}
