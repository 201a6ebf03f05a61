/** Stands where the key of a medium would: sewn, tied or glued. The server knows it by the same word. */
export const NO_HEAT = 'no-heat'

export const isNoHeat = (medium: string | null | undefined) => medium === NO_HEAT
