/** Pieces of cover of the invented world. */
import { newPiece, type Piece } from '../core/records/piece';

const piece = (
  id: string,
  [waterId, spotId]: readonly [string, string],
  of: Pick<Piece, 'name' | 'kind' | 'lengthM' | 'widthM' | 'depthM' | 'topM'> & Partial<Piece>,
): Piece => newPiece({ id: `piece-${id}`, waterId: `water-${waterId}`, spotId: `spot-${spotId}`, ...of });

export const DEMO_PIECES: readonly Piece[] = [
  piece('alder', ['lantern', 'alders'], {
    name: 'Fallen alder',
    kind: 'laydown',
    lengthM: 9,
    widthM: 5,
    depthM: 3,
    topM: 0.3,
    branchM: 0.04,
    note: 'Came down two winters ago; the fine twigs are gone.',
  }),
  piece('dock', ['lantern', 'southbay'], {
    name: 'Boathouse dock',
    kind: 'dock',
    lengthM: 8,
    widthM: 4,
    depthM: 1.8,
    topM: 0,
  }),
  piece('shell', ['thrum', 'elbow'], {
    name: 'Elbow shell bar',
    kind: 'oyster-bar',
    lengthM: 18,
    widthM: 4,
    depthM: 1.4,
    topM: 0.2,
    gaps: true,
    flow: 'outward',
    note: 'Bare at dead low.',
  }),
];
