import type { GarmentForm } from '@/api/client'

let waiting: GarmentForm | null = null

/** The garment that the next new ticket begins with. */
export function startWith(garment: GarmentForm) {
  waiting = JSON.parse(JSON.stringify(garment)) as GarmentForm
}

export function takeStart(): GarmentForm | null {
  const garment = waiting
  waiting = null
  return garment
}
