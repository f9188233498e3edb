import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vitest/config'
import { thingSchemaPlugin } from './scripts/thing-schema.ts'

export default defineConfig({
  plugins: [thingSchemaPlugin(), vue()],
  test: { include: ['src/**/*.spec.ts'], environment: 'node' },
})
