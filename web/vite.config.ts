import { fileURLToPath, URL } from 'node:url'
import vue from '@vitejs/plugin-vue'
import vuetify, { transformAssetUrls } from 'vite-plugin-vuetify'
import { VitePWA } from 'vite-plugin-pwa'
import { defineConfig } from 'vitest/config'

const API = process.env.LADLE_API ?? 'http://127.0.0.1:8080'

export default defineConfig({
  plugins: [
    vue({ template: { transformAssetUrls } }),
    vuetify({ autoImport: true }),
    // keeps the page itself on the device; what it shows and sends is kept by the page, never replayed from here
    VitePWA({
      registerType: 'prompt',
      injectRegister: null,
      manifest: {
        name: 'Lively Ladle',
        short_name: 'Ladle',
        description: 'Plans a hot pot party: portions, purchases, prep and the table.',
        theme_color: '#1d2f4f',
        background_color: '#eef2f1',
        display: 'standalone',
        icons: [{ src: '/ladle.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' }],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,woff2}'],
        globIgnores: ['**/*vietnamese*', 'phone.html', '**/phone-*'],
        navigateFallbackDenylist: [/^\/(api|calendar|v3|actuator)\//, /^\/(join|mine)$/],
      },
    }),
  ],
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  build: {
    target: 'baseline-widely-available',
    outDir: 'target/classes/static',
    emptyOutDir: true,
    chunkSizeWarningLimit: 600,
    // the host's page, and the small one for phones
    rolldownOptions: { input: { index: 'index.html', phone: 'phone.html' } },
  },
  // the server answers its own origin only, so the development proxy speaks as the server's page would
  server: { proxy: { '/api': { target: API, changeOrigin: true, headers: { origin: API } } } },
  // one thread for all files: importing the page anew for each would take ten times as long
  test: {
    environment: 'happy-dom',
    pool: 'threads',
    isolate: false,
    // a busy machine is no fault of what is tested
    testTimeout: 60_000,
    server: { deps: { inline: ['vuetify'] } },
  },
})
