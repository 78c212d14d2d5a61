/// <reference types="vitest/config" />
import react from '@vitejs/plugin-react';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';

export default defineConfig({
    plugins: [!process.env.VITEST && laravel({ input: 'resources/js/main.tsx', refresh: false }), react()],
    build: { chunkSizeWarningLimit: 700 },
    test: { environment: 'jsdom', include: ['resources/js/**/*.test.{ts,tsx}'] },
});
