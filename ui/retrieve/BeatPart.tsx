/** The beat along the path: play it, stop it, or step through the cast. */
import { useEffect } from 'react';
import { View } from 'react-native';
import type { Plan } from '../../core/planning/plan/plan';
import { cadenceText, momentText } from '../../wording/retrieve';
import { say } from '../../wording/units';
import { BEAT_COUNTS, BEAT_NOTE, NO_BUZZ } from '../../wording/beat';
import { RETRIEVE_PAGE } from '../../wording/pages/retrieve';
import { useActions, usePrefs } from '../day/contexts';
import { Part, Row } from '../parts/Box';
import { Picks } from '../parts/Buttons';
import { Disclosure } from '../parts/Disclosure';
import { Glyph } from '../parts/Glyph';
import { Press } from '../parts/Press';
import { Say } from '../parts/Say';
import { Slider } from '../parts/Slider';
import { canBuzz } from '../platform/sound';
import { useTheme } from '../theme/theme';
import { CadenceLine } from './CadenceLine';
import { PracticePart } from './PracticePart';
import { useBeat } from './useBeat';

const WINDOW_S = 14;
const STEP_S = 2;

export function BeatPart({ plan }: { plan: Plan }) {
  const { p, units } = useTheme();
  const prefs = usePrefs();
  const actions = useActions();
  const beat = useBeat(plan);
  const { atS, playing, stop, seek } = beat;
  const { track } = plan;
  const first = track.beats[0]?.atS ?? 0;
  const { presentation } = plan;
  // Another lure: the moment shown belonged to the old one. A better plan for the same lure is taken up in full swing.
  useEffect(() => {
    stop();
    seek(null);
  }, [presentation.lureId, stop, seek]);
  const at = atS ?? first;
  const fromS = Math.max(first, Math.min(at - WINDOW_S * 0.35, Math.max(first, track.castS - WINDOW_S)));
  const key = {
    borderWidth: 1.5 * p.stroke,
    borderColor: p.edge,
    borderRadius: 14,
    alignItems: 'center' as const,
    width: 56,
    minHeight: 56,
  };
  const move = (by: number): void => {
    stop();
    seek(Math.min(track.castS, Math.max(0, (atS ?? first) + by)));
  };
  return (
    <Part title="The beat">
      <CadenceLine
        beats={track.beats}
        fromS={fromS}
        spanS={WINDOW_S}
        atS={atS}
        label={`Cadence: ${cadenceText(presentation.cadence)}`}
      />
      <Row gap={10}>
        <Press label="Back two seconds" onPress={() => move(-STEP_S)} style={key}>
          <Glyph name="left" />
        </Press>
        <Press
          label={playing ? 'Stop the beat' : 'Play the beat'}
          onPress={() => (playing ? stop() : void beat.start())}
          style={{ ...key, backgroundColor: p.moss, borderColor: p.moss, borderRadius: 28 }}
        >
          <Glyph name={playing ? 'stop' : 'play'} color={p.onMoss} fill />
        </Press>
        <Press label="On two seconds" onPress={() => move(STEP_S)} style={key}>
          <Glyph name="right" />
        </Press>
        <View style={{ flex: 1, minWidth: 0 }}>
          <Say kind="label" tone="soft">
            {atS === null ? `count ${say.seconds(plan.hands.countdownS)}, then` : momentText(plan, at, units)}
          </Say>
          {atS === null ? <Say kind="label">{cadenceText(presentation.cadence)}</Say> : null}
        </View>
      </Row>
      <Slider
        label={RETRIEVE_PAGE.moment}
        value={at}
        range={[0, Math.max(1, track.castS)]}
        text={(v) => momentText(plan, v, units)}
        onDrag={(v) => {
          stop();
          seek(v);
        }}
        onDone={(v) => seek(v)}
        onStep={(way) => move(way * 0.5)}
      />
      <Picks
        label={RETRIEVE_PAGE.besides}
        options={[
          { value: 'sound', title: 'Sound' },
          { value: 'buzz', title: 'Buzz' },
          { value: 'counts', title: BEAT_COUNTS },
        ]}
        value={(['sound', 'buzz', 'counts'] as const).filter((k) => prefs.beat[k])}
        onChange={(v) =>
          actions.savePrefs({
            beat: { sound: v.includes('sound'), buzz: v.includes('buzz'), counts: v.includes('counts') },
          })
        }
      />
      {beat.note ? (
        <Say kind="label" role="status">
          {BEAT_NOTE[beat.note]}
        </Say>
      ) : null}
      {prefs.beat.buzz && !canBuzz() ? (
        <Say kind="label" tone="soft">
          {NO_BUZZ}
        </Say>
      ) : null}
      <PracticePart plan={plan} beat={beat} />
      <Disclosure title={RETRIEVE_PAGE.readBeat}>
        <Say>{RETRIEVE_PAGE.beatDrawn}</Say>
        <Say>{RETRIEVE_PAGE.beatHeard}</Say>
        <Say>{RETRIEVE_PAGE.beatHang}</Say>
      </Disclosure>
    </Part>
  );
}
