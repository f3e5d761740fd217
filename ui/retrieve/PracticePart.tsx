/** Tap along to the beat: one touch for each move, none in the hangs; then how it went. */
import { useDayClock } from '../day/useDayClock';
import { useCommitter } from '../../data/useBook';
import { useRef, useState } from 'react';
import { View } from 'react-native';
import { put } from '../../core/records';
import { scorePractice, type PracticeScore } from '../../core/planning/beat/practice';
import type { Plan } from '../../core/planning/plan/plan';
import { latelyText, practiceText } from '../../wording/beat';
import { RETRIEVE_PAGE } from '../../wording/pages/retrieve';
import { useBookWithoutLog } from '../day/contexts';
import { Button } from '../parts/Buttons';
import { Press } from '../parts/Press';
import { Say } from '../parts/Say';
import { newId } from '../platform/ids';
import { useTheme } from '../theme/theme';
import type { useBeat } from './useBeat';

const SHOWN = 6;

export function PracticePart({ plan, beat }: { plan: Plan; beat: ReturnType<typeof useBeat> }) {
  const book = useBookWithoutLog();
  const now = useDayClock();
  const committer = useCommitter();
  const { p } = useTheme();
  const taps = useRef<number[]>([]);
  const [practising, setPractising] = useState(false);
  const [score, setScore] = useState<PracticeScore | null>(null);
  const begin = (): void => {
    taps.current = [];
    setScore(null);
    setPractising(true);
    // From just before the first move: the countdown needs no practice.
    void beat.start(Math.max(0, (plan.track.beats[0]?.atS ?? 0) - 2));
  };
  const tap = (): void => {
    const t = beat.positionS();
    if (t !== null) taps.current.push(t);
  };
  const end = (): void => {
    const until = beat.positionS() ?? plan.track.castS;
    beat.stop();
    setPractising(false);
    const s = scorePractice(plan.track.beats, taps.current, until);
    setScore(s);
    if (s.due > 2)
      void committer.record(() => [
        put('practice', {
          id: newId(),
          atMs: now(),
          style: plan.hands.style,
          score: s.score,
          heldShare: s.heldShare,
        }),
      ]);
  };
  const lately = Object.values(book.practice)
    .sort((a, b) => a.atMs - b.atMs)
    .slice(-SHOWN)
    .map((x) => x.score);
  return (
    <View style={{ gap: 8 }}>
      {practising ? (
        <>
          <Press
            label={RETRIEVE_PAGE.tapAtMoves}
            // The moment the finger comes down, not when it is lifted.
            {...({
              onPointerDown: tap,
              onKeyDown: (e: { key: string; repeat?: boolean }) => {
                if ((e.key === ' ' || e.key === 'Enter') && !e.repeat) tap();
              },
            } as object)}
            style={{ minHeight: 96, borderRadius: 16, backgroundColor: p.copper, alignItems: 'center' }}
          >
            <Say kind="title" tone="onCopper">
              {RETRIEVE_PAGE.tapAtMoves}
            </Say>
          </Press>
          <Button title={RETRIEVE_PAGE.enough} onPress={end} />
        </>
      ) : (
        <Button title="Practise: tap along" onPress={begin} />
      )}
      {score ? <Say role="status">{practiceText(score)}</Say> : null}
      {lately.length > 1 && !practising ? (
        <Say kind="label" tone="soft">
          {latelyText(lately)}
        </Say>
      ) : null}
    </View>
  );
}
