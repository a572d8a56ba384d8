import { defineConfig } from '@playwright/test'
import { ENDURE } from './e2e/endureTag'

/** The real interface on Debian's Chromium; every test starts its own server on a database of its own. */
export default defineConfig({
  globalSetup: './e2e/readyShop.ts',
  testDir: 'e2e',
  outputDir: 'test-results/browser',
  testMatch: '**/*.spec.ts',
  workers: 3,
  ...(process.env.THIMBLE_ENDURE ? {} : { grepInvert: new RegExp(ENDURE) }),
  fullyParallel: true,
  // A machine that is lent to others may stand still for seconds; what passes takes no longer for it.
  timeout: 180_000,
  retries: process.env.CI ? 1 : 0,
  expect: { timeout: 25_000 },
  reporter: [['list'], ['json', { outputFile: 'test-results/e2e.json' }]],
  use: {
    viewport: { width: 390, height: 844 },
    locale: 'en-GB',
    actionTimeout: 40_000,
    serviceWorkers: 'block',
    launchOptions: {
      executablePath: '/usr/bin/chromium-headless-shell',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
})
