import { defineConfig } from '@playwright/test';

export default defineConfig({
    testDir: '../tests/browser',
    outputDir: '../var/test/browser',
    timeout: 240_000,
    // Two cores draw for two browsers and the server at once.
    expect: { timeout: 15_000 },
    workers: 2,
    fullyParallel: true,
    reporter: 'line',
    // What kills the server comes when nobody else works with it.
    projects: [
        { name: 'pages', testIgnore: 'fire.spec.js' },
        { name: 'fire', testMatch: 'fire.spec.js', dependencies: ['pages'] },
    ],
    use: {
        // What cannot be done in this time never will be: fail at the step, not at the end of the test.
        actionTimeout: 30_000,
        baseURL: process.env.FESCUE_URL,
        viewport: { width: 1280, height: 800 },
        launchOptions: {
            executablePath: '/usr/bin/chromium',
            args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'],
        },
    },
});
