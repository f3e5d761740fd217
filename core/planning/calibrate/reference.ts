/** The run that a lip is told by; by itself, as a page says it without the simulator. m, m/s. */
export const REFERENCE_RUN = { castM: 25, speedMps: 1 } as const;
