import {
  DndContext,
  PointerSensor,
  useDraggable,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import { memo, type KeyboardEvent, type ReactNode } from 'react';

/**
 * Things that slide along one line by whole steps: dragged with a finger or the mouse, or moved by the left and right
 * arrow keys while they have the focus. A plain press chooses.
 */
export function SlideAlong({
  step,
  onSlide,
  children,
}: {
  /** Pixels of one step. */
  step: number;
  /** By how many steps something was let go from where it stood. */
  onSlide: (id: string, steps: number) => void;
  children: ReactNode;
}) {
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }));
  const drop = ({ active, delta }: DragEndEvent) => {
    const steps = Math.round(delta.x / step);
    if (steps !== 0) onSlide(String(active.id), steps);
  };
  return (
    <DndContext
      sensors={sensors}
      autoScroll={false}
      onDragEnd={drop}
      accessibility={{
        screenReaderInstructions: {
          draggable: 'Press enter to choose it, the left or right arrow key to move it by a day.',
        },
      }}
    >
      {children}
    </DndContext>
  );
}

type Place = { left: number; top: number; width: number; height: number };

/** The part of a thing one takes hold of: as large as its place, drawn only while it slides. */
export const SlideHandle = memo(function SlideHandle({
  id,
  label,
  place,
  fixed = false,
  onChoose,
  onStep,
}: {
  id: string;
  label: string;
  place: Place;
  /** Chosen, never slid. */
  fixed?: boolean;
  onChoose: (id: string) => void;
  onStep: (id: string, steps: -1 | 1) => void;
}) {
  const { listeners, setNodeRef, transform, isDragging } = useDraggable({ id, disabled: fixed });
  const keyed = (event: KeyboardEvent) => {
    if (fixed) return;
    if (event.key !== 'ArrowLeft' && event.key !== 'ArrowRight') return;
    event.preventDefault();
    onStep(id, event.key === 'ArrowLeft' ? -1 : 1);
  };
  return (
    <button
      ref={setNodeRef}
      type="button"
      {...listeners}
      onKeyDown={keyed}
      onClick={() => onChoose(id)}
      aria-label={label}
      className={isDragging ? 'rounded-board border-2 border-ink' : 'rounded-board'}
      style={{
        position: 'absolute',
        ...place,
        padding: 0,
        background: 'none',
        ...(isDragging ? {} : { border: 0 }),
        cursor: fixed ? 'pointer' : isDragging ? 'grabbing' : 'grab',
        touchAction: 'pan-x pan-y',
        transform: transform ? `translateX(${transform.x}px)` : undefined,
        zIndex: isDragging ? 2 : 1,
      }}
    />
  );
});
