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
import { type HTMLAttributes, type KeyboardEvent, type ReactNode, useId } from 'react';
import { classes } from './classes';

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

type EdgeProps = HTMLAttributes<HTMLButtonElement> & {
  readonly id: string;
  /** Moved by so many steps to the right: one, or ten with Shift. */
  readonly onStep: (steps: number) => void;
};

/** What parts two things that lie in a row: pulled to the side, or moved with the arrow keys. It stands in the middle of where it is put. */
export function EdgeHandle({ id, onStep, className, children, ...slider }: EdgeProps) {
  const press = (event: KeyboardEvent): void => {
    const turn = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1 }[event.key];
    if (!turn) return;
    event.preventDefault();
    onStep(event.shiftKey ? 10 * turn : turn);
  };
  return (
    <button
      type="button"
      role="slider"
      className={classes('-translate-x-1/2 absolute inset-y-0 cursor-ew-resize touch-none', className)}
      aria-valuenow={0}
      {...slider}
      onKeyDown={press}
      {...useHandle(id)}
    >
      {children}
    </button>
  );
}
