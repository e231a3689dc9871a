import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { setTimeout as sleep } from 'node:timers/promises';
import { installPackage } from '../debian.js';
import { ROOT, STATE } from '../places.js';
import { ToldError } from '../said.js';

const NGINX = '/usr/sbin/nginx';
/** The example that docs/running.md gives; what is tried here is that very file. */
const EXAMPLE = join(ROOT, 'docs/running/nginx.conf');
const NAME = 'cube.example.org';
const WAIT_TENTHS = 100;

/** Debian's nginx on loopback, by the documented example with other ports, names and files. */
export class Nginx {
  private constructor(
    private readonly child: ChildProcess,
    private readonly folder: string,
    readonly tlsPort: number,
    readonly plainPort: number,
    /** The certificate it shows, in PEM; made for `localhost` at each start. */
    readonly certificate: string,
  ) {}

  /** Starts it in front of some servers, by their ports. */
  static async start(options: {
    tlsPort: number;
    plainPort: number;
    servers: readonly number[];
  }): Promise<Nginx> {
    if (!existsSync(NGINX)) installPackage('nginx-light');
    const folder = join(STATE, `nginx-${process.pid}-${options.tlsPort}`);
    mkdirSync(folder, { recursive: true });
    const [certificate, key] = [join(folder, 'localhost.pem'), join(folder, 'localhost.key')];
    makeCertificate(certificate, key);
    const site = readFileSync(EXAMPLE, 'utf8')
      .replaceAll(`/etc/ssl/${NAME}.pem`, certificate)
      .replaceAll(`/etc/ssl/${NAME}.key`, key)
      .replaceAll(NAME, 'localhost')
      .replace('listen 80;', `listen 127.0.0.1:${options.plainPort};`)
      .replace('listen 443 ssl http2;', `listen 127.0.0.1:${options.tlsPort} ssl http2;`)
      .replace(/ {4}server 127\.0\.0\.1:4180 (.*;)/, (_, rest: string) =>
        options.servers.map((port) => `    server 127.0.0.1:${port} ${rest}`).join('\n'),
      );
    const file = join(folder, 'nginx.conf');
    writeFileSync(file, mainFile(folder, site));
    const child = spawn(NGINX, ['-p', folder, '-c', file, '-g', 'daemon off;'], {
      stdio: ['ignore', 'ignore', 'pipe'],
    });
    let said = '';
    child.stderr.setEncoding('utf8').on('data', (text: string) => (said += text));
    const nginx = new Nginx(
      child,
      folder,
      options.tlsPort,
      options.plainPort,
      readFileSync(certificate, 'utf8'),
    );
    for (let tenths = 0; !(await nginx.answers()); tenths++) {
      if (child.exitCode !== null || tenths > WAIT_TENTHS) {
        await nginx.stop();
        throw new ToldError(`nginx did not start: ${said.trim()}`);
      }
      await sleep(100);
    }
    return nginx;
  }

  async stop(): Promise<void> {
    if (this.child.exitCode === null) {
      const ended = new Promise((resolve) => this.child.once('exit', resolve));
      this.child.kill('SIGTERM');
      await ended;
    }
    rmSync(this.folder, { recursive: true, force: true });
  }

  private answers(): Promise<boolean> {
    return fetch(`http://127.0.0.1:${this.plainPort}/`, { redirect: 'manual' }).then(
      () => true,
      () => false,
    );
  }
}

function makeCertificate(certificate: string, key: string): void {
  const done = spawnSync(
    'openssl',
    [
      'req',
      '-x509',
      '-newkey',
      'ec',
      '-pkeyopt',
      'ec_paramgen_curve:prime256v1',
      '-nodes',
      '-keyout',
      key,
      '-out',
      certificate,
      '-days',
      '2',
      '-subj',
      '/CN=localhost',
      '-addext',
      'subjectAltName=DNS:localhost',
    ],
    { encoding: 'utf8' },
  );
  if (done.status !== 0) throw new ToldError(`openssl made no certificate: ${done.stderr}`);
}

/** What Debian's own /etc/nginx/nginx.conf does around a site, with all files in one folder. */
const mainFile = (folder: string, site: string): string => `
${process.getuid?.() === 0 ? 'user root;' : ''}
worker_processes 2;
pid ${folder}/nginx.pid;
error_log ${folder}/error.log;
worker_rlimit_nofile 8192;
events { worker_connections 4096; }
http {
  access_log off;
  ${['client_body', 'proxy', 'fastcgi', 'uwsgi', 'scgi']
    .map((name) => `${name}_temp_path ${folder}/${name};`)
    .join('\n  ')}
${site}
}
`;
