import { QueryTypes, type Sequelize } from 'sequelize';

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

  private async read(name: string): Promise<Buffer> {
    const [row] = await this.sequelize.query<{ value: Buffer }>(
      'SELECT value FROM secrets WHERE name = $1',
      { bind: [name], type: QueryTypes.SELECT },
    );
    if (!row) throw new Error(`the database has no secret for ${name}`);
    return row.value;
  }
}
