'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { useCamera as wording } from '@/messages/screens/bench';

type Detector = { readonly detect: (from: HTMLVideoElement) => Promise<readonly { readonly rawValue: string }[]> };
type DetectorMaker = new (options: { readonly formats: readonly string[] }) => Detector;

const LOOK_EVERY_MS = 250;

/** Reads codes through the browser's own detector; `absent` says why there is none, and the typed way stays open. */
export function useCamera(onCode: (code: string) => void): {
  readonly video: React.RefObject<HTMLVideoElement | null>;
  readonly on: boolean;
  readonly absent: string;
  readonly start: () => Promise<void>;
  readonly stop: () => void;
} {
  const video = useRef<HTMLVideoElement>(null);
  const stream = useRef<MediaStream | null>(null);
  const told = useRef(onCode);
  told.current = onCode;
  const [on, setOn] = useState(false);
  const [absent, setAbsent] = useState('');
  const stop = useCallback(() => {
    for (const track of stream.current?.getTracks() ?? []) track.stop();
    stream.current = null;
    setOn(false);
  }, []);
  const start = useCallback(async () => {
    const Maker = (globalThis as { readonly BarcodeDetector?: DetectorMaker }).BarcodeDetector;
    if (!Maker || !navigator.mediaDevices) return setAbsent(wording.thisBrowserReadsNo);
    try {
      stream.current = await navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment' } });
      setAbsent('');
      setOn(true);
    } catch {
      setAbsent(wording.theCameraIsNot);
    }
  }, []);
  useEffect(() => {
    const Maker = (globalThis as { readonly BarcodeDetector?: DetectorMaker }).BarcodeDetector;
    const screen = video.current;
    if (!on || !Maker || !screen) return;
    const detector = new Maker({ formats: ['qr_code'] });
    screen.srcObject = stream.current;
    void screen.play().catch(() => undefined);
    const timer = setInterval(() => {
      void detector.detect(screen).then(
        (found) => {
          for (const { rawValue } of found) told.current(rawValue);
        },
        () => undefined,
      );
    }, LOOK_EVERY_MS);
    return () => clearInterval(timer);
  }, [on]);
  useEffect(() => stop, [stop]);
  return { video, on, absent, start, stop };
}
