import { demoAccountSchema, type DemoAccount } from '@sleetcrest/contract/accounts';
import * as z from 'zod';
import type { DatabaseSettings } from './database/connection.js';
import { SAY } from './words.js';

const listed = z
  .string()
  .default('')
  .transform((given) => given.split(/[\s,]+/).filter((one) => one !== ''));
const port = z.coerce.number().int().min(0).max(65_535);

/** What the server is told by its environment; README lists the variables. */
const configSchema = z.object({
  SLEETCREST_HOST: z.string().default('127.0.0.1'),
  SLEETCREST_PORT: port.default(4180),
  SLEETCREST_METRICS_PORT: port.default(0),
  SLEETCREST_NAMES: listed,
  SLEETCREST_PROXIES: listed,
  SLEETCREST_DATABASE_URL: z.string().startsWith('postgres'),
  SLEETCREST_WEB_ROOT: z.string().optional(),
  SLEETCREST_LOG_LEVEL: z
    .enum(['fatal', 'error', 'warn', 'info', 'debug', 'trace', 'silent'])
    .default('info'),
  SLEETCREST_COACHES: z.enum(['open', 'invited']).default('open'),
  SLEETCREST_CONNECTIONS: z.coerce.number().int().min(2).max(100).default(10),
  SLEETCREST_STATEMENT_SECONDS: z.coerce.number().int().min(1).max(60).default(8),
  SLEETCREST_DEMO_ACCOUNTS: z
    .string()
    .default('[]')
    .transform((text, context) => {
      try {
        return JSON.parse(text) as unknown;
      } catch {
        context.addIssue({ code: 'custom', message: SAY.notJson });
        return z.NEVER;
      }
    })
    .pipe(z.array(demoAccountSchema)),
});

export interface Config {
  host: string;
  port: number;
  /** The port of the figures about the server itself, on loopback; none is opened for 0. */
  metricsPort: number;
  /** The names it answers to, besides `localhost` and addresses. */
  names: string[];
  /** Whose word is believed on who asks, and whether by TLS: addresses, or ranges as `10.0.0.0/8`. */
  proxies: string[];
  databaseUrl: string;
  database: DatabaseSettings;
  /** Whether anybody may sign up as a coach, or who was invited. */
  coaches: 'open' | 'invited';
  /** The folder of the built web application; without it only the API is served. */
  webRoot: string | undefined;
  logLevel: string;
  /** Accounts told on the sign-in page: where the demo data is loaded, and nowhere else. */
  demo: DemoAccount[];
}

/** @throws Error naming each variable that is wrong and what is expected of it. */
export function readConfig(env: NodeJS.ProcessEnv): Config {
  const parsed = configSchema.safeParse(env);
  if (!parsed.success) {
    const said = parsed.error.issues.map(({ path, message }) => `${path.join('.')}: ${message}`);
    throw new Error(SAY.environmentNotRight({ errors: said.join('; ') }));
  }
  const { data } = parsed;
  return {
    host: data.SLEETCREST_HOST,
    port: data.SLEETCREST_PORT,
    metricsPort: data.SLEETCREST_METRICS_PORT,
    names: data.SLEETCREST_NAMES,
    proxies: data.SLEETCREST_PROXIES,
    databaseUrl: data.SLEETCREST_DATABASE_URL,
    database: {
      connections: data.SLEETCREST_CONNECTIONS,
      statementSeconds: data.SLEETCREST_STATEMENT_SECONDS,
    },
    coaches: data.SLEETCREST_COACHES,
    webRoot: data.SLEETCREST_WEB_ROOT,
    logLevel: data.SLEETCREST_LOG_LEVEL,
    demo: data.SLEETCREST_DEMO_ACCOUNTS,
  };
}
