import { readFileSync } from 'node:fs'
import react from '@vitejs/plugin-react'
import { VitePWA } from 'vite-plugin-pwa'
import { defineConfig } from 'vitest/config'

const server = 'http://127.0.0.1:8080'

interface Chunk {
  file: string
  css?: string[]
  assets?: string[]
  imports?: string[]
  dynamicImports?: string[]
}

/** What the hall's entry needs, by the bundler's own list: the desk is not kept on a device. */
function filesOfTheHall(): Set<string> {
  const manifest: Record<string, Chunk> = JSON.parse(readFileSync('dist/.vite/manifest.json', 'utf8'))
  const files = new Set(['hall.html', 'mark.svg'])
  const add = (key: string) => {
    const chunk = manifest[key]
    if (files.has(chunk.file)) return
    for (const file of [chunk.file, ...(chunk.css ?? []), ...(chunk.assets ?? [])]) files.add(file)
    for (const imported of [...(chunk.imports ?? []), ...(chunk.dynamicImports ?? [])]) add(imported)
  }
  add('hall.html')
  return files
}

export default defineConfig({
  plugins: [
    react(),
    VitePWA({
      strategies: 'injectManifest',
      srcDir: 'src/hall',
      filename: 'sw.ts',
      injectRegister: false,
      manifest: {
        name: 'Isokinet in the hall',
        short_name: 'Isokinet',
        start_url: '/hall',
        scope: '/hall',
        display: 'standalone',
        background_color: '#f6f2e9',
        theme_color: '#22302e',
        icons: [{ src: '/mark.svg', sizes: 'any', type: 'image/svg+xml' }],
      },
      injectManifest: {
        globPatterns: ['hall.html', 'mark.svg', 'assets/*.{js,css,woff2}'],
        manifestTransforms: [
          async (entries) => {
            const files = filesOfTheHall()
            return { manifest: entries.filter((e) => files.has(e.url)) }
          },
        ],
      },
    }),
  ],
  server: { proxy: { '/api': server } },
  build: {
    target: 'es2022',
    manifest: true,
    rollupOptions: { input: { desk: 'index.html', hall: 'hall.html' } },
  },
  test: {
    // A machine that does other work beside draws forms slowly; a test that hangs still ends.
    testTimeout: 20_000,
    environment: 'jsdom',
    setupFiles: ['src/test-setup.ts'],
    css: false,
    // One page and one load of the client for all of them: what a test puts in a place, by spyOn or stubGlobal, goes with it.
    isolate: false,
    restoreMocks: true,
    unstubGlobals: true,
  },
})
