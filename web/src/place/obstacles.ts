import type { GarmentForm } from '@/api/client'
import type { Area, Face, PlacedObstacle } from './area'

export interface Lying extends PlacedObstacle {
  key: string
}

/** All obstacles of a garment: where the maker placed them, else where such usually lie. */
export function lying(garment: GarmentForm, usual: PlacedObstacle[]): Lying[] {
  return garment.obstacles.flatMap((what) => {
    const placed = garment.layout?.placed.filter((one) => one.what === what) ?? []
    const all = placed.length ? placed : usual.filter((one) => one.what === what)
    return all.map((one, n) => ({ ...one, key: `${what} ${n}` }))
  })
}

/** Keeps what was placed of one kind; the others stay as they are. */
function keep(garment: GarmentForm, what: PlacedObstacle['what'], of: PlacedObstacle[]) {
  const { width = null, length = null, placed = [] } = garment.layout ?? {}
  garment.layout = {
    width,
    length,
    placed: [...placed.filter((one) => one.what !== what), ...of.map(bare)],
  }
}

const bare = ({ what, face, x, y, width, height }: PlacedObstacle): PlacedObstacle => ({
  what,
  face,
  x,
  y,
  width,
  height,
})

export function place(garment: GarmentForm, all: Lying[], key: string, area: Area & { face?: Face }) {
  const one = all.find((other) => other.key === key)
  if (!one) return
  const ofKind = all.filter(({ what }) => what === one.what)
  keep(
    garment,
    one.what,
    ofKind.map((other) => (other.key === key ? { ...other, ...area } : other)),
  )
}

/** Another of the same kind, a hand's breadth beside it. */
export function another(garment: GarmentForm, all: Lying[], key: string): string | null {
  const one = all.find((other) => other.key === key)
  if (!one) return null
  const ofKind = all.filter(({ what }) => what === one.what)
  keep(garment, one.what, [...ofKind, { ...one, x: one.x + one.width + 60 }])
  return `${one.what} ${ofKind.length}`
}

/** The last of its kind is taken from the list of what is in the way. */
export function takeAway(garment: GarmentForm, all: Lying[], key: string) {
  const one = all.find((other) => other.key === key)
  if (!one) return
  const rest = all.filter((other) => other.what === one.what && other.key !== key)
  keep(garment, one.what, rest)
  if (!rest.length) garment.obstacles = garment.obstacles.filter((what) => what !== one.what)
}

/** Back to where such usually lie. */
export function asUsual(garment: GarmentForm, what: PlacedObstacle['what']) {
  keep(garment, what, [])
}
