import type { LengthUnit, TemperatureUnit } from './units'

const MM_PER_INCH = 25.4

export function toFahrenheit(celsius: number): number {
  return celsius * 1.8 + 32
}

/** What was typed in the unit that is shown. */
export function toCelsius(typed: number, unit: TemperatureUnit): number {
  return unit === '°F' ? (typed - 32) / 1.8 : typed
}

/** Degrees as a press can be set: whole ones. */
export function degrees(celsius: number, unit: TemperatureUnit): string {
  return String(Math.round(unit === '°F' ? toFahrenheit(celsius) : celsius))
}

/** A difference: 10 K are 10 °C or 18 °F of it. */
export function kelvinIn(kelvin: number, unit: TemperatureUnit): string {
  return `${Math.round(unit === '°F' ? kelvin * 1.8 : kelvin)} ${unit}`
}

export function lengthIn(millimetres: number, unit: LengthUnit): number {
  return unit === 'inch'
    ? Math.round((millimetres / MM_PER_INCH) * 100) / 100
    : Math.round(millimetres * 100) / 100
}

export function toMillimetres(value: number, unit: LengthUnit): number {
  return unit === 'inch' ? Math.round(value * MM_PER_INCH * 100) / 100 : value
}

/** 12 s, 1:30 min, 24 h, 3 days. */
export function duration(seconds: number): { value: string; unit: string } {
  const whole = Math.round(seconds)
  if (whole < 0) {
    const { value, unit } = duration(-whole)
    return { value: `−${value}`, unit }
  }
  if (whole >= 72 * 3600) return { value: String(Math.round(whole / 86400)), unit: 'days' }
  if (whole >= 2 * 3600) return { value: String(Math.round(whole / 360) / 10), unit: 'h' }
  if (whole > 600) return { value: String(Math.round(whole / 60)), unit: 'min' }
  if (whole > 90) return { value: clock(whole), unit: 'min' }
  return { value: String(whole), unit: 's' }
}

/** 0:09, 1:30. */
export function clock(seconds: number): string {
  const whole = Math.max(0, Math.ceil(seconds))
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`
}

export function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1)
}
