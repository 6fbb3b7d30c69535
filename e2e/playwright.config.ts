import { defineConfig } from '@playwright/test';

const CHROMIUM = '/usr/bin/chromium';
const ARGS = [
  '--no-sandbox',
  // pages drawn by the processor, which is the quickest here; WebGL without a graphics card for the one view that needs it
  '--disable-gpu',
  '--enable-unsafe-swiftshader',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  '--no-first-run',
  '--disable-quic',
];

/** Against a running server whose address is in FULCRA_URL; npm test starts one. */
export default defineConfig({
  testDir: '.',
  // a busy machine is four times as slow as a quiet one; what passes waits for none of these
  timeout: 180_000,
  expect: { timeout: 30_000 },
  workers: 2,
  fullyParallel: true,
  outputDir: '../test-results',
  use: {
    baseURL: process.env.FULCRA_URL,
    launchOptions: { executablePath: CHROMIUM, args: ARGS },
    actionTimeout: 45_000,
    // following a test step by step: npx playwright test --trace on (it makes the slow runs a third slower)
    trace: 'off',
    serviceWorkers: 'block',
  },
  projects: [
    { name: 'phone', use: { viewport: { width: 390, height: 844 }, deviceScaleFactor: 2, isMobile: true, hasTouch: true } },
    { name: 'wide', use: { viewport: { width: 1280, height: 800 } } },
  ],
});
