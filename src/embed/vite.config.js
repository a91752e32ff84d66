import { defineConfig } from 'vite'

export default defineConfig({
  build: {
    outDir: '../Antiphon.Server/wwwroot/embed',
    emptyOutDir: true,
    target: 'es2021',
    lib: { entry: 'src/main.ts', formats: ['iife'], name: 'antiphonEmbed', fileName: () => 'antiphon.js' },
  },
})
