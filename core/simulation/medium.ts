/** The water and the air a line and a lure move through: their surface, and what the bottom does to what touches it. */
export const GRAVITY = 9.81;
/** Air at 15 °C: density, kg/m³, and kinematic viscosity, m²/s. */
export const AIR = { densityKgM3: 1.225, viscosityM2s: 1.5e-5 } as const;

/** The surface is taken as a ramp this far up and down, m, for lines and lures; a float brings its own. */
export const RAMP_M = 0.01;

/** Share of a small body under water: 1 below the ramp, 0 above it. */
export const wetness = (z: number, rampM = RAMP_M): number =>
  z <= -rampM ? 1 : z >= rampM ? 0 : 0.5 - z / (2 * rampM);

/**
 * Contact with the bottom: stiffness of a lure and of a line node, N/m; friction on sand, and of a lip that digs; below
 * the creep speed, m/s, friction falls to nothing (so that things lie still without chatter). prior: judgement.
 */
export const FLOOR = { lureNpm: 60, lineNpm: 1, friction: 0.35, digging: 0.6, creepMps: 0.01 } as const;

/** Roughness of open water to the wind, m, and the height at which wind is told. */
const ROUGHNESS_M = 2e-4;
const TOLD_AT_M = 10;
const TOLD = Math.log1p(TOLD_AT_M / ROUGHNESS_M);
/**
 * Wind at a height over the water as a share of the wind that is told (10 m up): logarithmic, nothing at the surface,
 * 0.6 at 10 cm, 0.8 at 1 m.
 */
export const windShare = (z: number): number => (z <= 0 ? 0 : Math.log1p(z / ROUGHNESS_M) / TOLD);
