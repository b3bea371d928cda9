import vue from '@vitejs/plugin-vue';
import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

/** Tests of the interface's stores and composables, without a browser or a server. */
export default defineConfig({
    plugins: [vue()],
    resolve: { alias: { '@': fileURLToPath(new URL('resources/js', import.meta.url)) } },
    test: {
        environment: 'jsdom',
        include: ['tests/interface/**/*.test.ts'],
        setupFiles: ['tests/interface/setup.ts'],
        isolate: false,
        restoreMocks: true,
        // Limits for what never comes, which no machine reaches.
        testTimeout: 600_000,
        hookTimeout: 600_000,
    },
});
