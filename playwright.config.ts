import { defineConfig } from '@playwright/test';

const port = Number(process.env.E2E_PORT ?? 4391);

export default defineConfig({
  testDir: 'e2e',
  // The machine is small and shared: two browsers at once, patient expectations.
  workers: 2,
  fullyParallel: false,
  timeout: 180_000,
  // Once in some thousand touches the browser never says that it took one; a test that comes right only the second time
  // is named at the end, so that it is looked into.
  retries: 1,
  expect: { timeout: 20_000 },
  reporter: [['list'], ['./e2e/plainReporter.ts']],
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    actionTimeout: 20_000,
    trace: 'off',
    // Keeping every file for offline use costs each new page a second; the tests of it allow it.
    serviceWorkers: 'block',
    launchOptions: {
      executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-dev-shm-usage',
        '--disable-background-networking',
        '--disable-component-update',
        '--no-first-run',
      ],
    },
  },
  webServer: [
    {
      command: `node --import tsx server/main.ts --port ${port} --demo`,
      url: `http://127.0.0.1:${port}/api/start`,
      reuseExistingServer: false,
      timeout: 60_000,
    },
    {
      command: `node --import tsx server/main.ts --port ${port + 1}`,
      url: `http://127.0.0.1:${port + 1}/api/start`,
      reuseExistingServer: false,
      timeout: 60_000,
    },
  ],
});
