import { fileURLToPath, URL } from 'node:url'
import vue from '@vitejs/plugin-vue'
import { AntDesignVueResolver } from 'unplugin-vue-components/resolvers'
import components from 'unplugin-vue-components/vite'
import { defineConfig } from 'vitest/config'

export default defineConfig({
  plugins: [
    vue(),
    components({
      dts: 'src/components.d.ts',
      dirs: [],
      resolvers: [AntDesignVueResolver({ importStyle: false, resolveIcons: false })],
    }),
  ],
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  build: { chunkSizeWarningLimit: 900 },
  server: { proxy: { '/api': 'http://127.0.0.1:8487' } },
  test: {
    environment: 'happy-dom',
    environmentOptions: { happyDOM: { url: 'http://127.0.0.1/' } },
    setupFiles: ['src/testing/setup.ts'],
    include: ['src/**/*.spec.ts'],
    css: { include: [/tokens\.css/] },
  },
})
