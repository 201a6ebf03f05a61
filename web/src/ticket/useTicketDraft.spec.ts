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

  it.each(['null', '{', '5', '{"id":1,"form":null}', '{"id":"x","form":{"garment":null}}'])(
    'begins blank where %s lies in this browser',
    (left) => {
      localStorage.setItem('kettle.draft.new', left)
      const d = draft('new')
      d.base(blankTicket('press'))
      expect(d.form.value?.decorations).toHaveLength(1)
      expect(d.restored.value).toBe(false)
    },
  )

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

  it('keeps what is typed while an answer is on its way, at once and over a reload', async () => {
    const d = draft('vk')
    d.base(blankTicket('press'))
    d.form.value!.pieces = 7
    const sent = JSON.parse(JSON.stringify(d.form.value)) as typeof d.form.value & object
    d.form.value!.decorations[0]!.over = 'b'
    d.answered(sent, { ...sent, version: 1 })
    expect(d.form.value).toMatchObject({ pieces: 7, version: 1 })
    expect(d.form.value!.decorations[0]!.over).toBe('b')
    expect(d.dirty.value).toBe(true)
    await nextTick()
    expect(draft('vk').form.value!.decorations[0]!.over).toBe('b')
  })

  it('goes on from the version of an answer that the server wrote otherwise than it was sent', () => {
    const d = draft('vk')
    d.base(blankTicket('press'))
    d.form.value!.customer = 'Harbour  '
    const sent = JSON.parse(JSON.stringify(d.form.value)) as typeof d.form.value & object
    d.form.value!.customer = 'Harbour Rowers'
    d.answered(sent, { ...sent, customer: 'Harbour', version: 1 })
    expect(d.form.value).toMatchObject({ customer: 'Harbour Rowers', version: 1 })
  })

  it('is not replaced by what the server sends in the same moment as something is typed', () => {
    const d = draft('vk')
    d.base(blankTicket('press'))
    d.form.value!.customer = 'Harbour Rowers'
    d.base({ ...blankTicket('press'), pieces: 4, version: 2 })
    expect(d.form.value).toMatchObject({ customer: 'Harbour Rowers', pieces: 4, version: 2 })
  })

  it('stays at its version where somebody else changed the same, so that it writes over nothing', () => {
    const d = draft('vk')
    d.base({ ...blankTicket('press'), version: 1 })
    d.form.value!.pieces = 7
    d.base({ ...blankTicket('press'), pieces: 4, version: 2 })
    expect(d.form.value).toMatchObject({ pieces: 7, version: 1 })
    expect(d.dirty.value).toBe(true)
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
    expect(missing(form)).toEqual(['name', 'description'])
    form.garment.name = 'tee'
    // A garment without a label is planned with the most care.
    form.garment.label = ' '
    form.garment.colour = ' '
    form.decorations[0]!.description = 'anchor'
    expect(missing(form)).toEqual(['colour'])
  })
})
