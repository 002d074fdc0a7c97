import { useRef, type PointerEvent } from 'react';

/** A finger that moves further than this, in px, slides: it does not tap. */
const stillWithin = 12;

/**
 * A tap: down and up again on the same spot. It counts when it is let go, so that a finger that
 * slides, or rests on the pad by mistake and is drawn away, does nothing.
 */
export const useTap = (onTap: () => void) => {
  const down = useRef<{ id: number; x: number; y: number } | null>(null);
  return {
    onPointerDown: ({ isPrimary, button, pointerId, clientX, clientY }: PointerEvent) => {
      down.current = isPrimary && button === 0 ? { id: pointerId, x: clientX, y: clientY } : null;
    },
    onPointerMove: ({ pointerId, clientX, clientY }: PointerEvent) => {
      const start = down.current;
      if (start?.id !== pointerId) return;
      // Once it has slid it stays a slide, also when it comes back.
      if (Math.hypot(clientX - start.x, clientY - start.y) > stillWithin) down.current = null;
    },
    onPointerUp: ({ pointerId }: PointerEvent) => {
      const start = down.current;
      down.current = null;
      if (start?.id === pointerId) onTap();
    },
    onPointerCancel: () => {
      down.current = null;
    },
    onPointerLeave: () => {
      down.current = null;
    },
  };
};
