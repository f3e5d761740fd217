/** Lures that live on top. */
import { cm2, family, grams, mm, piece } from '../family';

export const SURFACE_FAMILIES = [
  family({
    id: 'hollow-frog', mode: 'surface', build: piece(0.7), dragAreaM2: cm2(8), weightKg: grams(9, 14, 21), lengthM: mm(45, 60, 75), depthM: [0, 0],
    speedMps: [0.08, 0.5], action: 0.5, thump: 0.45, rattle: 0.3, shapes: { frog: 1, 'deep-fish': 0.6, 'slender-fish': 0.5 }, hook: 'weedless', hooking: 0.5,
    coverReach: { pads: 1, 'matted-grass': 1, 'submerged-grass': 0.8, reeds: 0.7, wood: 0.5, brush: 0.5, dock: 0.5 },
    snag: { pads: 0.01, 'matted-grass': 0.02, reeds: 0.03, wood: 0.05, brush: 0.05, 'submerged-grass': 0.01 },
    tempC: { from: 17, soft: 1.8, neverBelow: 10 }, lowLight: 0.1, chopLimitM: 0.2, bulk: 0.3, styles: ['dead-stick', 'pop-rest', 'walk'],
  }),
  family({
    id: 'buzzbait', mode: 'surface', build: piece(0.95), dragAreaM2: cm2(9), weightKg: grams(7, 10.6, 14), lengthM: mm(70, 95, 120), depthM: [0, 0],
    speedMps: [0.6, 1.3], longestPauseS: 0, action: 0.95, thump: 0.7, rattle: 0.6, shapes: { 'deep-fish': 0.7, 'slender-fish': 0.5, frog: 0.6 }, hook: 'single', hooking: 0.55,
    coverReach: { pads: 0.45, reeds: 0.5, 'submerged-grass': 0.7, wood: 0.5, dock: 0.4 },
    snag: { pads: 0.12, 'matted-grass': 0.6, wood: 0.1, brush: 0.15, reeds: 0.1 },
    tempC: { from: 17, soft: 1.8, neverBelow: 10 }, lowLight: 0.16, chopLimitM: 0.22, bulk: 0.5, styles: ['steady', 'steady', 'steady'],
  }),
  family({
    id: 'popper', mode: 'surface', build: piece(0.8), dragAreaM2: cm2(7), weightKg: grams(5, 9, 18), lengthM: mm(45, 65, 95), depthM: [0, 0],
    speedMps: [0.06, 0.5], longestPauseS: 15, action: 0.7, thump: 0.55, rattle: 0.75, shapes: { 'deep-fish': 0.8, 'slender-fish': 0.75, frog: 0.7, insect: 0.4 }, hook: 'treble', hooking: 0.55,
    coverReach: { dock: 0.6, reeds: 0.4, wood: 0.45, pads: 0.3 },
    tempC: { from: 13.5, soft: 1.5, neverBelow: 8 }, lowLight: 0.15, chopLimitM: 0.16, bulk: 0.4, styles: ['pop-rest', 'pop-rest', 'pop-rest'],
  }),
  family({
    id: 'walking-bait', mode: 'surface', build: piece(0.8), dragAreaM2: cm2(5), weightKg: grams(8, 13, 24), lengthM: mm(75, 100, 130), depthM: [0, 0],
    speedMps: [0.2, 0.8], longestPauseS: 6, action: 0.75, thump: 0.45, rattle: 0.65, shapes: { 'deep-fish': 0.8, 'slender-fish': 1 }, hook: 'treble', hooking: 0.58,
    coverReach: { dock: 0.5, wood: 0.4, pads: 0.25, reeds: 0.35 },
    tempC: { from: 14, soft: 1.6, neverBelow: 8 }, lowLight: 0.16, chopLimitM: 0.15, bulk: 0.2, styles: ['walk', 'walk', 'walk'],
  }),
  family({
    id: 'prop-bait', mode: 'surface', build: piece(0.8), dragAreaM2: cm2(6), weightKg: grams(6, 10, 16), lengthM: mm(60, 85, 110), depthM: [0, 0],
    speedMps: [0.1, 0.7], longestPauseS: 12, action: 0.65, thump: 0.5, rattle: 0.6, flash: 0.35, shapes: { 'deep-fish': 0.7, 'slender-fish': 0.8, insect: 0.3 }, hook: 'treble', hooking: 0.56,
    coverReach: { dock: 0.55, wood: 0.45, reeds: 0.4, pads: 0.25 },
    tempC: { from: 14, soft: 1.6, neverBelow: 8 }, lowLight: 0.13, chopLimitM: 0.12, bulk: 0.35, styles: ['stop-and-go', 'stop-and-go', 'steady'],
  }),
] as const;
