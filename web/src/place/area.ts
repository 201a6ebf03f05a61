import type { Schemas } from '@/api/client'

export type Area = Schemas['Area']
export type Face = Schemas['PlacedObstacleForm']['face']
export type PlacedObstacle = Schemas['PlacedObstacleForm']

/** Something on the garment that can be taken hold of. */
export interface Thing {
  key: string
  kind: 'art' | 'obstacle'
  name: string
  area: Area
  /** What it is drawn in. */
  fill: string
  ink: string
  /** Whether it is hard: a platen must not come down on it. */
  hard: boolean
}

export const middle = (area: Area) => area.x + area.width / 2

export const moved = (area: Area, x: number, y: number): Area => ({ ...area, x: area.x + x, y: area.y + y })
