import { svelte } from '@sveltejs/vite-plugin-svelte';
import { svelteTesting } from '@testing-library/svelte/vite';
import tailwindcss from '@tailwindcss/vite';
import { tableWorker } from './table-worker-plugin';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [tailwindcss(), svelte(), svelteTesting(), tableWorker()],
  // The content policy allows no data: addresses, so nothing is put inline.
  build: { assetsInlineLimit: 0, target: 'es2022', modulePreload: { polyfill: false } },
  test: {
    environment: 'happy-dom',
    include: ['src/**/*.test.ts'],
    setupFiles: ['src/test-setup.ts'],
    // Never a matter of speed: a machine that does other things beside takes many times longer.
    testTimeout: 120_000
  }
});
