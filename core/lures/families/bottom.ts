/** Lures that work along the bottom or down through cover, and the bait below a float. */
import { cm2, family, grams, head, mm } from '../family';

export const BOTTOM_FAMILIES = [
  family({
    id: 'flipping-jig', mode: 'bottom', build: head(11), dragAreaM2: cm2(6.7), weightKg: grams(7, 10.6, 28), lengthM: mm(75, 100, 120), depthM: [0, 6],
    speedMps: [0.03, 0.3], action: 0.32, thump: 0.15, rattle: 0.3, shapes: { craw: 1, 'deep-fish': 0.6 }, hook: 'weedless', weedlessToo: true, hooking: 0.7, trailers: true,
    coverReach: { wood: 1, brush: 0.85, dock: 0.95, reeds: 1, pads: 0.75, 'matted-grass': 0.8, 'submerged-grass': 0.6, rock: 0.7 }, snag: { wood: 0.07, brush: 0.09, reeds: 0.03, rock: 0.1, oyster: 0.15, pads: 0.05, 'submerged-grass': 0.06, 'matted-grass': 0.1 },
    bulk: 0.35, soft: true, styles: ['dead-stick', 'hop', 'hop'],
  }),
  family({
    id: 'texas-rig', mode: 'bottom', build: head(9), dragAreaM2: cm2(3.5), weightKg: grams(3.5, 10.6, 28), lengthM: mm(75, 105, 180), depthM: [0, 8],
    speedMps: [0.03, 0.3], action: 0.2, thump: 0.05, shapes: { worm: 1, craw: 0.9, 'slender-fish': 0.5, 'deep-fish': 0.4 }, hook: 'weedless', weedlessToo: true, hooking: 0.62, trailers: false, sliding: true,
    coverReach: { wood: 0.95, brush: 0.9, dock: 0.9, reeds: 0.95, pads: 0.9, 'matted-grass': 0.85, 'submerged-grass': 0.85, rock: 0.7 }, snag: { wood: 0.04, brush: 0.05, reeds: 0.02, rock: 0.08, oyster: 0.12, pads: 0.03, 'submerged-grass': 0.03, 'matted-grass': 0.06 },
    bulk: 0.15, soft: true, styles: ['drag', 'hop', 'hop'],
  }),
  family({
    id: 'finesse-jig', mode: 'bottom', build: head(5), dragAreaM2: cm2(3), weightKg: grams(3.5, 5.3, 10.6), lengthM: mm(50, 70, 85), depthM: [0, 9],
    speedMps: [0.01, 0.25], action: 0.12, thump: 0.05, shapes: { craw: 1, 'deep-fish': 0.5, 'slender-fish': 0.4, insect: 0.4 }, hook: 'single', hooking: 0.68, trailers: true,
    coverReach: { rock: 0.8, dock: 0.7, wood: 0.45, 'submerged-grass': 0.15, brush: 0.35 }, snag: { wood: 0.16, brush: 0.22, rock: 0.1, 'submerged-grass': 0.25, oyster: 0.3, pads: 0.4, reeds: 0.2, 'matted-grass': 0.6 },
    bulk: 0.2, soft: true, styles: ['drag', 'hop', 'hop'],
  }),
  family({
    id: 'shaky-head', mode: 'bottom', build: head(4), dragAreaM2: cm2(2.2), weightKg: grams(1.8, 4.4, 10.6), lengthM: mm(75, 110, 150), depthM: [0, 9],
    speedMps: [0.005, 0.2], action: 0.1, thump: 0, shapes: { worm: 1, 'slender-fish': 0.6, craw: 0.3 }, hook: 'single', weedlessToo: true, hooking: 0.62,
    coverReach: { rock: 0.75, dock: 0.8, wood: 0.5, 'submerged-grass': 0.15, brush: 0.4 }, snag: { wood: 0.1, brush: 0.16, rock: 0.1, 'submerged-grass': 0.25, oyster: 0.3, pads: 0.35, 'matted-grass': 0.6, reeds: 0.15 },
    bulk: 0.1, soft: true, styles: ['shake', 'shake', 'hop'],
  }),
  family({
    id: 'drop-shot', mode: 'bottom', build: head(3), dragAreaM2: cm2(2.2), weightKg: grams(3.5, 7, 14), lengthM: mm(50, 80, 115), depthM: [1, 14],
    speedMps: [0, 0.12], action: 0.1, thump: 0, shapes: { 'slender-fish': 0.9, worm: 0.8 }, hook: 'single', hooking: 0.66,
    coverReach: { rock: 0.7, dock: 0.6, wood: 0.35, 'submerged-grass': 0.12, brush: 0.3 }, snag: { wood: 0.22, brush: 0.28, rock: 0.09, 'submerged-grass': 0.3, oyster: 0.3, pads: 0.5, 'matted-grass': 0.7, reeds: 0.3 },
    bulk: 0, soft: true, styles: ['dead-stick', 'shake', 'shake'],
  }),
  family({
    id: 'football-jig', mode: 'bottom', build: head(8), dragAreaM2: cm2(5), weightKg: grams(10.6, 17.7, 28), lengthM: mm(70, 95, 110), depthM: [1.5, 12],
    speedMps: [0.05, 0.4], action: 0.3, thump: 0.15, rattle: 0.3, shapes: { craw: 1, 'deep-fish': 0.6 }, hook: 'single', hooking: 0.7, trailers: true,
    coverReach: { rock: 0.9, wood: 0.3, 'submerged-grass': 0.12 }, snag: { rock: 0.07, wood: 0.22, brush: 0.3, 'submerged-grass': 0.3, oyster: 0.25, pads: 0.5, reeds: 0.3, 'matted-grass': 0.7 },
    bulk: 0.15, soft: true, styles: ['drag', 'drag', 'drag'],
  }),
  family({
    id: 'carolina-rig', mode: 'bottom', build: head(6), dragAreaM2: cm2(4), weightKg: grams(10.6, 21, 28), lengthM: mm(75, 110, 150), depthM: [1, 12],
    speedMps: [0.05, 0.4], action: 0.25, thump: 0.1, rattle: 0.3, shapes: { worm: 0.9, 'slender-fish': 0.7, craw: 0.7 }, hook: 'weedless', weedlessToo: true, hooking: 0.6, sliding: true,
    coverReach: { rock: 0.85, 'submerged-grass': 0.45, wood: 0.35 }, snag: { rock: 0.09, wood: 0.15, brush: 0.22, 'submerged-grass': 0.1, oyster: 0.2, pads: 0.3, 'matted-grass': 0.6 },
    bulk: 0.3, soft: true, styles: ['drag', 'drag', 'drag'],
  }),
  family({
    id: 'shrimp-imitation', mode: 'bottom', build: head(6), dragAreaM2: cm2(3), weightKg: grams(3.5, 7, 14), lengthM: mm(50, 75, 100), depthM: [0, 5],
    speedMps: [0.02, 0.35], action: 0.2, thump: 0.05, rattle: 0.2, shapes: { shrimp: 1, 'slender-fish': 0.25, craw: 0.25 }, hook: 'single', weedlessToo: true, hooking: 0.64,
    coverReach: { oyster: 0.8, 'submerged-grass': 0.7, dock: 0.8, rock: 0.7 }, snag: { oyster: 0.08, 'submerged-grass': 0.04, rock: 0.07, dock: 0.04, wood: 0.08, brush: 0.1, pads: 0.15 },
    bulk: 0.1, soft: true, styles: ['drag', 'hop', 'hop'],
  }),
  family({
    id: 'popping-cork-shrimp', mode: 'float', build: head(5), dragAreaM2: cm2(3), weightKg: grams(1.8, 3.5, 7), lengthM: mm(50, 75, 90), depthM: [0.3, 1.5],
    speedMps: [0.02, 0.35], action: 0.5, thump: 0.4, rattle: 1, shapes: { shrimp: 1, 'slender-fish': 0.15 }, hook: 'single', weedlessToo: true, hooking: 0.62,
    coverReach: { oyster: 0.8, 'submerged-grass': 0.75, dock: 0.6, reeds: 0.5, rock: 0.65 }, snag: { oyster: 0.03, 'submerged-grass': 0.03, wood: 0.1, pads: 0.25, brush: 0.15 },
    chopLimitM: 0.5, bulk: 0.7, soft: true, styles: ['pop-rest', 'pop-rest', 'pop-rest'],
  }),
] as const;
