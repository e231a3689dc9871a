import {
  connect,
  constants,
  type ClientHttp2Session,
  type ClientHttp2Stream,
  type IncomingHttpHeaders,
} from 'node:http2';

export interface Answered {
  /** 0 where there was none. */
  status: number;
  body: string;
  cookie: string | undefined;
}

/** What a stream came to: how it was answered, and how long it asks to wait before it is asked again. */
export interface Ended {
  status: number;
  retry: number;
}

const PATIENCE = 20_000;

/**
 * A connection to the proxy that many pages share. Nine hundred browsers have one each, and nine hundred machines to
 * shake hands with; here one process plays them all, and that alone would take it seconds.
 */
export class Line {
  private session: ClientHttp2Session | undefined;

  constructor(
    private readonly port: number,
    private readonly certificate: string,
  ) {}

  ask(cookie: string, method: string, path: string, body?: object): Promise<Answered> {
    const text = body === undefined ? undefined : JSON.stringify(body);
    return new Promise((resolve) => {
      const answer: Answered = { status: 0, body: '', cookie: undefined };
      const stream = this.stream({
        ':method': method,
        ':path': path,
        cookie,
        ...(text === undefined ? {} : { 'content-type': 'application/json' }),
      });
      stream.setTimeout(PATIENCE, () => stream.close(constants.NGHTTP2_CANCEL));
      stream.on('response', (headers: IncomingHttpHeaders) => {
        answer.status = Number(headers[':status']);
        answer.cookie = headers['set-cookie']?.[0]?.split(';')[0];
      });
      stream.setEncoding('utf8').on('data', (part: string) => (answer.body += part));
      stream.on('error', () => (answer.status = 0));
      stream.on('close', () => resolve(answer));
      stream.end(text);
    });
  }

  /** Follows a stream until it ends; `opened` is called once it is there. */
  follow(
    cookie: string,
    path: string,
    heard: (event: unknown) => void,
    opened: () => void,
  ): Promise<Ended> {
    return new Promise((resolve) => {
      const end: Ended = { status: 0, retry: 1000 };
      const stream = this.stream({ ':path': path, cookie });
      stream.on('response', (headers: IncomingHttpHeaders) => {
        end.status = Number(headers[':status']);
        if (end.status === 200) opened();
      });
      let text = '';
      stream.setEncoding('utf8').on('data', (part: string) => {
        text += part;
        const events = text.split('\n\n');
        text = events.pop()!;
        for (const event of events) {
          if (event.startsWith('data: ')) heard(JSON.parse(event.slice(6)));
          if (event.startsWith('retry: ')) end.retry = Number(event.slice(7));
        }
      });
      stream.on('error', () => undefined);
      stream.on('close', () => resolve(end));
      stream.end();
    });
  }

  close(): void {
    this.session?.destroy();
  }

  private stream(headers: Record<string, string>): ClientHttp2Stream {
    if (!this.session || this.session.closed || this.session.destroyed) {
      this.session = connect(`https://localhost:${this.port}`, { ca: this.certificate });
      this.session.on('error', () => undefined);
      this.session.setMaxListeners(0);
    }
    return this.session.request(headers);
  }
}
