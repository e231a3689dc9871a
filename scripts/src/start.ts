import { loadDemo } from './demo/load.js';
import { onlyOnce } from './only-once.js';
import { DATABASE, placeOfData, portFrom } from './places.js';
import { needPort } from './ports.js';
import { Cluster } from './postgres/cluster.js';
import { command, say, ToldError } from './said.js';
import { buildWeb, needWeb } from './web-build.js';
import { WatchedServer } from './watched-server.js';

/** The port for figures; none where it is taken, as by a second instance: that is told, and stops nothing. */
async function freeOrNone(port: number): Promise<number> {
  if (port === 0) return 0;
  try {
    await needPort(port, 'figures', 'SLEETCREST_METRICS_PORT');
    return port;
  } catch (error) {
    say(`${(error as Error).message} Until then no figures are told.`);
    return 0;
  }
}

await command(async () => {
  const port = portFrom('SLEETCREST_PORT', 4180);
  const databasePort = portFrom('SLEETCREST_DATABASE_PORT', 4181);
  const metricsPort = portFrom('SLEETCREST_METRICS_PORT', 4182);
  const host = process.env['SLEETCREST_HOST'] ?? '127.0.0.1';
  const { pidFile, ...kept } = placeOfData();

  const forget = onlyOnce(pidFile);
  const running: { stop: () => Promise<void> }[] = [];
  let asked: () => void;
  const toStop = new Promise<void>((resolve) => (asked = resolve));
  let server: WatchedServer | undefined;
  let stopping = false;
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'] as const) {
    process.on(signal, () => {
      // Asked again: whoever asks will not wait for what is under way.
      if (stopping) server?.hurry();
      stopping = true;
      asked();
    });
  }

  try {
    await needPort(port, 'the application', 'SLEETCREST_PORT');
    const figuresPort = await freeOrNone(metricsPort);
    if (process.argv.includes('--prepared')) needWeb();
    else await buildWeb();
    const cluster = await Cluster.start({ ...kept, port: databasePort });
    running.unshift(cluster);
    await cluster.ensureDatabase(DATABASE);
    const url = cluster.url(DATABASE);
    // Without the demo the application begins empty, and nobody is preset.
    const demo = process.env['SLEETCREST_DEMO'] !== 'no';
    if (demo) await loadDemo(url);
    server = await WatchedServer.start({
      databaseUrl: url,
      port,
      host,
      demo,
      metricsPort: figuresPort,
      logLevel: process.env['SLEETCREST_LOG_LEVEL'] ?? 'warn',
    });
    running.unshift(server);

    const lost = new Promise<never>((_, reject) => {
      cluster.onEnd((said) => reject(new ToldError(`The database ended (${said}); start again.`)));
    });
    lost.catch(() => undefined);
    process.stdout.write(`${server.address}\n`);
    await Promise.race([toStop, lost]);
    say('Stopping …');
  } finally {
    // The server first, so that it can finish what is under way.
    for (const one of running) await one.stop();
    forget();
  }
});
