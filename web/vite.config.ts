import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vite'
import { markFieldTags } from './scripts/field-tags.ts'
import { thingSchemaPlugin } from './scripts/thing-schema.ts'

export default defineConfig({
  plugins: [
    thingSchemaPlugin(),
    vue({ template: { compilerOptions: { nodeTransforms: [markFieldTags] } } }),
  ],
  // the content security policy lets pages load files only, nothing written into the page
  build: {
    assetsInlineLimit: 0,
    modulePreload: { polyfill: false },
    chunkSizeWarningLimit: 700,
    // the application, and the page that a machine's screen shows
    rollupOptions: { input: ['index.html', 'screen.html'] },
  },
  worker: { format: 'es' },
  server: { proxy: { '/api': 'http://127.0.0.1:8480' } },
})
