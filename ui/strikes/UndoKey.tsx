/** Takes the last touch back, for ten seconds. */
import { useEffect, useState } from 'react';
import { EVENT_NAME } from '../../wording/names';
import { useActions } from '../day/contexts';
import { UNDO_MS, useLastTouch } from '../day/lastTouch';
import { Press } from '../parts/Press';
import { Say } from '../parts/Say';
import { realNowMs } from '../platform/clock';
import { useTheme } from '../theme/theme';

export function UndoKey() {
  const actions = useActions();
  const { p } = useTheme();
  const last = useLastTouch();
  const [left, setLeft] = useState(0);
  useEffect(() => {
    if (!last) return;
    const tick = () => setLeft(Math.max(0, Math.ceil((last.untilRealMs - realNowMs()) / 1000)));
    tick();
    const id = setInterval(tick, 500);
    return () => clearInterval(id);
  }, [last]);
  if (!last) return null;
  const what = last.what === 'cast' ? 'cast' : EVENT_NAME[last.what].toLowerCase();
  return (
    <Press
      label={`Undo the ${what}`}
      onPress={() => actions.takeBack(last.id)}
      style={{
        borderRadius: 28,
        borderWidth: 2 * p.stroke,
        borderColor: p.copper,
        backgroundColor: p.card,
        paddingHorizontal: 16,
        minHeight: 56,
      }}
    >
      <Say kind="strong">{`undo ${what}`}</Say>
      <Say kind="small" tone="soft" style={{ textAlign: 'center' }}>{`${Math.min(left, UNDO_MS / 1000)} s`}</Say>
    </Press>
  );
}
