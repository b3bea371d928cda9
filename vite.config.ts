import vue from '@vitejs/plugin-vue';
import laravel from 'laravel-vite-plugin';
import { ElementPlusResolver } from 'unplugin-vue-components/resolvers';
import Components from 'unplugin-vue-components/vite';
import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vite';

export default defineConfig({
    resolve: { alias: { '@': fileURLToPath(new URL('resources/js', import.meta.url)) } },
    plugins: [
        laravel({ input: ['resources/js/main.ts'] }),
        vue(),
        Components({
            dirs: [],
            dts: 'resources/js/components.d.ts',
            resolvers: [ElementPlusResolver()],
        }),
    ],
    build: { chunkSizeWarningLimit: 1000 },
});
