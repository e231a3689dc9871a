import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, type Browser } from 'playwright-core';
import { browserOfPeople } from '../browser.js';
import { freePort } from '../ports.js';
import { overThrowaway } from '../postgres/throwaway.js';
import { WebServer } from '../web-server.js';
import { rounded } from './median.js';

const ROWS = 100_000;
const EVERY = 100;

/** The memory a process holds, in MB. */
function held(pid: number): number {
  const status = readFileSync(`/proc/${pid}/status`, 'utf8');
  return Number(/VmRSS:\s+(\d+)/.exec(status)?.[1] ?? 0) / 1024;
}

function csv(): string {
  const lines = Array.from({ length: ROWS }, (_, k) => {
    const at = new Date(Date.UTC(2020, 0, 1) + k * 600_000).toISOString();
    return `${at},${(50 + (k % 60)).toFixed(2)},"row ${k}",gentle,R U2 F' L D2 B R' U F2 L2 D' B2 U R2 F L' D B' U2 R`;
  });
  return ['began_at,time,note,method,scramble', ...lines].join('\r\n');
}

/** The page's own process, as the browser tells it. */
async function pageProcess(browser: Browser): Promise<number> {
  const session = await browser.newBrowserCDPSession();
  const { processInfo } = await session.send('SystemInfo.getProcessInfo');
  const pages = processInfo.filter(({ type }) => type === 'renderer').map(({ id }) => id);
  return pages.reduce((most, pid) => (held(pid) > held(most) ? pid : most));
}

/**
 * Brings 100,000 rows in through the real page, and tells how much more memory the page and the
 * server held at most meanwhile.
 */
export async function importMemory(): Promise<object> {
  const files = mkdtempSync(join(tmpdir(), 'sleetcrest-'));
  return overThrowaway('import', async ({ databaseUrl }) => {
    const server = await WebServer.start({ databaseUrl, port: await freePort() });
    const browser = await chromium.launch({
      executablePath: browserOfPeople(),
      args: ['--no-sandbox'],
    });
    const file = join(files, 'solves.csv');
    writeFileSync(file, csv());
    const page = await browser.newPage({ baseURL: server.address });
    await page.request.post('/api/accounts', {
      data: { name: 'Importer', phrase: 'three larches by the shore', role: 'learner' },
    });
    await page.goto('/log');
    await page.getByRole('button', { name: 'Bring in' }).click();
    await page.locator('input[type=file]').waitFor();
    const pid = await pageProcess(browser);
    const before = { page: held(pid), server: held(server.pid) };
    const most = { ...before };
    const watching = setInterval(() => {
      most.page = Math.max(most.page, held(pid));
      most.server = Math.max(most.server, held(server.pid));
    }, EVERY);
    const begun = performance.now();
    await page.locator('input[type=file]').setInputFiles(file);
    await page.getByRole('button', { name: /^Add 100,000/ }).click({ timeout: 180_000 });
    await page.getByText('100,000 records added').waitFor({ timeout: 300_000 });
    const seconds = (performance.now() - begun) / 1000;
    clearInterval(watching);
    await browser.close();
    await server.stop();
    rmSync(files, { recursive: true });
    return {
      rows: ROWS,
      seconds: rounded(seconds),
      moreMegabytes: {
        page: Math.round(most.page - before.page),
        server: Math.round(most.server - before.server),
      },
      allowedMegabytes: 150,
      allowedSeconds: 30,
    };
  });
}
