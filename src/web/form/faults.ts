const inside = (at: unknown, part: string): unknown =>
  at !== null && typeof at === 'object' ? (at as Record<string, unknown>)[part] : undefined;

/** Whether a form shows a field of this path: `amount`, `lines.0.parts`, or an entry of a list by name that is not filled in yet, `materials.oil`. */
export function hasField(values: unknown, path: string): boolean {
  const parts = path.split('.');
  const last = parts.pop() ?? '';
  const container = parts.reduce(inside, values);
  if (container === null || typeof container !== 'object') return false;
  return parts.length > 0 ? !Array.isArray(container) || last in container : last !== '' && last in container;
}

/** Faults of the server as they are shown: those of a field at it, the rest above the button. */
export function placeFaults(
  values: unknown,
  faults: Readonly<Record<string, string>>,
): { readonly atFields: readonly (readonly [path: string, text: string])[]; readonly rest: readonly string[] } {
  const all = Object.entries(faults);
  return {
    atFields: all.filter(([path]) => hasField(values, path)),
    rest: all.filter(([path]) => !hasField(values, path)).map(([, text]) => text),
  };
}
