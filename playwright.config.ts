import { defineConfig } from '@playwright/test';

/** bin/test builds the application and serves each part of the tests one with a database of its own (tests/e2e/run.sh). */
export default defineConfig({
    testDir: 'tests/e2e',
    outputDir: 'var/e2e-results',
    workers: 1,
    // Three parts share the machine.
    // How fast the machine is says nothing of what is right: only what hangs runs into these.
    timeout: 240_000,
    expect: { timeout: 40_000 },
    reporter: [['list']],
    use: {
        baseURL: `http://127.0.0.1:${process.env.TRANSMUTA_PORT ?? '8080'}`,
        viewport: { width: 1280, height: 800 },
        locale: 'en-GB',
        // A fade caught half-way is neither its first colour nor its last.
        contextOptions: { reducedMotion: 'reduce' },
        screenshot: 'only-on-failure',
        launchOptions: {
            executablePath: '/usr/bin/chromium-headless-shell',
            args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync', '--js-flags=--single-threaded'],
        },
    },
});
