import { flushPromises } from '@vue/test-utils'
import { beforeEach, describe, expect, it } from 'vitest'
import { mounted } from '@/testing/mounted'
import GuidedRound from './GuidedRound.vue'
import RoundOffer from './RoundOffer.vue'
import { STOPS } from './useRound'

beforeEach(() => localStorage.clear())

describe('the guided round', () => {
  it('is offered, leads through all its stops, and is not offered again', async () => {
    const offer = mounted(RoundOffer, { ticketId: 'a' })
    const round = mounted(GuidedRound, {})
    expect(round.find('section').exists()).toBe(false)
    await offer.findAll('button')[0]!.trigger('click')
    const read: string[] = []
    while (read.length < STOPS.length) {
      await flushPromises()
      read.push(round.get('h2').text())
      await round.get('.ant-btn-primary').trigger('click')
    }
    expect(new Set(read).size).toBe(STOPS.length)
    expect(round.find('section').exists()).toBe(false)
    expect(offer.find('section').exists()).toBe(false)
  })
})
