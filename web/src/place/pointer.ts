/** Where a pointer is, in the units of a drawing. */
export function pointIn(svg: SVGSVGElement, event: PointerEvent): { x: number; y: number } {
  const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM()!.inverse())
  return { x: point.x, y: point.y }
}

/** Which way an arrow key moves a thing: a millimetre at a time, ten with Shift; null for other keys. */
export function arrowStep(event: KeyboardEvent, [fine, coarse] = [1, 10]): [number, number] | null {
  const arrow = ARROWS[event.key]
  const by = event.shiftKey ? coarse! : fine!
  return arrow ? [arrow[0] * by, arrow[1] * by] : null
}

const ARROWS: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}
