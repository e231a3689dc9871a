import { defineConfig } from '@playwright/test';

// Run by `npm test`, which starts the application over a database of its own and says where it is.
export default defineConfig({
  testDir: 'tests',
  outputDir: '../test-results',
  fullyParallel: true,
  workers: 2,
  forbidOnly: true,
  timeout: 120_000,
  // The turning cube is drawn by software here, by two pages at once.
  expect: { timeout: 15_000 },
  reporter: [['list'], ['json', { outputFile: '../test-results/journeys.json' }]],
  use: {
    baseURL: process.env['SLEETCREST_ADDRESS'],
    viewport: { width: 1280, height: 800 },
    // Journeys that answer in the server's place are not to be answered from the browser's store.
    serviceWorkers: 'block',
    // Journeys that look at motion ask for it; the others need not wait for software to draw it.
    contextOptions: { reducedMotion: 'reduce' },
    launchOptions: {
      executablePath: process.env['SLEETCREST_CHROMIUM'] ?? '/usr/bin/chromium',
      args: ['--no-sandbox', '--disable-background-networking'],
    },
  },
});
