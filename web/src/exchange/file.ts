import { Problem } from '@/api/client'

export const BYTES = {
  bodySerializer: (body: unknown) => body as BodyInit,
  headers: { 'Content-Type': 'application/octet-stream' },
}

/** The generated types know files as text. */
export const asBody = (file: File) => file as unknown as string

/** The file that was picked, so that the same one can be picked again. */
export function picked(event: Event): File | null {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0] ?? null
  input.value = ''
  return file
}

export const said = (e: unknown) => (e instanceof Problem ? e.message : String(e))

/** The time zone of this machine: what dates without one are in. */
export const zone = () => Intl.DateTimeFormat().resolvedOptions().timeZone
