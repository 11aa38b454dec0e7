import { fileURLToPath, URL } from 'node:url'
import vue from '@vitejs/plugin-vue'
import vuetify, { transformAssetUrls } from 'vite-plugin-vuetify'
import { defineConfig } from 'vitest/config'

const API = process.env.LADLE_API ?? 'http://127.0.0.1:8080'

export default defineConfig({
  plugins: [vue({ template: { transformAssetUrls } }), vuetify({ autoImport: true })],
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  build: {
    target: 'baseline-widely-available',
    outDir: 'target/classes/static',
    emptyOutDir: true,
    chunkSizeWarningLimit: 600,
  },
  // the server answers its own origin only, so the development proxy speaks as the server's page would
  server: { proxy: { '/api': { target: API, changeOrigin: true, headers: { origin: API } } } },
  test: { environment: 'happy-dom', server: { deps: { inline: ['vuetify'] } } },
})
