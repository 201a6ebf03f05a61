import { ref, watch, type Ref } from 'vue'
import type { Plan, TicketForm } from '@/api/client'
import type { Area } from './area'

/** A design that went out of the way of something, and where it lay before. */
export interface MovedArt {
  decoration: string
  name: string
  from: Area & { face: 'FRONT' | 'BACK' }
  /** How far down it went, mm; up where it is below 0. */
  down: number
  /** How far to the right as you look at it, mm. */
  right: number
}

/** Less than this is nothing that anybody sees, mm. */
const SEEN = 0.5

/**
 * Art that lies where it usually does goes out of the way of a zip or a seam. That is told, never done in silence.
 *
 * @param plan what the planner says to the ticket as it is typed
 */
export function useMovedArt(form: Ref<TicketForm>, plan: () => Plan | null) {
  const moved = ref<MovedArt | null>(null)
  let before: {
    cloth: string
    obstacles: string
    lies: Map<string, MovedArt['from'] & { art: string }>
  } | null = null

  watch(plan, (now) => {
    if (!now) return
    const { garment, decorations } = form.value
    const { kind, size, layout } = garment
    const cloth = JSON.stringify([kind, size, layout?.width, layout?.length])
    const obstacles = JSON.stringify([garment.obstacles, layout?.placed ?? []])
    const lies = new Map(
      now.together.placed.flatMap(({ decoration, placing }) => {
        const one = decorations.find(({ id }) => id === decoration)
        if (!one) return []
        const art = JSON.stringify([one.spot, one.width, one.height, one.placement, one.kind])
        return [[decoration, { ...placing.art, face: placing.face, art }] as const]
      }),
    )
    const was = before
    before = { cloth, obstacles, lies }
    if (!was || was.cloth !== cloth) {
      moved.value = null
      return
    }
    if (was.obstacles === obstacles) return
    // An answer to what was typed earlier may come first: what has not moved yet is still waited for.
    before.obstacles = was.obstacles
    moved.value = null
    for (const [decoration, to] of lies) {
      const from = was.lies.get(decoration)
      if (!from || from.art !== to.art) continue
      const [right, down] = [to.x - from.x, to.y - from.y]
      if (Math.hypot(right, down) < SEEN && from.face === to.face) continue
      const name = decorations.find(({ id }) => id === decoration)?.description ?? ''
      moved.value = { decoration, name, from, right, down }
      before.obstacles = obstacles
      return
    }
  })

  /** Puts it back where it lay; from then on it lies there by hand. */
  function putBack() {
    const was = moved.value
    const one = form.value.decorations.find(({ id }) => id === was?.decoration)
    if (was && one)
      one.spot = {
        face: was.from.face,
        fromCentre: was.from.x + was.from.width / 2,
        belowCollar: was.from.y,
      }
    moved.value = null
  }

  return { moved, putBack, leave: () => (moved.value = null) }
}
