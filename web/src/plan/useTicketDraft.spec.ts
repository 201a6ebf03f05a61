import { mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it } from 'vitest'
import { nextTick } from 'vue'
import { blankTicket, missing } from './blankTicket'
import { useTicketDraft } from './useTicketDraft'

function draft(key: string) {
  let inside!: ReturnType<typeof useTicketDraft>
  mount({
    setup() {
      inside = useTicketDraft(key)
      return () => null
    },
  })
  return inside
}

beforeEach(() => localStorage.clear())

describe('a ticket while it is typed', () => {
  it('is kept on this machine at every change and comes back with the same id', async () => {
    const first = draft('new')
    first.base(blankTicket('press'))
    expect(first.dirty.value).toBe(false)
    first.form.value!.garment.name = 'oilskin'
    await nextTick()
    await nextTick()
    const reloaded = draft('new')
    reloaded.base(blankTicket('press'))
    expect(reloaded.form.value?.garment.name).toBe('oilskin')
    expect(reloaded.id.value).toBe(first.id.value)
    expect(reloaded.restored.value).toBe(true)
  })

  it('is dropped when it is kept, or when it is as it was', async () => {
    const d = draft('vk')
    d.base(blankTicket('press'))
    d.form.value!.pieces = 7
    await nextTick()
    expect(localStorage.getItem('kettle.draft.vk')).not.toBeNull()
    d.form.value!.pieces = 1
    await nextTick()
    await nextTick()
    expect(d.dirty.value).toBe(false)
    expect(draft('vk').restored.value).toBe(false)
  })

  it('does not lose what is typed when the server sends the ticket again', async () => {
    const d = draft('vk')
    d.base(blankTicket('press'))
    d.form.value!.customer = 'Harbour Rowers'
    await nextTick()
    d.base({ ...blankTicket('press'), version: 2 })
    expect(d.form.value?.customer).toBe('Harbour Rowers')
    d.reset({ ...blankTicket('press'), version: 2 })
    expect(d.form.value?.customer).toBe('')
    expect(d.form.value?.version).toBe(2)
  })
})

describe('what is missing', () => {
  it('names what has to be typed before a plan can be tried', () => {
    const form = blankTicket('press')
    expect(missing(form)).toEqual(['name', 'label', 'description'])
    form.garment.name = 'tee'
    form.garment.label = ' '
    form.decorations[0]!.description = 'anchor'
    expect(missing(form)).toEqual(['label'])
  })
})
