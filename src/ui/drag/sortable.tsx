import {
  DndContext,
  PointerSensor,
  closestCenter,
  useSensor,
  useSensors,
  type Announcements,
  type DragEndEvent,
} from '@dnd-kit/core';
import {
  SortableContext,
  arrayMove,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import GripHorizontal from 'lucide-react-native/icons/grip-horizontal';
import type { KeyboardEvent, ReactNode } from 'react';
import { View } from 'react-native';

export type Item = { id: string; name: string };
export type SortableProps<T extends Item> = {
  label: string;
  items: readonly T[];
  onOrder: (ids: string[]) => void;
  children: (item: T) => ReactNode;
};

/** A list whose rows are dragged by a handle, or moved by the arrow keys while the handle has the focus. */
export function Sortable<T extends Item>({ label, items, onOrder, children }: SortableProps<T>) {
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }));
  const ids = items.map(({ id }) => id);
  const drop = ({ active, over }: DragEndEvent) => {
    if (!over || active.id === over.id) return;
    onOrder(arrayMove(ids, ids.indexOf(String(active.id)), ids.indexOf(String(over.id))));
  };
  const step = (id: string, by: -1 | 1) => {
    const from = ids.indexOf(id);
    const to = from + by;
    if (to >= 0 && to < ids.length) onOrder(arrayMove(ids, from, to));
  };
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragEnd={drop}
      accessibility={{
        announcements: announcementsFor(items),
        screenReaderInstructions: { draggable: 'Press the up or down arrow key to move it.' },
      }}
    >
      <SortableContext items={ids} strategy={verticalListSortingStrategy}>
        <View role="list" aria-label={label} className="gap-2">
          {items.map((item) => (
            <Row key={item.id} item={item} onStep={(by) => step(item.id, by)}>
              {children(item)}
            </Row>
          ))}
        </View>
      </SortableContext>
    </DndContext>
  );
}

/** What a screen reader hears while a row is moved, by the rows' names. */
function announcementsFor(items: readonly Item[]): Announcements {
  const name = (id: string | number) => items.find((item) => item.id === id)?.name ?? '';
  return {
    onDragStart: ({ active }) => `Picked up ${name(active.id)}.`,
    onDragOver: ({ active, over }) =>
      over && over.id !== active.id
        ? `${name(active.id)} is at the place of ${name(over.id)}.`
        : undefined,
    onDragEnd: ({ active }) => `Put down ${name(active.id)}.`,
    onDragCancel: ({ active }) => `${name(active.id)} stays where it was.`,
  };
}

function Row({
  item,
  onStep,
  children,
}: {
  item: Item;
  onStep: (by: -1 | 1) => void;
  children: ReactNode;
}) {
  const keyed = (event: KeyboardEvent) => {
    if (event.key !== 'ArrowUp' && event.key !== 'ArrowDown') return;
    event.preventDefault();
    onStep(event.key === 'ArrowUp' ? -1 : 1);
  };
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition } =
    useSortable({ id: item.id });
  return (
    <div
      ref={setNodeRef}
      role="listitem"
      style={{
        display: 'flex',
        alignItems: 'stretch',
        gap: 4,
        transform: CSS.Transform.toString(transform),
        transition,
      }}
    >
      <button
        ref={setActivatorNodeRef}
        type="button"
        {...attributes}
        {...listeners}
        onKeyDown={keyed}
        aria-label={`Move ${item.name}`}
        className="flex min-h-target min-w-target items-center justify-center rounded-board text-soft"
        style={{ touchAction: 'none', cursor: 'grab', background: 'none', border: 0 }}
      >
        <GripHorizontal aria-hidden size={22} />
      </button>
      <View className="min-w-0 flex-1">{children}</View>
    </div>
  );
}
