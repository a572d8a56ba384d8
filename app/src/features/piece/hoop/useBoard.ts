import type { Point } from '@thimble/core/plane'
import { type RefObject, useEffect, useRef } from 'react'
import type { View } from 'react-native'

type Moves = {
  /** The dot under a place of the board, in its pixels; null: none near. */
  dotAt: (at: Point) => string | null
  onMove: (id: string, at: Point) => void
  onEnd: () => void
}

/**
 * Dots dragged on a board with a finger or a mouse: what is under the finger moves with it, by as much, so that the finger
 * need not lie on it. Heard from the page itself, as the drawing takes no gestures.
 */
export function useBoard(board: RefObject<View | null>, moves: Moves): void {
  const latest = useRef(moves)
  useEffect(() => {
    latest.current = moves
  })
  useEffect(() => {
    const node = board.current as unknown as HTMLElement | null
    if (!node) return
    let dragged: string | null = null
    const at = (e: PointerEvent): Point => {
      const { left, top } = node.getBoundingClientRect()
      return { x: e.clientX - left, y: e.clientY - top }
    }
    const down = (e: PointerEvent): void => {
      dragged = latest.current.dotAt(at(e))
      if (!dragged) return
      e.preventDefault()
      node.setPointerCapture(e.pointerId)
      latest.current.onMove(dragged, at(e))
    }
    const move = (e: PointerEvent): void => {
      if (dragged) latest.current.onMove(dragged, at(e))
    }
    const up = (): void => {
      if (dragged) latest.current.onEnd()
      dragged = null
    }
    node.addEventListener('pointerdown', down)
    node.addEventListener('pointermove', move)
    node.addEventListener('pointerup', up)
    node.addEventListener('pointercancel', up)
    return () => {
      node.removeEventListener('pointerdown', down)
      node.removeEventListener('pointermove', move)
      node.removeEventListener('pointerup', up)
      node.removeEventListener('pointercancel', up)
    }
  }, [board])
}
