import { flushPromises } from '@vue/test-utils'
import { afterEach, expect, it } from 'vitest'
import { mounted } from '@/testing/mounted'
import { blankGarment } from '@/ticket/blankTicket'
import SinceThen from './SinceThen.vue'
import { repeat, startWith, takeStart } from '@/ticket/startWith'
import type { TicketView } from '@/api/client'
import { unitsKey } from '@/quantity/units'

afterEach(() => takeStart())

it('tells what is different since the plan, or that nothing is', async () => {
  const key = ['since', 't', unitsKey.value]
  const told = mounted(SinceThen, { ticketId: 't', name: 'VK-7' }, [[key, ['Big press was measured again.']]])
  await flushPromises()
  expect(told.text()).toContain('Since VK-7 was planned:')
  expect(told.text()).toContain('Big press was measured again.')
  const same = mounted(SinceThen, { ticketId: 't', name: 'VK-7' }, [[key, []]])
  await flushPromises()
  expect(same.text()).toContain('nothing is different.')
})

it('hands a garment or a whole ticket on to the next new ticket, once', () => {
  startWith(blankGarment())
  expect(takeStart()).toEqual({ garment: blankGarment(), repeats: null })
  expect(takeStart()).toBeNull()
  repeat({ id: 't', name: 'VK-7', garment: blankGarment() } as TicketView)
  expect(takeStart()?.repeats?.name).toBe('VK-7')
})
