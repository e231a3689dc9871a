/** A page that asks a server, and keeps its cookie as a browser does. */
export class Page {
  private cookie = '';

  constructor(private readonly address: () => string) {}

  async ask(
    method: string,
    path: string,
    body?: object,
  ): Promise<{ status: number; body: unknown }> {
    const answer = await fetch(this.address() + path, {
      method,
      headers: { cookie: this.cookie, 'content-type': 'application/json' },
      ...(body && { body: JSON.stringify(body) }),
    });
    const [set] = answer.headers.getSetCookie();
    if (set !== undefined) this.cookie = set.split(';')[0]!;
    const isJson = answer.headers.get('content-type')?.includes('json') === true;
    return { status: answer.status, body: isJson ? await answer.json() : await answer.text() };
  }

  /** @throws Error where it is not answered with success. */
  async right<T>(method: string, path: string, body?: object): Promise<T> {
    const answer = await this.ask(method, path, body);
    if (answer.status >= 300) {
      throw new Error(`${method} ${path}: ${answer.status} ${JSON.stringify(answer.body)}`);
    }
    return answer.body as T;
  }

  /** Follows a session, coming back whenever it is cut off, until it is over or refused, or it is left; resolves then. */
  async follow(
    path: string,
    heard: (event: { is: string }) => void,
    left?: AbortSignal,
  ): Promise<void> {
    while (left?.aborted !== true) {
      const asked = { headers: { cookie: this.cookie }, signal: left ?? null };
      const answer = await fetch(this.address() + path, asked).catch(() => undefined);
      if (answer && [401, 403, 404].includes(answer.status)) return;
      let text = '';
      try {
        const decoder = new TextDecoder();
        for await (const bytes of bytesOf(answer)) {
          text += decoder.decode(bytes, { stream: true });
          const lines = text.split('\n\n');
          text = lines.pop()!;
          for (const line of lines) {
            if (!line.startsWith('data: ')) continue;
            const event = JSON.parse(line.slice(6)) as { is: string };
            heard(event);
            if (event.is === 'over') return;
          }
        }
      } catch {
        // The process it came from is gone: another takes it on.
      }
    }
  }
}

async function* bytesOf(answer: Response | undefined): AsyncGenerator<Uint8Array> {
  const reader = answer?.body?.getReader();
  for (let part = await reader?.read(); part && !part.done; part = await reader?.read()) {
    yield part.value;
  }
}
