/** Remembers what was worked out by its name; of more than so many the oldest is given up. */
export function keeper<T>(max: number): (key: string, make: () => T) => T {
  const kept = new Map<string, T>();
  return (key, make) => {
    const known = kept.get(key);
    if (known !== undefined) return known;
    const made = make();
    kept.set(key, made);
    if (kept.size > max) kept.delete(kept.keys().next().value!);
    return made;
  };
}
