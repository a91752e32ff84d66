import { defineConfig } from 'vite'

// Several files, so that a page of listings loads nothing of threads and forms: the first loads the others where there is one.
const parts = {
  main: { entry: 'src/main.ts', name: 'antiphonEmbed', file: 'antiphon.js' },
  threads: { entry: 'src/threads/thread.ts', name: 'antiphon.threads', file: 'antiphon-threads.js' },
  forms: { entry: 'src/forms/form.ts', name: 'antiphon.forms', file: 'antiphon-forms.js' },
}

export default defineConfig(({ mode }) => {
  const part = parts[mode]
  return {
    build: {
      outDir: '../Antiphon.Server/wwwroot/embed',
      emptyOutDir: mode === 'main',
      target: 'es2021',
      // One name of ours in the page, however many parts it loads.
      rollupOptions: { output: { extend: true } },
      lib: { entry: part.entry, formats: ['iife'], name: part.name, fileName: () => part.file },
    },
  }
})
