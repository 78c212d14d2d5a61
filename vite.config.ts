/// <reference types="vitest/config" />
import react from '@vitejs/plugin-react';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';

export default defineConfig({
    plugins: [!process.env.VITEST && laravel({ input: 'resources/js/main.tsx', refresh: false }), react()],
    build: { chunkSizeWarningLimit: 700 },
    // One page for all files of a worker: each tidies up after itself (a file that did not would fail the next).
    // A minute: how fast the machine is says nothing of what is right. Only what hangs runs into it.
    test: { testTimeout: 60_000, hookTimeout: 60_000, environment: 'jsdom', pool: 'threads', isolate: false, setupFiles: ['resources/js/eachTest.ts'], include: ['resources/js/**/*.test.{ts,tsx}'] },
});
