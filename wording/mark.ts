/** This place, marked by one touch: what Strikes says of it. */
export const MARK = {
  title: 'Mark this place',
  pin: (spot: string): string => `Pin it at ${spot}`,
  asking: 'Asking the device where it is…',
  name: (day: string, clock: string) => `Mark of ${day}, ${clock}`,
  done: (name: string) => `Kept as “${name}”. The day goes on there.`,
  more: 'Say what is there',
  byHand: 'Put it in by hand',
} as const;
