import { describe, expect, it } from 'vitest'
import { nextTick, ref, shallowRef } from 'vue'
import type { Plan, TicketForm } from '@/api/client'
import { blankTicket } from '@/ticket/blankTicket'
import { useMovedArt } from './useMovedArt'

function planned(id: string, x: number, y: number): Plan {
  const placing = { face: 'FRONT', art: { x, y, width: 100, height: 40 }, positions: [] }
  return { together: { placed: [{ decoration: id, placing }] } } as unknown as Plan
}

function atTheGarment() {
  const form = ref<TicketForm>(blankTicket('p'))
  const id = form.value.decorations[0]!.id
  form.value.decorations[0]!.description = 'crest'
  const plan = shallowRef<Plan | null>(planned(id, -50, 70))
  const watched = useMovedArt(form, () => plan.value)
  const said = async (x: number, y: number) => {
    plan.value = planned(id, x, y)
    await nextTick()
    return watched.moved.value
  }
  return { form, said, ...watched }
}

describe('art that goes out of the way', () => {
  it('is told with how far, and put back where it lay', async () => {
    const { form, said, putBack, moved } = atTheGarment()
    await said(-50, 71)
    form.value.garment.obstacles = ['ZIP']
    expect(await said(-50, 190)).toMatchObject({ name: 'crest', down: 119, right: 0 })
    putBack()
    expect(form.value.decorations[0]!.spot).toEqual({ face: 'FRONT', fromCentre: 0, belowCollar: 71 })
    expect(moved.value).toBeNull()
  })

  it('is told also where the answer to something typed earlier comes between', async () => {
    const { form, said } = atTheGarment()
    await said(-50, 70)
    form.value.garment.obstacles = ['ZIP']
    expect(await said(-50, 70)).toBeNull()
    expect(await said(-50, 190)).toMatchObject({ down: 120 })
  })

  it('is not told where the art or the garment itself was changed, or nothing moved', async () => {
    const { form, said } = atTheGarment()
    await said(-50, 70)
    form.value.garment.obstacles = ['ZIP']
    expect(await said(-50, 70.2)).toBeNull()
    form.value.garment.kind = 'TOWEL'
    form.value.garment.obstacles = []
    expect(await said(-50, 20)).toBeNull()
    form.value.decorations[0]!.width = 300
    form.value.garment.obstacles = ['ZIP']
    expect(await said(-150, 90)).toBeNull()
  })
})
