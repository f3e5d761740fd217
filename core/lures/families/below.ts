/**
 * Lures that are not cast: worked straight down below a boat or through ice, and towed behind. The six for ice go from the loudest to the quietest.
 * prior: judgement.
 */
import { cm2, family, grams, head, mm, piece } from '../family';

export const BELOW_FAMILIES = [
  family({
    id: 'ice-lipless', mode: 'vertical', forIce: true, build: piece(1.9), dragAreaM2: cm2(3.6), weightKg: grams(4, 8, 14), lengthM: mm(32, 50, 65), depthM: [0.8, 15],
    speedMps: [0.1, 0.6], longestPauseS: 6, action: 0.9, thump: 0.75, rattle: 0.9, flash: 0.5, shapes: { 'deep-fish': 0.9, 'slender-fish': 0.6 }, hook: 'treble', styles: ['yo-yo', 'yo-yo', 'yo-yo'],
  }),
  family({
    id: 'ice-gliding-jig', mode: 'vertical', forIce: true, build: piece(4.2), dragAreaM2: cm2(2.6), weightKg: grams(4, 9, 18), lengthM: mm(25, 50, 75), depthM: [0.8, 18],
    speedMps: [0.1, 0.6], longestPauseS: 8, action: 0.74, thump: 0.5, rattle: 0.3, flash: 0.5, shapes: { 'slender-fish': 0.9, 'deep-fish': 0.7 }, hook: 'treble', styles: ['yo-yo', 'yo-yo', 'yo-yo'],
  }),
  family({
    id: 'ice-rattle-spoon', mode: 'vertical', forIce: true, build: piece(6), dragAreaM2: cm2(1.6), weightKg: grams(2, 6, 11), lengthM: mm(22, 40, 55), depthM: [0.8, 20],
    speedMps: [0.05, 0.5], action: 0.58, thump: 0.2, rattle: 0.6, flash: 0.7, shapes: { 'slender-fish': 0.9, 'deep-fish': 0.6 }, hook: 'treble', styles: ['shake', 'yo-yo', 'yo-yo'],
  }),
  family({
    id: 'ice-flutter-spoon', mode: 'vertical', forIce: true, build: piece(5), dragAreaM2: cm2(2.6), weightKg: grams(1.8, 4, 9), lengthM: mm(22, 42, 60), depthM: [0.8, 15],
    speedMps: [0.05, 0.45], action: 0.44, thump: 0.15, flash: 0.9, shapes: { 'slender-fish': 0.9, 'deep-fish': 0.7 }, hook: 'treble', styles: ['yo-yo', 'yo-yo', 'yo-yo'],
  }),
  family({
    id: 'ice-slender-spoon', mode: 'vertical', forIce: true, build: piece(7), dragAreaM2: cm2(1), weightKg: grams(1.5, 4, 9), lengthM: mm(18, 38, 55), depthM: [0.8, 20],
    speedMps: [0.02, 0.35], action: 0.26, thump: 0.05, flash: 0.6, shapes: { 'slender-fish': 1, insect: 0.4 }, hook: 'treble', styles: ['shake', 'shake', 'yo-yo'],
  }),
  family({
    id: 'ice-dead-stick', mode: 'vertical', forIce: true, build: head(2), dragAreaM2: cm2(1.4), weightKg: grams(0.9, 2.2, 5.3), lengthM: mm(22, 48, 70), depthM: [0.5, 15],
    speedMps: [0, 0.1], action: 0.06, thump: 0, flash: 0.15, shapes: { 'slender-fish': 1, 'deep-fish': 0.6 }, hook: 'single', hooking: 0.6, styles: ['dead-stick', 'dead-stick', 'dead-stick'],
  }),
  family({
    id: 'vertical-metal-jig', mode: 'vertical', build: piece(8), dragAreaM2: cm2(3.2), weightKg: grams(14, 40, 120), lengthM: mm(50, 85, 140), depthM: [4, 60],
    speedMps: [0.15, 1], longestPauseS: 10, action: 0.55, thump: 0.15, flash: 0.9, shapes: { 'slender-fish': 1, 'deep-fish': 0.7 }, hook: 'single', hooking: 0.66,
    coverReach: { rock: 0.8, wood: 0.3 }, snag: { rock: 0.06, wood: 0.25, brush: 0.35 }, bulk: 0, styles: ['yo-yo', 'yo-yo', 'yo-yo'],
  }),
  family({
    id: 'towed-plug', mode: 'tow', build: piece(0.9), dragAreaM2: cm2(9), liftAreaM2: cm2(5), weightKg: grams(12, 28, 90), lengthM: mm(70, 115, 200), depthM: [0.6, 10],
    speedMps: [0.8, 2.8], longestPauseS: 1, action: 0.8, thump: 0.7, rattle: 0.5, flash: 0.5, shapes: { 'slender-fish': 0.9, 'deep-fish': 0.9 }, hook: 'treble', styles: ['steady', 'steady', 'steady'],
  }),
  family({
    id: 'towed-natural-bait', mode: 'tow', build: head(18), dragAreaM2: cm2(6), weightKg: grams(20, 60, 170), lengthM: mm(80, 130, 220), depthM: [1, 30],
    speedMps: [0.25, 1], longestPauseS: 4, action: 0.3, thump: 0.3, flash: 0.6, shapes: { 'slender-fish': 1, 'deep-fish': 1 }, hook: 'treble', hooking: 0.66, styles: ['steady', 'steady', 'steady'],
  }),
] as const;
