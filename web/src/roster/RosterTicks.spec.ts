import { describe, expect, it, vi } from 'vitest'
import type { TicketView } from '@/api/client'
import { mounted } from '@/testing/mounted'
import RosterTicks from './RosterTicks.vue'

const ticket = {
  id: 't',
  roster: [
    { name: 'Ana', number: '7', size: 'M' },
    { name: 'Bo', number: '', size: '' },
  ],
  rosterPieces: [
    { done: true, centre: '3 letters: the 2., “n”, lies on the centre line', scale: 1 },
    { done: false, centre: null, scale: 1 },
  ],
} as unknown as TicketView

describe('the pieces of a roster', () => {
  it('stand with what they say and where their names have their centre', () => {
    const view = mounted(RosterTicks, { ticket })
    expect(view.text()).toContain('1 of 2')
    expect(view.text()).toContain('7 · Ana · M')
    expect(view.text()).toContain('lies on the centre line')
    const boxes = view.findAll('input[type=checkbox]')
    expect(boxes.map((box) => (box.element as HTMLInputElement).checked)).toEqual([true, false])
  })

  it('are ticked off and back by their place', async () => {
    const asked: string[] = []
    vi.stubGlobal('fetch', (request: Request) => {
      asked.push(`${request.method} ${new URL(request.url).pathname}`)
      return Promise.resolve(new Response(JSON.stringify(ticket), { status: 200 }))
    })
    const view = mounted(RosterTicks, { ticket })
    await view.findAll('input[type=checkbox]')[1]!.trigger('change')
    await view.findAll('input[type=checkbox]')[0]!.trigger('change')
    await vi.waitFor(() => expect(asked).toHaveLength(2))
    expect(asked).toEqual(['PUT /api/tickets/t/roster/1/done', 'DELETE /api/tickets/t/roster/0/done'])
  })

  it('stay as they were meant while answers are on their way, and come back where one is refused', async () => {
    const held: ((answer: Response) => void)[] = []
    vi.stubGlobal('fetch', () => new Promise<Response>((answer) => held.push(answer)))
    const view = mounted(RosterTicks, { ticket })
    const boxes = () =>
      view.findAll('input[type=checkbox]').map((box) => (box.element as HTMLInputElement).checked)
    await view.findAll('input[type=checkbox]')[0]!.trigger('change')
    await view.findAll('input[type=checkbox]')[1]!.trigger('change')
    expect(boxes()).toEqual([false, true])
    expect(view.text()).toContain('1 of 2')
    await vi.waitFor(() => expect(held).toHaveLength(1))
    const first = structuredClone(ticket)
    first.rosterPieces[0]!.done = false
    held[0]!(Response.json(first))
    await vi.waitFor(() => expect(held).toHaveLength(2))
    await view.setProps({ ticket: first })
    expect(boxes()).toEqual([false, true])
    held[1]!(Response.json({ detail: 'Not there.' }, { status: 404 }))
    await vi.waitFor(() => expect(view.find('[role=alert]').text()).toBe('Not there.'))
    expect(boxes()).toEqual([false, false])
  })
})
