import { disableAutoUnmount, enableAutoUnmount } from '@vue/test-utils'
import { afterEach, vi } from 'vitest'

/** happy-dom has no media queries and the tests have no network: both are stubbed before anything is imported. */
vi.stubGlobal('matchMedia', (query: string) => ({
  matches: query.includes('min-width'),
  media: query,
  addEventListener: () => undefined,
  removeEventListener: () => undefined,
  addListener: () => undefined,
  removeListener: () => undefined,
}))
vi.stubGlobal(
  'fetch',
  vi.fn(() => Promise.reject(new Error('a test asked the network'))),
)

// What a test leaves mounted would go on sending while the next test listens. The setting outlives a file, its hook does not.
disableAutoUnmount()
enableAutoUnmount(afterEach)
