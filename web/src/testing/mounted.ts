import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { mount, type ComponentMountingOptions } from '@vue/test-utils'
import type { Component } from 'vue'
import { createMemoryHistory, createRouter } from 'vue-router'
import { i18n } from '@/i18n'

const Nowhere = { template: '<div />' }

/** Mounts a component as the application would: with words, addresses and server data, but no server. */
export function mounted<T extends Component>(
  component: T,
  props: Record<string, unknown> = {},
  data: [key: unknown[], value: unknown][] = [],
) {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false, staleTime: Infinity } } })
  for (const [key, value] of data) client.setQueryData(key, value)
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [
      { path: '/', name: 'today', component: Nowhere },
      { path: '/tickets', name: 'tickets', component: Nowhere },
      { path: '/tickets/:id/:station?', name: 'ticket', component: Nowhere },
      { path: '/how-we-work', name: 'how-we-work', component: Nowhere },
      { path: '/how-sure', name: 'how-sure', component: Nowhere },
      { path: '/:rest(.*)*', name: 'missing', component: Nowhere },
    ],
  })
  return mount(component, {
    props,
    global: { plugins: [router, i18n, [VueQueryPlugin, { queryClient: client }]] },
    attachTo: document.body,
  } as unknown as ComponentMountingOptions<T>)
}
