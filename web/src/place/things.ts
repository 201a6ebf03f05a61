import type { DecorationForm, Plan } from '@/api/client'
import { clothColour, inkOn } from '@/cloth/colour'
import type { Area, Face, Thing } from './area'
import type { Lying } from './obstacles'

/** Where art lies: where it was put, else where the plan says it usually goes; null while nobody knows. */
export function artLies(decoration: DecorationForm, plan: Plan | null): { face: Face; area: Area } | null {
  const { spot, width, height, id } = decoration
  if (spot)
    return {
      face: spot.face,
      area: { x: spot.fromCentre - width / 2, y: spot.belowCollar, width, height },
    }
  const usual = plan?.together.placed.find((one) => one.decoration === id)?.placing
  return usual ? { face: usual.face, area: { ...usual.art, width, height } } : null
}

export function artThing(decoration: DecorationForm, name: string, area: Area): Thing {
  return {
    key: decoration.id,
    kind: 'art',
    name,
    area,
    fill: clothColour(decoration.lightest, 'NEUTRAL'),
    ink: inkOn(decoration.lightest),
    hard: false,
  }
}

export function obstacleThing(one: Lying, name: string, hard: boolean): Thing {
  return {
    key: one.key,
    kind: 'obstacle',
    name,
    area: { x: one.x, y: one.y, width: one.width, height: one.height },
    fill: hard ? 'var(--hard-thing)' : 'var(--soft-thing)',
    ink: 'var(--paper-ink)',
    hard,
  }
}
