import { get } from 'node:http';

/** Asks on a connection of its own, so that none of ours is left open; status 0 where nobody answers. */
export function askedOnce(url: string): Promise<{ status: number; text: string }> {
  return new Promise((resolve) => {
    const nobody = (): void => resolve({ status: 0, text: '' });
    get(url, { agent: false }, (response) => {
      let text = '';
      response.setEncoding('utf8').on('data', (part: string) => (text += part));
      response.on('error', nobody);
      response.on('end', () => resolve({ status: response.statusCode!, text }));
    }).on('error', nobody);
  });
}
