'use client';

import {
  type Announcements,
  DndContext,
  type DragEndEvent,
  PointerSensor,
  useDraggable,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import { type ReactNode, useId } from 'react';

/** How far a handle was pulled, pixels; down is positive. */
export type Pull = { readonly x: number; readonly y: number };

type Props = {
  /** A press that moves less than this is a touch and not a drag, pixels. */
  readonly fromPx?: number;
  readonly onGrab?: (id: string) => void;
  readonly onPull: (id: string, by: Pull) => void;
  /** Let go: where it was pulled to counts. */
  readonly onDrop?: (id: string, by: Pull) => void;
  readonly onCancel?: () => void;
  readonly children: ReactNode;
};

// What a handle stands at is said by its own value; the arrow keys move it, and a field beside it is its typed twin.
const QUIET: Announcements = {
  onDragStart: () => undefined,
  onDragOver: () => undefined,
  onDragEnd: () => undefined,
  onDragCancel: () => undefined,
};

const said = (run: ((id: string, by: Pull) => void) | undefined) => (event: Pick<DragEndEvent, 'active' | 'delta'>) =>
  run?.(String(event.active.id), event.delta);

/** The one way to drag: what lies in it may have handles that are pulled with a finger or the mouse. */
export function DragArea({ fromPx = 0, onGrab, onPull, onDrop, onCancel, children }: Props) {
  const sensors = useSensors(useSensor(PointerSensor, fromPx > 0 ? { activationConstraint: { distance: fromPx } } : {}));
  return (
    <DndContext
      id={useId()}
      sensors={sensors}
      autoScroll={false}
      accessibility={{ announcements: QUIET, screenReaderInstructions: { draggable: '' } }}
      onDragStart={({ active }) => onGrab?.(String(active.id))}
      onDragMove={said(onPull)}
      onDragEnd={said(onDrop)}
      {...(onCancel ? { onDragCancel: onCancel } : {})}
    >
      {children}
    </DndContext>
  );
}

type Handle = {
  readonly ref: (node: Element | null) => void;
  readonly onPointerDown?: (event: never) => void;
};

/** What makes an element a handle of its area: spread on it. */
export function useHandle(id: string): Handle {
  const { setNodeRef, listeners } = useDraggable({ id });
  return { ref: (node) => setNodeRef(node as HTMLElement | null), ...listeners };
}
