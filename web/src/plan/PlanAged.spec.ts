import { flushPromises } from '@vue/test-utils'
import { expect, it } from 'vitest'
import { unitsKey } from '@/quantity/units'
import { mounted } from '@/testing/mounted'
import PlanAged from './PlanAged.vue'

async function told(lines: string[], current: boolean) {
  const key = ['since', 't', unitsKey.value]
  const shown = mounted(PlanAged, { ticketId: 't', current }, [[key, lines]])
  await flushPromises()
  return shown.text()
}

it('names what is different since the plan, and does not blame the ticket for it', async () => {
  const text = await told(['Big press was measured again since.', 'Set 135 °C now; it was 127 °C.'], false)
  expect(text).toContain('Set 135 °C now; it was 127 °C.')
  expect(text).not.toContain('ticket')
})

it('says that the ticket changed where only that did, and nothing where nothing did', async () => {
  expect(await told([], false)).toContain('ticket')
  expect(await told([], true)).toBe('')
})
