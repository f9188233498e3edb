import vue from '@vitejs/plugin-vue'
import { configDefaults, defineConfig } from 'vitest/config'
import { thingSchemaPlugin } from './scripts/thing-schema.ts'

/** Puts a module of its own in place of another. */
const ALONE = 'src/store/live.spec.ts'

export default defineConfig({
  plugins: [thingSchemaPlugin(), vue()],
  test: {
    // a machine that is busy with others is slow, not wrong
    testTimeout: 60_000,
    hookTimeout: 60_000,
    setupFiles: ['scripts/quietAfterTest.ts'],
    projects: [
      {
        // one page for all: setting it up for each file took longer than its tests
        extends: true,
        test: {
          name: 'together',
          include: ['src/**/*.spec.ts'],
          exclude: [...configDefaults.exclude, ALONE],
          isolate: false,
        },
      },
      { extends: true, test: { name: 'alone', include: [ALONE] } },
    ],
  },
})
