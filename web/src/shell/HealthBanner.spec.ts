import { VueQueryPlugin } from '@tanstack/vue-query'
import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, expect, it, vi } from 'vitest'
import { i18n } from '@/i18n'
import HealthBanner from './HealthBanner.vue'

afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

const health = (status: number, db: string, room: string) =>
  new Response(
    JSON.stringify({
      status: db === 'UP' ? (room === 'UP' ? 'UP' : room) : db,
      components: { db: { status: db }, room: { status: room, details: { megabytes: 12 } } },
    }),
    { status },
  )

async function shown(...answers: Response[]) {
  vi.useFakeTimers()
  vi.stubGlobal('fetch', async () => (answers.length > 1 ? answers.shift() : answers[0]?.clone()))
  const banner = mount(HealthBanner, { global: { plugins: [VueQueryPlugin, i18n] } })
  await vi.advanceTimersByTimeAsync(100)
  await flushPromises()
  return banner
}

it('is silent while all is well', async () => {
  expect((await shown(health(200, 'UP', 'UP'))).text()).toBe('')
})

it('says that the disk is full, and stops saying so by itself', async () => {
  const banner = await shown(health(200, 'UP', 'FULL'), health(200, 'UP', 'UP'))
  expect(banner.text()).toContain('The disk is full')
  await vi.advanceTimersByTimeAsync(2_500)
  expect(banner.text()).toBe('')
})

it('says that the database does not answer', async () => {
  expect((await shown(health(503, 'DOWN', 'UP'))).text()).toContain('The database does not answer')
})

it('says how to start an application that does not answer', async () => {
  const away = await shown(new Response('gone', { status: 502 }))
  await vi.advanceTimersByTimeAsync(3_000)
  await flushPromises()
  expect(away.text()).toContain('./kettle start')
})
