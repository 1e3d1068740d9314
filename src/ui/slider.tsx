import { useState, type KeyboardEvent } from 'react';
import { View } from 'react-native';
import { DndContext, PointerSensor, useDraggable, useSensor, useSensors } from '@dnd-kit/core';
import { Small, Strong } from './text';

const HANDLE = 48;

/** A value one drags along a line, or moves by steps with the arrow keys. */
export function Slider({
  label,
  value,
  least,
  most,
  step,
  said,
  onChange,
}: {
  label: string;
  value: number;
  least: number;
  most: number;
  step: number;
  /** The value in words. */
  said: string;
  onChange: (value: number) => void;
}) {
  const [width, setWidth] = useState(0);
  const [from, setFrom] = useState(value);
  const sensors = useSensors(useSensor(PointerSensor));
  const held = (next: number) => Math.min(most, Math.max(least, Math.round(next / step) * step));
  const perPixel = (most - least) / Math.max(1, width - HANDLE);
  const keyed = (event: KeyboardEvent) => {
    const by = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1 }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    onChange(held(value + by * step));
  };
  return (
    <View className="gap-1">
      <View className="flex-row justify-between gap-3">
        <Strong>{label}</Strong>
        <Small>{said}</Small>
      </View>
      <View
        className="h-target justify-center rounded-board border border-line bg-paper"
        onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
      >
        <DndContext
          sensors={sensors}
          onDragStart={() => setFrom(value)}
          onDragMove={({ delta }) => onChange(held(from + delta.x * perPixel))}
        >
          <Handle
            label={label}
            value={value}
            least={least}
            most={most}
            said={said}
            left={(value - least) / Math.max(1e-9, perPixel)}
            onKey={keyed}
          />
        </DndContext>
      </View>
    </View>
  );
}

function Handle({
  label,
  value,
  least,
  most,
  said,
  left,
  onKey,
}: {
  label: string;
  value: number;
  least: number;
  most: number;
  said: string;
  left: number;
  onKey: (event: KeyboardEvent) => void;
}) {
  const { listeners, setNodeRef } = useDraggable({ id: label });
  return (
    <button
      ref={setNodeRef}
      type="button"
      {...listeners}
      onKeyDown={onKey}
      role="slider"
      aria-label={label}
      aria-valuenow={Math.round(value)}
      aria-valuemin={Math.round(least)}
      aria-valuemax={Math.round(most)}
      aria-valuetext={said}
      className="rounded-board border-spruce bg-porch"
      style={{
        position: 'absolute',
        left,
        width: HANDLE,
        height: HANDLE - 2,
        borderWidth: 2,
        borderStyle: 'solid',
        touchAction: 'none',
        cursor: 'grab',
      }}
    />
  );
}
