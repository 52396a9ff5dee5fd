/// <reference lib="webworker" />

/** What a worklet's own scope has, as far as it is used here. */
declare class AudioWorkletProcessor {
  readonly port: MessagePort;
}
declare const registerProcessor: (name: string, of: new () => AudioWorkletProcessor) => void;
declare const currentTime: number;

/** So many quanta of 128 samples make one level: about five milliseconds. */
const QUANTA = 2;

/** Hears how loud it is, and says nothing else: no sound leaves the device, none is kept. */
class Levels extends AudioWorkletProcessor {
  private peak = 0;
  private quanta = 0;

  process(inputs: readonly (readonly Float32Array[])[]): boolean {
    for (const sample of inputs[0]?.[0] ?? []) this.peak = Math.max(this.peak, Math.abs(sample));
    this.quanta += 1;
    if (this.quanta >= QUANTA) {
      this.port.postMessage({ atMs: currentTime * 1000, peak: this.peak });
      this.peak = 0;
      this.quanta = 0;
    }
    return true;
  }
}

registerProcessor('levels', Levels);
