import { useEventListener } from '@vueuse/core';
import type { Ref } from 'vue';

/** A point on the sheet, in shares of its width and height. */
export interface SheetPoint {
  x: number;
  y: number;
}

/** What a drag tells: where it began and where the pointer is. */
export type Dragged = (from: SheetPoint, to: SheetPoint) => void;

/** Below so many pixels a pointer was pressed, not dragged. */
const STILL_PX = 4;

/** Drags on a sheet, in shares of it, whatever its size on screen. */
export function useSheetDrag(sheet: Ref<HTMLElement | null>): {
  point: (event: PointerEvent) => SheetPoint;
  /**
   * Follows the pointer from a press on.
   * @param move at each move @param end when it is let go; not where it was only pressed
   */
  follow: (press: PointerEvent, move: Dragged, end: Dragged) => void;
} {
  function point({ clientX, clientY }: PointerEvent): SheetPoint {
    const box = sheet.value!.getBoundingClientRect();
    return { x: (clientX - box.left) / box.width, y: (clientY - box.top) / box.height };
  }
  function follow(press: PointerEvent, move: Dragged, end: Dragged): void {
    if (press.button !== 0) return;
    const from = point(press);
    let isDrag = false;
    const stops = [
      useEventListener(window, 'pointermove', (e: PointerEvent) => {
        isDrag ||= Math.hypot(e.clientX - press.clientX, e.clientY - press.clientY) > STILL_PX;
        if (isDrag) move(from, point(e));
      }),
      useEventListener(window, 'pointerup', (e: PointerEvent) => {
        stop();
        if (isDrag) end(from, point(e));
      }),
      useEventListener(window, 'pointercancel', () => stop()),
    ];
    const stop = (): void => {
      for (const s of stops) s();
    };
  }
  return { point, follow };
}
