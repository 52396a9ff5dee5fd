'use client';

import { useEffect, useRef, useState } from 'react';
import { type Knocked, type KnockTune, knockReader, type Level, TUNE, tuneOf } from '@/core/hands';

const KEY = 'rendle-knocks';

/** Whether the microphone can be asked here, and why not. */
export type Microphone = 'asked' | 'not-secure' | 'reload' | 'refused' | 'listening' | 'off' | 'tuning' | 'unlike';

type PolicyHolder = { readonly featurePolicy?: { readonly allowsFeature: (name: string) => boolean } };

/** A page that was come to from another one keeps that one's permissions: it is loaded anew first. */
const isBarred = (): boolean => (document as unknown as PolicyHolder).featurePolicy?.allowsFeature('microphone') === false;

const keptTune = (): KnockTune | null => {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(KEY) ?? 'null');
    const { least, most } = (kept ?? {}) as Partial<KnockTune>;
    return typeof least === 'number' && typeof most === 'number' ? { least, most } : null;
  } catch {
    return null;
  }
};

type Ear = { readonly stop: () => void };

/** Opens the microphone and hands on how loud it is; nothing is kept, and nothing but levels is looked at. */
async function listen(onLevel: (level: Level) => void): Promise<Ear> {
  const stream = await navigator.mediaDevices.getUserMedia({
    audio: { echoCancellation: false, noiseSuppression: false, autoGainControl: false },
  });
  const audio = new AudioContext();
  await audio.audioWorklet.addModule('/knocks.js');
  const levels = new AudioWorkletNode(audio, 'levels');
  levels.port.onmessage = (event: MessageEvent<Level>) => onLevel(event.data);
  audio.createMediaStreamSource(stream).connect(levels);
  await audio.resume();
  return {
    stop: () => {
      for (const track of stream.getTracks()) track.stop();
      void audio.close();
    },
  };
}

/** Two knocks record, three take back: off unless it was asked for on this device, and tuned by three test knocks. */
export function useKnocks(onCall: (call: Knocked) => void): {
  readonly state: Microphone;
  /** Test knocks heard so far. */
  readonly heard: number;
  readonly turnOn: () => void;
  readonly turnOff: () => void;
} {
  const [state, setState] = useState<Microphone>('off');
  const [heard, setHeard] = useState(0);
  const ear = useRef<Ear | null>(null);
  const call = useRef(onCall);
  call.current = onCall;

  const stop = (): void => {
    ear.current?.stop();
    ear.current = null;
  };
  const open = async (onLevel: (level: Level) => void, then: Microphone): Promise<void> => {
    stop();
    try {
      ear.current = await listen(onLevel);
      setState(then);
    } catch {
      setState('refused');
    }
  };
  const hear = (tune: KnockTune): Promise<void> => {
    const reader = knockReader(tune);
    return open((level) => {
      const { call: made } = reader.push(level);
      if (made) call.current(made);
    }, 'listening');
  };
  const tuneIt = (): Promise<void> => {
    const reader = knockReader(null);
    let peaks: number[] = [];
    setHeard(0);
    return open((level) => {
      const { knock } = reader.push(level);
      if (knock === null || peaks.length >= TUNE.knocks) return;
      peaks = [...peaks, knock];
      setHeard(peaks.length);
      if (peaks.length < TUNE.knocks) return;
      const tune = tuneOf(peaks);
      if (!tune) {
        stop();
        return setState('unlike');
      }
      localStorage.setItem(KEY, JSON.stringify(tune));
      void hear(tune);
    }, 'tuning');
  };
  const start = useRef<() => void>(() => undefined);
  start.current = () => {
    const tune = keptTune();
    if (tune && globalThis.isSecureContext && !isBarred()) void hear(tune);
  };
  useEffect(() => {
    // What was asked for on this device before is asked for still.
    start.current();
    return () => {
      ear.current?.stop();
      ear.current = null;
    };
  }, []);
  return {
    state,
    heard,
    turnOn: () => {
      if (!globalThis.isSecureContext) return setState('not-secure');
      if (isBarred()) {
        setState('reload');
        return location.reload();
      }
      setState('asked');
      void tuneIt();
    },
    turnOff: () => {
      stop();
      localStorage.removeItem(KEY);
      setState('off');
    },
  };
}
