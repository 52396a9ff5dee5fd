'use client';

import { useEffect, useRef, useState } from 'react';
import { type Call, callsOf, type HandAction } from '@/core/hands';
import { useAlarms as wording } from '@/messages/screens/trade';

const KEY = 'rendle-alarms';
const CHANGED = 'rendle-alarms-changed';
/** A call this old was missed while the device slept; only harm is still called. */
const STALE_MS = 90_000;

const SAYS: Readonly<Record<Call['what'], (action: HandAction) => string>> = {
  opens: ({ number, action }) => wording.mayBeDoneNow(number, action),
  ideal: ({ number, action }) => wording.bestNow(number, action),
  soon: ({ number, action }) => wording.fiveMinutesLeft(number, action),
  risk: ({ number, action }) => wording.isAtRiskNow(number, action),
};
/** Beeps of each call: how many, how high in hertz. */
const BEEPS: Readonly<Record<Call['what'], readonly [count: number, hertz: number]>> = {
  opens: [1, 660],
  ideal: [2, 660],
  soon: [3, 880],
  risk: [5, 990],
};
const BEEP_S = 0.18;

let audio: AudioContext | null = null;

/** Beeps, where the browser has a sound; a browser without stays silent and the screen alone calls. */
function beep([count, hertz]: readonly [number, number]): void {
  try {
    audio ??= new AudioContext();
    for (let i = 0; i < count; i++) {
      const [tone, loud] = [audio.createOscillator(), audio.createGain()];
      const from = audio.currentTime + i * BEEP_S * 1.8;
      tone.frequency.value = hertz;
      loud.gain.setValueAtTime(0.25, from);
      loud.gain.exponentialRampToValueAtTime(0.001, from + BEEP_S);
      tone.connect(loud).connect(audio.destination);
      tone.start(from);
      tone.stop(from + BEEP_S);
    }
  } catch {
    // No sound here: what is written on the screen stands.
  }
}

/** Says something aloud, where the browser has a voice. */
export function speak(text: string): void {
  if (!('speechSynthesis' in globalThis) || typeof SpeechSynthesisUtterance === 'undefined') return;
  const said = new SpeechSynthesisUtterance(text);
  said.lang = 'en-GB';
  speechSynthesis.speak(said);
}

function notify(text: string): void {
  if (!('Notification' in globalThis) || Notification.permission !== 'granted') return;
  try {
    new Notification('Rendle', { body: text, tag: text });
  } catch {
    // Some browsers only notify through a worker; sound and screen remain.
  }
}

/** Whether this device calls out loud; asked for by a touch, as browsers want it. */
export function useAlarmSwitch(): { readonly on: boolean; readonly turn: () => Promise<void> } {
  const [on, setOn] = useState(false);
  useEffect(() => {
    const read = (): void => setOn(localStorage.getItem(KEY) === 'on');
    read();
    window.addEventListener(CHANGED, read);
    return () => window.removeEventListener(CHANGED, read);
  }, []);
  const turn = async (): Promise<void> => {
    localStorage.setItem(KEY, on ? 'off' : 'on');
    window.dispatchEvent(new Event(CHANGED));
    if (on) return;
    beep([1, 660]);
    // Refused or absent: sound and screen go on without it.
    if ('Notification' in globalThis && Notification.permission === 'default')
      await Notification.requestPermission().catch(() => undefined);
  };
  return { on, turn };
}

/** Calls out what becomes due and what is wrong; gives the last call, for the screen. Each is called once on this device. */
export function useAlarms(
  actions: readonly HandAction[],
  nowMs: number,
  troubles: readonly { readonly key: string; readonly text: string }[] = [],
): string {
  const { on } = useAlarmSwitch();
  const before = useRef(nowMs);
  const called = useRef(new Set<string>());
  const [last, setLast] = useState('');
  useEffect(() => {
    const from = before.current;
    before.current = nowMs;
    for (const action of actions)
      for (const call of callsOf(action)) {
        const key = `${action.batchId} ${action.task} ${call.what} ${call.at}`;
        const isDue = call.at > from - 1 && call.at <= nowMs && (nowMs - call.at < STALE_MS || call.what === 'risk');
        if (!isDue || called.current.has(key)) continue;
        called.current.add(key);
        const text = SAYS[call.what](action);
        setLast(text);
        if (!on) continue;
        beep(BEEPS[call.what]);
        speak(text);
        notify(text);
      }
  }, [actions, nowMs, on]);
  const stands = useRef(new Set<string>());
  useEffect(() => {
    for (const { key, text } of troubles) {
      if (stands.current.has(key) || !on) continue;
      beep(BEEPS.risk);
      speak(text);
      notify(text);
    }
    // What was put right and comes again is called again.
    stands.current = new Set(on ? troubles.map((one) => one.key) : []);
  }, [troubles, on]);
  return last;
}
