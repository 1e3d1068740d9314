import {
  DndContext,
  PointerSensor,
  useDraggable,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import type { KeyboardEvent, ReactNode } from 'react';

/** Things that are dragged anywhere on a drawing, with a finger or the mouse; `onPlace` tells by how many pixels. */
export function PlaceOn({
  onPlace,
  children,
}: {
  onPlace: (id: string, by: { x: number; y: number }) => void;
  children: ReactNode;
}) {
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }));
  const drop = ({ active, delta }: DragEndEvent) => onPlace(String(active.id), delta);
  return (
    <DndContext
      sensors={sensors}
      autoScroll={false}
      onDragEnd={drop}
      accessibility={{
        screenReaderInstructions: {
          draggable: 'Press enter to change it, the arrow keys to move it.',
        },
      }}
    >
      {children}
    </DndContext>
  );
}

const ARROWS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};

const SIZE = 48;

/** What one takes hold of: a finger wide about its spot, seen only while it is moved. */
export function PlaceHandle({
  id,
  label,
  at,
  onChoose,
  onStep,
}: {
  id: string;
  label: string;
  /** The spot on the drawing, in pixels. */
  at: { x: number; y: number };
  onChoose: (id: string) => void;
  /** A step to the right and up, by the arrow keys. */
  onStep: (id: string, right: number, up: number) => void;
}) {
  const { listeners, setNodeRef, transform, isDragging } = useDraggable({ id });
  const keyed = (event: KeyboardEvent) => {
    const step = ARROWS[event.key];
    if (!step) return;
    event.preventDefault();
    onStep(id, ...step);
  };
  return (
    <button
      ref={setNodeRef}
      type="button"
      {...listeners}
      onKeyDown={keyed}
      onClick={(event) => {
        event.stopPropagation();
        onChoose(id);
      }}
      aria-label={label}
      className={isDragging ? 'rounded-board border-2 border-brick' : 'rounded-board'}
      style={{
        position: 'absolute',
        left: at.x - SIZE / 2,
        top: at.y - SIZE / 2,
        width: SIZE,
        height: SIZE,
        padding: 0,
        background: 'none',
        ...(isDragging ? {} : { border: 0 }),
        cursor: isDragging ? 'grabbing' : 'grab',
        touchAction: 'none',
        transform: transform ? `translate(${transform.x}px, ${transform.y}px)` : undefined,
        zIndex: isDragging ? 2 : 1,
      }}
    />
  );
}
