const COMPASS = ['north', 'north-east', 'east', 'south-east', 'south', 'south-west', 'west', 'north-west'] as const;

/** A direction in degrees from north, clockwise, by its nearest name of eight. */
export const directionName = (deg: number): string => COMPASS[((Math.round(deg / 45) % 8) + 8) % 8]!;
