import dayjs from 'dayjs'
import relativeTime from 'dayjs/plugin/relativeTime'

dayjs.extend(relativeTime)

/** Weekday and time with how far off it is: "Thu 14:30, in 2 days". */
export function when(instant: string, now: string | Date = new Date()): string {
  const then = dayjs(instant)
  const format = Math.abs(then.diff(now, 'day')) > 6 ? 'ddd D MMM HH:mm' : 'ddd HH:mm'
  return `${then.format(format)}, ${then.from(now)}`
}

/** A day with how long ago it was: "26 Nov 2026, 3 months ago"; today is today. */
export function day(date: string, now: string | Date = new Date()): string {
  const then = dayjs(date)
  const far = then.isSame(now, 'day') ? 'today' : then.from(now)
  return `${then.format('D MMM YYYY')}, ${far}`
}

export function late(instant: string, now: string | Date = new Date()): boolean {
  return dayjs(instant).isBefore(now)
}
