import type { Schemas } from '@/api/client'

/** An order as it was read. */
export type Reading = Schemas['IntakeView']

/** What an order can say of a garment and of what goes on it. */
export type Field = Schemas['ReadField']['field']
