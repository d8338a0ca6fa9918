import react from '@vitejs/plugin-react'
import { defineConfig } from 'vitest/config'

const server = 'http://127.0.0.1:8080'

export default defineConfig({
  plugins: [react()],
  server: { proxy: { '/api': server } },
  build: {
    target: 'es2022',
    manifest: true,
    rollupOptions: { input: { desk: 'index.html', hall: 'hall.html' } },
  },
  test: {
    environment: 'jsdom',
    setupFiles: ['src/test-setup.ts'],
    css: false,
  },
})
