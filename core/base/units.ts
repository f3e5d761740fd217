/** Units that are not SI, in it: metres and kilograms, exact by their definitions. */
export const FT = 0.3048;
export const INCH = 0.0254;
export const YARD = 0.9144;
export const MILE = 1609.344;
export const POUND = 0.45359237;
export const OUNCE = POUND / 16;
