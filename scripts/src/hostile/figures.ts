import { askedOnce } from './asked-once.js';

/** Reads the figures a server tells of itself: gives a look-up by name and labels, 0 where there is none. */
export async function figuresOf(metricsPort: number): Promise<(name: string) => number> {
  const { text } = await askedOnce(`http://127.0.0.1:${metricsPort}/metrics`);
  const lines = text.split('\n');
  return (name) => {
    const line = lines.find((one) => one.startsWith(`${name} `));
    return line === undefined ? 0 : Number(line.slice(name.length + 1));
  };
}
