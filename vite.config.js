import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';

export default defineConfig({
    plugins: [laravel({ input: ['resources/scss/fonts.css', 'resources/scss/app.scss', 'resources/scss/paper.scss', 'resources/js/app.js', 'resources/js/again.js'], refresh: false })],
    css: { preprocessorOptions: { scss: { quietDeps: true, silenceDeprecations: ['import', 'global-builtin', 'color-functions', 'if-function'] } } },
    // Pages of the version before find theirs: all are named by what is in them, and go after a month.
    build: { assetsInlineLimit: 0, emptyOutDir: false },
});
