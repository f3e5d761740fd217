/** One ranked lure: how many strikes, and every factor that made the number, openable as a sentence. */
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import type { RankedLure } from '../../core/lures/rank';
import { rateLine } from '../../wording/lures';
import { capital, FACTOR_NAME, FAMILY_NAME } from '../../wording/names';
import { reasonSentence, timesText } from '../../wording/reasons';
import { say } from '../../wording/units';
import { useDay } from '../day/DayProvider';
import { Row } from '../parts/Box';
import { Button } from '../parts/Buttons';
import { Glyph } from '../parts/Glyph';
import { Gradual } from '../parts/Gradual';
import { Press } from '../parts/Press';
import { Say } from '../parts/Say';
import { useTheme } from '../theme/theme';
import { LurePicture } from './LurePicture';

export function RankedRow({ x, place, best, all }: { x: RankedLure; place: number; best: number; all: readonly RankedLure[] }) {
  const { box, actions, lure } = useDay();
  const { p } = useTheme();
  const router = useRouter();
  const [open, setOpen] = useState(false);
  const own = box.filter((l) => l.family === x.family);
  const name = own[0]?.name ?? capital(FAMILY_NAME[x.family]);
  return (
    <View style={{ borderBottomWidth: p.stroke, borderBottomColor: p.rule, paddingBottom: 6 }}>
      <Press label={`${place}. ${name}, ${FAMILY_NAME[x.family]}: ${rateLine(x)}. Reasons`} expanded={open} onPress={() => setOpen(!open)}>
        <Row gap={10} style={{ paddingVertical: 6 }}>
          <Say kind="labelStrong" style={{ minWidth: 22 }}>
            {place}
          </Say>
          <LurePicture family={x.family} width={44} />
          <View style={{ flex: 1, minWidth: 0, gap: 3 }}>
            <Say kind="strong">{name}</Say>
            <View style={{ height: 8, borderRadius: 4, backgroundColor: p.rule, overflow: 'hidden' }}>
              <View
                style={{
                  height: 8,
                  width: `${Math.max(1, (100 * x.score) / best)}%`,
                  backgroundColor: lure?.family === x.family ? p.copper : p.moss,
                }}
              />
            </View>
          </View>
          <View style={{ alignItems: 'flex-end' }}>
            <Say kind="strong">{say.rate(x.strikesPerHour)}</Say>
            <Say kind="small" tone="soft">{`${say.rate(x.low)}–${say.rate(x.high)}`}</Say>
          </View>
          <Glyph name={open ? 'up' : 'down'} size={18} color={p.soft} />
        </Row>
      </Press>
      {open ? (
        <View style={{ gap: 8, paddingVertical: 6 }}>
          <Factors x={x} all={all} />
          {own.map((l) => (
            <Button
              key={l.id}
              kind={lure?.id === l.id ? 'solid' : 'outline'}
              title={lure?.id === l.id ? `${l.name} is in hand` : `Take the ${l.name}`}
              onPress={() => {
                actions.chooseLure(l.id);
                router.navigate('/retrieve');
              }}
            />
          ))}
        </View>
      ) : null}
    </View>
  );
}

/** Each factor as a bar to the left (costs) or right (adds), against the middle of the others. */
function Factors({ x, all }: { x: RankedLure; all: readonly RankedLure[] }) {
  const { p, units } = useTheme();
  const middle = (factor: string): number => {
    const v = all.map((r) => r.why.find((w) => w.factor === factor)?.ln ?? 0).sort((a, b) => a - b);
    return v[Math.floor(v.length / 2)] ?? 0;
  };
  return (
    <View style={{ gap: 8 }}>
      <Say kind="label" tone="soft">
        Each factor multiplies the rate; together they make it. Bars show it against the middle lure: right is better, left is worse.
      </Say>
      <Gradual>
        {x.why.map((w) => {
          const lead = Math.max(-1.5, Math.min(1.5, w.ln - middle(w.factor)));
          return (
            <View key={w.factor} style={{ gap: 2 }}>
              <Row style={{ justifyContent: 'space-between' }} wrap>
                <Say kind="labelStrong">{capital(FACTOR_NAME[w.factor])}</Say>
                <Say kind="label" tone="soft">
                  {w.factor === 'zone' ? `base ${say.rate(Math.exp(w.ln))} an hour` : timesText(w.ln)}
                </Say>
              </Row>
              <View style={{ height: 6, flexDirection: 'row', backgroundColor: p.rule, borderRadius: 3 }}>
                <View style={{ flex: 1, alignItems: 'flex-end' }}>
                  {lead < 0 ? <View style={{ height: 6, width: `${(-lead / 1.5) * 100}%`, backgroundColor: p.copper, borderRadius: 3 }} /> : null}
                </View>
                <View style={{ flex: 1 }}>
                  {lead > 0 ? <View style={{ height: 6, width: `${(lead / 1.5) * 100}%`, backgroundColor: p.moss, borderRadius: 3 }} /> : null}
                </View>
              </View>
              <Say kind="label">{reasonSentence(w, units)}</Say>
            </View>
          );
        })}
      </Gradual>
      <Say kind="labelStrong">{`Strikes an hour ${say.rate(x.strikesPerHour)}; hooked and kept fishing ${say.rate(x.score)}.`}</Say>
    </View>
  );
}
