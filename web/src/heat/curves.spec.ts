import { describe, expect, it } from 'vitest'
import { story } from '@/testing/heat'
import { bandNames, CHART, NAME, pathOf, readAt, scalesOf, temperatureTicks } from './curves'

describe('a curve', () => {
  it('is read between its moments, and not where what it follows is away', () => {
    expect(readAt(story.glueLine, story.seconds, 2.5)).toBeCloseTo(67.5, 6)
    expect(readAt(story.glueLine, story.seconds, 15)).toBe(82)
    expect(readAt(story.platen, story.seconds, 15)).toBeNull()
    expect(readAt([], story.seconds, 1)).toBeNull()
    const table = [{ from: 3, celsius: [21, 25, 24] }]
    expect(readAt(table, story.seconds, 10)).toBe(21)
    expect(readAt(table, story.seconds, 10, { from: 0, to: 10 })).toBeNull()
  })

  it('is drawn through all its moments, inside the chart', () => {
    const path = pathOf(story.glueLine[0]!, story.seconds, scalesOf(story))
    const points = path.slice(1).split('L')
    expect(points).toHaveLength(3)
    for (const point of points) {
      const [x, y] = point.split(',').map(Number)
      expect(x).toBeGreaterThanOrEqual(CHART.left)
      expect(x).toBeLessThanOrEqual(CHART.width - CHART.right)
      expect(y).toBeGreaterThanOrEqual(CHART.top)
      expect(y).toBeLessThanOrEqual(CHART.height - CHART.bottom)
    }
  })
})

describe('the names of the bands', () => {
  it('never lie over each other, nor outside the chart', () => {
    for (const spans of [[3, 5], [0, 1, 2], [0, 2, 4, 20, 21], Array.from({ length: 12 }, (_, n) => n)]) {
      const bands = spans.map((from, n) => ({
        name: `Press ${n} of the crest`,
        closed: true,
        main: n === 0,
        from,
        to: from + 1,
      }))
      const names = bandNames(bands, scalesOf({ ...story, seconds: [0, 22] }).x)
      expect(names).toHaveLength(spans.length)
      const ends = names.map(({ name, x }) => x + NAME.letter * name.length)
      names.forEach((one, n) => {
        expect(one.x).toBeGreaterThanOrEqual(CHART.left)
        expect(ends[n]!).toBeLessThanOrEqual(CHART.width)
        expect(one.row).toBeLessThan(NAME.rows)
        names.slice(n + 1).forEach((other) => {
          if (other.row === one.row) expect(other.x).toBeGreaterThanOrEqual(ends[n]!)
        })
      })
    }
  })
})

describe('the scale of temperatures', () => {
  it('has round ticks in the unit that is shown', () => {
    const metric = temperatureTicks([0, 160], '°C')
    expect(metric.map((tick) => tick.label)).toEqual(['0', '50', '100', '150'])
    const imperial = temperatureTicks([0, 160], '°F')
    expect(imperial.find((tick) => tick.label === '200')?.celsius).toBeCloseTo(93.33, 1)
  })

  it('reaches above the hottest platen', () => {
    expect(scalesOf(story).y.domain()[1]).toBeGreaterThan(150)
  })
})
