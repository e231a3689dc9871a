import { createHmac } from 'node:crypto';
import type { Sequelize } from 'sequelize';
import { modelsOf } from '../database/models/index.js';
import { SAY } from './words.js';

/** What every process must know alike, made once with the database and never changed. */
export class Secrets {
  private token: Promise<Buffer> | undefined;

  constructor(private readonly sequelize: Sequelize) {}

  /** The key by which tokens given by any process are known. */
  forTokens(): Promise<Buffer> {
    this.token ??= this.read('tokens').catch((error: unknown) => {
      // Asked again with the next request.
      this.token = undefined;
      throw error;
    });
    return this.token;
  }

  /** Bytes that follow from some words and the secret: the same in every process, and known to nobody else. */
  async bytesFor(words: string): Promise<Buffer> {
    return createHmac('sha256', await this.forTokens())
      .update(words)
      .digest();
  }

  private async read(name: string): Promise<Buffer> {
    const row = await modelsOf(this.sequelize).secrets.findByPk(name);
    if (!row) throw new Error(SAY.noSecret({ name }));
    return row.value;
  }
}
