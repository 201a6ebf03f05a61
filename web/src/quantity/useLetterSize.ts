import { useElementSize } from '@vueuse/core'
import { computed, type Ref } from 'vue'

/** Pixels that the letters of a drawing are high: the small type of style/tokens.css. */
const PIXELS = 12

/**
 * How high a letter of a drawing to scale is in the drawing's own measure, so that it is read at any size of the
 * drawing.
 *
 * @param box width and height of the view box
 */
export function useLetterSize(
  svg: Ref<SVGSVGElement | undefined>,
  box: () => { width: number; height: number },
) {
  const { width, height } = useElementSize(svg)
  return computed(() => {
    const whole = box()
    const scale = Math.min(width.value / whole.width, height.value / whole.height)
    return scale > 0 ? PIXELS / scale : Math.max(whole.width, whole.height) / 46
  })
}
