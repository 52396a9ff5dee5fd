'use client';

import { useEffect, useRef, useState } from 'react';
import { type DeviceEvent, type DevicePort, linePort, type Sim } from '@/devices/line';

export type DeviceState = {
  /** Grams or °C as last shown; null before the first reading. */
  readonly value: number | null;
  readonly stable: boolean;
  readonly trouble: 'overload' | 'garbage' | 'lost' | null;
};

const QUIET: DeviceState = { value: null, stable: false, trouble: null };
const BEAT_MS = 100;

const after = (state: DeviceState, event: DeviceEvent): DeviceState => {
  if (event.kind === 'reading') return { value: event.value, stable: event.stable, trouble: null };
  // What was shown last stays on the screen while the line is silent, marked as old.
  return event.kind === 'back' ? { ...state, trouble: null } : { ...state, stable: false, trouble: event.kind };
};

/** A device in this browser by its line; the screen's clock beats it. */
export const portOf = (name: string, wants: 'mass' | 'temp', sim: Sim): DevicePort =>
  linePort(name, wants, sim, {
    every: (run, ms) => {
      const timer = setInterval(run, ms);
      return () => clearInterval(timer);
    },
    now: () => Date.now(),
    beatMs: BEAT_MS,
  });

/** What a device says now; nothing while there is none. */
export function useDevice(port: DevicePort | null, onEvent?: (event: DeviceEvent) => void): DeviceState {
  const [state, setState] = useState(QUIET);
  const told = useRef(onEvent);
  told.current = onEvent;
  useEffect(() => {
    setState(QUIET);
    return port?.follow((event) => {
      setState((before) => after(before, event));
      told.current?.(event);
    });
  }, [port]);
  return state;
}
