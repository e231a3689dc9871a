/** What the command line reads and writes; a spec puts its own in its place. */
export interface Io {
  /** The text of a file, or a rejection. */
  readFile(path: string): Promise<string>;
  /** The lines of standard input. */
  lines(): AsyncIterable<string>;
  out(text: string): void;
  err(text: string): void;
  /** Writes over the line said last; only where standard error is a terminal. */
  rewrite?: ((text: string) => void) | undefined;
}
