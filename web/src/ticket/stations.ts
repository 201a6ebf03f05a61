export const STATIONS = ['garment', 'method', 'cut', 'press', 'check'] as const

export type StationName = (typeof STATIONS)[number]
