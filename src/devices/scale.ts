/** What a scale says: grams after tare, and whether the reading has come to rest. */
export type ScaleReading = { readonly grams: number; readonly stable: boolean; readonly atMs: number };

/** A scale as the pour uses it. `follow` reports readings until the returned function is called. */
export type ScalePort = {
  readonly name: string;
  readonly follow: (onReading: (reading: ScaleReading) => void) => () => void;
};

/** The scale that is read by eye: what is typed is what it says. Always there beside any other. */
export function typedScale(): ScalePort & { readonly say: (grams: number, atMs: number) => void } {
  const followers = new Set<(reading: ScaleReading) => void>();
  return {
    name: 'typed',
    follow: (onReading) => {
      followers.add(onReading);
      return () => followers.delete(onReading);
    },
    say: (grams, atMs) => {
      for (const follower of followers) follower({ grams, stable: true, atMs });
    },
  };
}
