/** Lures that swim at a depth: minnows, cranks, blades, spoons, spinners, bladed and swimming jigs. */
import { cm2, family, grams, head, mm, piece } from '../family';

export const SWIMMING_FAMILIES = [
  family({
    id: 'soft-jerk-weightless', mode: 'swim', build: piece(1.08), dragAreaM2: cm2(2.5), weightKg: grams(5, 8, 14), lengthM: mm(75, 115, 150), depthM: [0.05, 1.5],
    speedMps: [0.06, 0.5], action: 0.25, thump: 0.05, shapes: { 'slender-fish': 1, 'deep-fish': 0.6, worm: 0.5 }, hook: 'weedless', weedlessToo: true,
    coverReach: { pads: 0.5, reeds: 0.7, 'submerged-grass': 0.7, wood: 0.6, dock: 0.7, brush: 0.4, 'matted-grass': 0.2, oyster: 0.6, rock: 0.6 },
    snag: { wood: 0.05, brush: 0.06, pads: 0.04, oyster: 0.05, 'submerged-grass': 0.03, 'matted-grass': 0.12, reeds: 0.03 }, bulk: 0.3, soft: true, styles: ['dead-stick', 'twitch-pause', 'twitch-pause'],
  }),
  family({
    id: 'floating-minnow', mode: 'swim', build: piece(0.85), dragAreaM2: cm2(3.5), liftAreaM2: cm2(1.2), weightKg: grams(5, 11, 28), lengthM: mm(70, 110, 170), depthM: [0.1, 0.9],
    speedMps: [0.15, 1], longestPauseS: 6, action: 0.45, thump: 0.3, flash: 0.4, shapes: { 'slender-fish': 1, 'deep-fish': 0.5 }, hook: 'treble', lowLight: 0.1, bulk: 0.4,
    styles: ['steady', 'stop-and-go', 'steady'],
  }),
  family({
    id: 'suspending-jerkbait', mode: 'swim', build: piece(1), dragAreaM2: cm2(4), liftAreaM2: cm2(2.2), weightKg: grams(6, 11, 18), lengthM: mm(70, 100, 120), depthM: [0.4, 2],
    speedMps: [0.05, 0.9], action: 0.4, thump: 0.15, rattle: 0.2, flash: 0.6, shapes: { 'slender-fish': 1, 'deep-fish': 0.8 }, hook: 'treble',
    tempC: { to: 21, soft: 3 }, styles: ['twitch-pause', 'twitch-pause', 'twitch-pause'],
  }),
  family({
    id: 'sinking-twitchbait', mode: 'swim', build: piece(1.12), dragAreaM2: cm2(3), weightKg: grams(10, 16, 22), lengthM: mm(70, 85, 110), depthM: [0.2, 2],
    speedMps: [0.08, 0.7], action: 0.35, thump: 0.1, flash: 0.45, shapes: { 'slender-fish': 1, 'deep-fish': 0.8 }, hook: 'treble', bulk: 0.05, styles: ['twitch-pause', 'twitch-pause', 'twitch-pause'],
  }),
  family({
    id: 'lipless-vibrating', mode: 'swim', build: piece(1.7), dragAreaM2: cm2(4), weightKg: grams(7, 14, 21), lengthM: mm(50, 65, 75), depthM: [0.4, 5],
    speedMps: [0.3, 1.3], longestPauseS: 3, action: 0.85, thump: 0.7, rattle: 0.85, flash: 0.5, shapes: { 'deep-fish': 1, 'slender-fish': 0.6, craw: 0.4 }, hook: 'treble',
    coverReach: { 'submerged-grass': 0.8, rock: 0.5 }, snag: { wood: 0.6, brush: 0.65, pads: 0.6, 'submerged-grass': 0.2, oyster: 0.45, rock: 0.15, dock: 0.15, reeds: 0.45, 'matted-grass': 0.8 },
    bulk: 0.05, deflects: { 'submerged-grass': 0.7, rock: 0.3, bottom: 0.3 }, styles: ['yo-yo', 'yo-yo', 'steady'],
  }),
  family({
    id: 'square-bill', mode: 'swim', build: piece(0.84), dragAreaM2: cm2(5), liftAreaM2: cm2(2.4), weightKg: grams(7, 12, 16), lengthM: mm(45, 60, 70), depthM: [0.3, 1.7],
    speedMps: [0.45, 1.3], longestPauseS: 3, action: 0.75, thump: 0.75, rattle: 0.4, flash: 0.35, shapes: { 'deep-fish': 0.9, craw: 0.8 }, hook: 'treble',
    coverReach: { wood: 0.7, rock: 0.75, dock: 0.45, brush: 0.35, 'submerged-grass': 0.4 }, snag: { wood: 0.14, brush: 0.28, pads: 0.6, rock: 0.07, 'submerged-grass': 0.2, oyster: 0.25, reeds: 0.4 },
    bulk: 0.3, deflects: { wood: 1, brush: 0.6, rock: 1, dock: 0.6, bottom: 0.8 }, styles: ['steady', 'steady', 'burn-kill'],
  }),
  family({
    id: 'deep-crank', mode: 'swim', build: piece(0.87), dragAreaM2: cm2(11), liftAreaM2: cm2(10), weightKg: grams(10, 17, 28), lengthM: mm(55, 70, 85), depthM: [1.4, 4.1],
    speedMps: [0.5, 1.3], longestPauseS: 3, action: 0.75, thump: 0.85, rattle: 0.5, flash: 0.3, shapes: { 'deep-fish': 1, craw: 0.5 }, hook: 'treble',
    coverReach: { rock: 0.6, wood: 0.45 }, snag: { wood: 0.25, brush: 0.35, pads: 0.7, 'submerged-grass': 0.4, rock: 0.08, oyster: 0.3, reeds: 0.5 }, bulk: 0.3, deflects: { wood: 0.7, rock: 1, bottom: 1 }, styles: ['steady', 'stop-and-go', 'steady'],
  }),
  family({
    id: 'bladed-jig', mode: 'swim', build: head(7), dragAreaM2: cm2(7), weightKg: grams(7, 10.6, 21), lengthM: mm(75, 95, 115), depthM: [0.3, 3],
    speedMps: [0.35, 1.1], longestPauseS: 2, action: 0.8, thump: 1, rattle: 0.25, flash: 0.35, shapes: { 'deep-fish': 1, craw: 0.5, 'slender-fish': 0.5 }, hook: 'single', trailers: true,
    coverReach: { 'submerged-grass': 0.85, reeds: 0.6, wood: 0.45, dock: 0.45, pads: 0.12, rock: 0.5 }, snag: { 'submerged-grass': 0.06, wood: 0.18, brush: 0.3, pads: 0.32, 'matted-grass': 0.7, oyster: 0.2, rock: 0.08, reeds: 0.12 },
    bulk: 0.25, deflects: { 'submerged-grass': 0.6, wood: 0.4, reeds: 0.4 }, soft: true, styles: ['steady', 'bump', 'bump'],
  }),
  family({
    id: 'spinnerbait', mode: 'swim', build: head(5, 1.05), dragAreaM2: cm2(11), weightKg: grams(7, 10.6, 21), lengthM: mm(60, 90, 110), depthM: [0.2, 4],
    speedMps: [0.35, 1.1], longestPauseS: 2, action: 0.7, thump: 0.9, flash: 1, shapes: { 'deep-fish': 1, 'slender-fish': 0.7 }, hook: 'single', trailers: true,
    coverReach: { wood: 0.5, reeds: 0.5, 'submerged-grass': 0.6, dock: 0.35, brush: 0.4, pads: 0.2, rock: 0.5 }, snag: { wood: 0.06, brush: 0.1, pads: 0.14, 'submerged-grass': 0.08, oyster: 0.15, 'matted-grass': 0.5 },
    bulk: 0.45, deflects: { wood: 0.4, brush: 0.3, reeds: 0.3 }, styles: ['steady', 'steady', 'bump'],
  }),
  family({
    id: 'inline-spinner', mode: 'swim', build: piece(3.5), dragAreaM2: cm2(5), weightKg: grams(2, 6, 12), lengthM: mm(25, 50, 75), depthM: [0.2, 3],
    speedMps: [0.3, 0.9], longestPauseS: 1.5, action: 0.55, thump: 0.6, flash: 0.9, shapes: { 'slender-fish': 0.8, 'deep-fish': 0.6, insect: 0.3 }, hook: 'treble',
    bulk: 0.15, styles: ['steady', 'steady', 'steady'],
  }),
  family({
    id: 'swim-jig', mode: 'swim', build: head(8), dragAreaM2: cm2(8), weightKg: grams(7, 10.6, 14), lengthM: mm(75, 100, 120), depthM: [0.3, 3],
    speedMps: [0.3, 1], longestPauseS: 2, action: 0.5, thump: 0.4, shapes: { 'deep-fish': 1, 'slender-fish': 0.7 }, hook: 'weedless', weedlessToo: true, hooking: 0.66, trailers: true,
    coverReach: { pads: 0.75, 'submerged-grass': 0.85, reeds: 0.8, wood: 0.5, dock: 0.6, 'matted-grass': 0.3, brush: 0.4, rock: 0.5 }, snag: { pads: 0.05, 'submerged-grass': 0.03, wood: 0.07, brush: 0.1, reeds: 0.04, 'matted-grass': 0.3 },
    tempC: { from: 11, soft: 3 }, bulk: 0.3, soft: true, styles: ['steady', 'bump', 'bump'],
  }),
  family({
    id: 'paddletail', mode: 'swim', build: head(8), dragAreaM2: cm2(3), weightKg: grams(3.5, 7, 28), lengthM: mm(45, 90, 130), depthM: [0.2, 8],
    speedMps: [0.2, 1.1], longestPauseS: 4, action: 0.45, thump: 0.45, shapes: { 'slender-fish': 1, 'deep-fish': 0.85 }, hook: 'single', weedlessToo: true,
    coverReach: { 'submerged-grass': 0.7, oyster: 0.75, reeds: 0.5, pads: 0.4, dock: 0.5, wood: 0.4, rock: 0.65, brush: 0.4 }, snag: { 'submerged-grass': 0.05, oyster: 0.07, pads: 0.1, wood: 0.08, brush: 0.1, rock: 0.05, 'matted-grass': 0.3 },
    bulk: 0.1, soft: true, styles: ['steady', 'bump', 'steady'],
  }),
  family({
    id: 'blade-bait', mode: 'swim', build: piece(5), dragAreaM2: cm2(3.5), weightKg: grams(5, 11, 18), lengthM: mm(35, 50, 65), depthM: [1.2, 12],
    speedMps: [0.04, 0.8], longestPauseS: 12, action: 0.4, thump: 0.7, flash: 0.5, shapes: { 'deep-fish': 1, 'slender-fish': 0.6 }, hook: 'treble',
    coverReach: { rock: 0.5 }, snag: { wood: 0.5, brush: 0.6, pads: 0.7, 'submerged-grass': 0.4, oyster: 0.5, rock: 0.16, reeds: 0.5, dock: 0.2 },
    tempC: { to: 12, soft: 2.5 }, bulk: 0, deflects: { bottom: 0.3 }, styles: ['yo-yo', 'yo-yo', 'yo-yo'],
  }),
  family({
    id: 'casting-spoon', mode: 'swim', build: piece(7), dragAreaM2: cm2(6), weightKg: grams(5, 14, 85), lengthM: mm(35, 65, 110), depthM: [0.3, 12],
    speedMps: [0.25, 1.6], longestPauseS: 3, action: 0.6, thump: 0.6, flash: 1, shapes: { 'deep-fish': 0.8, 'slender-fish': 0.8, 'shrimp': 0.3 }, hook: 'single', weedlessToo: true,
    coverReach: { 'submerged-grass': 0.55, rock: 0.6, oyster: 0.5 }, snag: { rock: 0.1, 'submerged-grass': 0.08, oyster: 0.12, wood: 0.25, brush: 0.3, pads: 0.3 },
    bulk: 0, styles: ['stop-and-go', 'steady', 'stop-and-go'],
  }),
  family({
    id: 'panfish-jig-straight', mode: 'float', build: head(1), dragAreaM2: cm2(0.8), weightKg: grams(0.9, 1.8, 5.3), lengthM: mm(25, 38, 50), depthM: [0.3, 12],
    speedMps: [0.005, 0.25], action: 0.08, thump: 0, shapes: { 'slender-fish': 1, insect: 0.9, 'deep-fish': 0.6 }, hook: 'single', hooking: 0.66,
    coverReach: { brush: 0.75, wood: 0.75, dock: 0.85, reeds: 0.7, 'submerged-grass': 0.5, pads: 0.4, rock: 0.6 }, snag: { brush: 0.1, wood: 0.1, pads: 0.15, 'submerged-grass': 0.1, rock: 0.05 },
    bulk: 0.2, soft: true, styles: ['dead-stick', 'stop-and-go', 'stop-and-go'],
  }),
  family({
    id: 'panfish-jig-action', mode: 'swim', build: head(1.3), dragAreaM2: cm2(1.1), weightKg: grams(0.9, 1.8, 5.3), lengthM: mm(28, 40, 55), depthM: [0.3, 12],
    speedMps: [0.12, 0.6], longestPauseS: 2, action: 0.45, thump: 0.35, shapes: { 'slender-fish': 1, 'deep-fish': 0.8, insect: 0.5 }, hook: 'single', hooking: 0.66,
    coverReach: { brush: 0.7, wood: 0.7, dock: 0.8, reeds: 0.65, 'submerged-grass': 0.5, pads: 0.4, rock: 0.6 }, snag: { brush: 0.1, wood: 0.1, pads: 0.15, 'submerged-grass': 0.1, rock: 0.05 },
    bulk: 0.2, soft: true, styles: ['stop-and-go', 'steady', 'steady'],
  }),
  family({
    id: 'slender-metal', mode: 'swim', build: piece(6), dragAreaM2: cm2(3), weightKg: grams(14, 35, 85), lengthM: mm(70, 110, 160), depthM: [0.3, 10],
    speedMps: [0.35, 1.8], longestPauseS: 2, action: 0.5, thump: 0.3, flash: 0.9, shapes: { 'slender-fish': 1, 'deep-fish': 0.35 }, hook: 'single',
    coverReach: { rock: 0.6, 'submerged-grass': 0.35, oyster: 0.4 }, snag: { rock: 0.1, 'submerged-grass': 0.15, oyster: 0.15, wood: 0.3, brush: 0.4, pads: 0.5 },
    bulk: 0, styles: ['steady', 'stop-and-go', 'steady'],
  }),
  family({
    id: 'bucktail-jig', mode: 'swim', build: head(3, 1.02), dragAreaM2: cm2(5), weightKg: grams(7, 28, 85), lengthM: mm(60, 95, 140), depthM: [0.4, 10],
    speedMps: [0.15, 1], longestPauseS: 3, action: 0.35, thump: 0.2, flash: 0.3, shapes: { 'slender-fish': 1, 'deep-fish': 0.6, shrimp: 0.5 }, hook: 'single', trailers: true,
    coverReach: { rock: 0.7, 'submerged-grass': 0.4, oyster: 0.5, dock: 0.4 }, snag: { rock: 0.09, oyster: 0.14, 'submerged-grass': 0.15, wood: 0.2, brush: 0.28, pads: 0.4 },
    bulk: 0.15, styles: ['steady', 'bump', 'bump'],
  }),
  family({
    id: 'big-swimbait', mode: 'swim', build: piece(1.06), dragAreaM2: cm2(14), weightKg: grams(40, 70, 110), lengthM: mm(150, 190, 250), depthM: [0.2, 4],
    speedMps: [0.08, 0.9], longestPauseS: 6, action: 0.4, thump: 0.55, flash: 0.3, shapes: { 'deep-fish': 1, 'slender-fish': 0.5 }, hook: 'treble',
    coverReach: { dock: 0.4, wood: 0.35, rock: 0.5, 'submerged-grass': 0.4 }, snag: { wood: 0.3, brush: 0.4, pads: 0.5, 'submerged-grass': 0.2, rock: 0.1, oyster: 0.3 },
    tempC: { from: 8, soft: 2 }, bulk: 0.7, styles: ['steady', 'steady', 'stop-and-go'],
  }),
  family({
    id: 'small-swimbait', mode: 'swim', build: head(3), dragAreaM2: cm2(2), weightKg: grams(1.8, 3.5, 7), lengthM: mm(45, 65, 85), depthM: [0.2, 3],
    speedMps: [0.12, 0.7], longestPauseS: 5, action: 0.3, thump: 0.2, flash: 0.2, shapes: { 'slender-fish': 1, 'deep-fish': 0.6 }, hook: 'single',
    coverReach: { rock: 0.55, dock: 0.45, 'submerged-grass': 0.35, wood: 0.3 }, snag: { 'submerged-grass': 0.15, wood: 0.15, brush: 0.2, pads: 0.3, rock: 0.07, oyster: 0.15 },
    bulk: 0.15, soft: true, styles: ['steady', 'steady', 'stop-and-go'],
  }),
] as const;
