import { computed, ref } from 'vue'
import type { LengthUnit } from '@/quantity/units'
import { moved, type Area, type Thing } from './area'
import { snapped } from './snapping'

interface Hold {
  thing: Thing
  from: { x: number; y: number }
  now: Area
}

/**
 * Takes hold of a thing and lets it go somewhere else. While it is held nothing is told to anybody: only
 * the drawing follows the hand.
 *
 * @param at where a pointer is, in millimetres of the drawing
 * @param drop what happens when it is let go elsewhere
 */
export function useDrag(
  at: (event: PointerEvent) => { x: number; y: number },
  others: (thing: Thing) => Area[],
  unit: () => LengthUnit,
  drop: (thing: Thing, area: Area) => void,
) {
  const hold = ref<Hold | null>(null)

  function take(event: PointerEvent, thing: Thing) {
    if (event.button !== 0) return
    ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
    hold.value = { thing, from: at(event), now: thing.area }
  }

  function move(event: PointerEvent) {
    if (!hold.value) return
    const { thing, from } = hold.value
    const to = at(event)
    const free = moved(thing.area, to.x - from.x, to.y - from.y)
    // Alt lets it lie where the hand is.
    hold.value.now = event.altKey ? free : snapped(free, others(thing), unit())
  }

  function letGo() {
    const held = hold.value
    hold.value = null
    if (!held) return
    const { thing, now } = held
    if (now.x !== thing.area.x || now.y !== thing.area.y) drop(thing, now)
  }

  const held = computed(() => hold.value?.thing.key ?? null)
  const areaOf = (thing: Thing): Area => (hold.value?.thing.key === thing.key ? hold.value.now : thing.area)
  /** How far the held thing is from where it lay. */
  const offset = computed(() =>
    hold.value
      ? { x: hold.value.now.x - hold.value.thing.area.x, y: hold.value.now.y - hold.value.thing.area.y }
      : { x: 0, y: 0 },
  )

  return { take, move, letGo, cancel: () => (hold.value = null), held, areaOf, offset }
}
