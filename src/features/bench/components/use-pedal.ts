'use client';

import { useEffect, useRef, useState } from 'react';

const KEY = 'rendle-pedal';
/** Keys of the page itself, which no pedal may take. */
const TAKEN = new Set(['Escape', 'F1', 'Tab', 'F5']);

/** A pedal or a clicker is a key like any other: which one is shown once, on this device. */
export function usePedal(onPress: () => void): {
  readonly key: string | null;
  readonly learning: boolean;
  readonly learn: () => void;
  readonly forget: () => void;
} {
  const [key, setKey] = useState<string | null>(null);
  const [learning, setLearning] = useState(false);
  const press = useRef(onPress);
  press.current = onPress;
  useEffect(() => setKey(localStorage.getItem(KEY)), []);
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      // A key that is held down is one press, and text that is typed is text.
      if (event.repeat || (event.target instanceof HTMLElement && event.target.closest('input, textarea, select'))) return;
      if (learning) {
        if (event.key === 'Escape') setLearning(false);
        if (TAKEN.has(event.key)) return;
        event.preventDefault();
        localStorage.setItem(KEY, event.code || event.key);
        setKey(event.code || event.key);
        setLearning(false);
        return;
      }
      if (key === null || (event.code || event.key) !== key) return;
      event.preventDefault();
      event.stopPropagation();
      press.current();
    };
    window.addEventListener('keydown', onKey, true);
    return () => window.removeEventListener('keydown', onKey, true);
  }, [key, learning]);
  return {
    key,
    learning,
    learn: () => setLearning(true),
    forget: () => {
      localStorage.removeItem(KEY);
      setKey(null);
    },
  };
}
