/**
 * Every reading: tiles that open their control right below themselves, or a dense sheet with steps in each line for
 * those who know their way.
 */
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View, type GestureResponderEvent } from 'react-native';
import { lastVisit } from '../../core/trip/day';
import { capital } from '../../wording/names';
import { dayText } from '../../wording/time';
import { oddReadings } from '../../core/water/odd';
import { oddText, sourceText, turnedText } from '../../wording/water';
import { WATER_PAGE } from '../../wording/pages/water';
import { useActions, useConditions, usePrefs, useBookWithoutLog } from '../day/contexts';
import { Note, Part, Row } from '../parts/Box';
import { Button } from '../parts/Buttons';
import { Disclosure } from '../parts/Disclosure';
import { Glyph } from '../parts/Glyph';
import { Press } from '../parts/Press';
import { Say } from '../parts/Say';
import { Tile } from '../parts/Tile';
import { useSectionInSight, useStepsInSight } from '../shell/inSight';
import { useTheme } from '../theme/theme';
import { ReadingControl } from './ReadingControl';
import { readingText, stepReading, type NumberReading, type ControlSpec as Control } from './readings/control';
import { readingGroups } from './readings/controls';
import type { EnteredReadings } from '../../core/schemas/conditions';

const PER_ROW = 3;
const HOUR_MS = 3_600_000;
/** Sources short enough for a tile. */
const TILE_SOURCE: Record<string, string> = {
  station: 'station',
  log: 'past days',
  tide: 'tide',
  'worked-out': 'worked out',
};

export function ReadingSheet() {
  const { reading, day } = useConditions();
  const prefs = usePrefs();
  const actions = useActions();
  const { units } = useTheme();
  const router = useRouter();
  if (!reading || !day) return null;
  const groups = readingGroups(reading, units);
  const all = groups.flatMap((g) => g.controls);
  const assumed = new Set(all.filter((c) => day.assumed.has(c.path)).map((c) => c.path)).size;
  const dense = prefs.readingSheet === 'dense';
  return (
    <Part title="Read the water">
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        <Button title={WATER_PAGE.askMe} onPress={() => router.navigate('/read')} />
        <Button
          title={dense ? 'As tiles' : 'Dense sheet'}
          onPress={() => actions.savePrefs({ readingSheet: dense ? 'tiles' : 'dense' })}
        />
      </View>
      <FromBefore />
      {day.turned ? <Say>{turnedText(reading.currentAngleDeg)}</Say> : null}
      {oddReadings(reading).map((odd) => (
        <Note key={odd}>{oddText(odd, reading, units)}</Note>
      ))}
      {assumed > 0 ? (
        <Say kind="label" tone="soft">
          {WATER_PAGE.assumed(assumed)}
        </Say>
      ) : null}
      {dense ? (
        groups.map((g) => <DenseGroup key={g.id} title={g.title} controls={g.controls} />)
      ) : (
        <>
          <Tiles controls={groups[0]!.controls} />
          {groups.slice(1).map((g) => (
            <Disclosure key={g.id} title={`${g.title}: ${g.controls.slice(0, 3).map(readingText).join(', ')}`}>
              <Tiles controls={g.controls} />
            </Disclosure>
          ))}
        </>
      )}
    </Part>
  );
}

/** What stands from before: said once it is an hour old, taken over from the last visit while nothing is read. */
function FromBefore() {
  const { day, nowMs } = useConditions();
  const book = useBookWithoutLog();
  const actions = useActions();
  const [before, setBefore] = useState<EnteredReadings | null>(null);
  if (!day) return null;
  if (before)
    return (
      <Row wrap>
        <Say style={{ flexShrink: 1 }}>{WATER_PAGE.takenOver}</Say>
        <Button
          title="Take that back"
          onPress={() => {
            actions.setReadings(() => before);
            setBefore(null);
          }}
        />
      </Row>
    );
  const { trip } = day;
  const read = [...day.sources.values()].filter((s) => s === 'read').length;
  const last = lastVisit(book, trip);
  const age = nowMs - trip.readAtMs;
  if (read > 0 && age >= HOUR_MS)
    return (
      <Row wrap>
        <Say style={{ flexShrink: 1 }}>{WATER_PAGE.stillSo(age)}</Say>
        <Button title={WATER_PAGE.allAsItWas} onPress={() => actions.setReadings((r) => r)} />
      </Row>
    );
  const {
    surfaceTempC: _t,
    tempChange3dC: _c,
    waveHeightM: _w,
    windMps: _m,
    currentMps: _f,
    tideStage: _s,
    ...lasting
  } = last?.readings.water ?? {};
  const news = Object.entries(lasting).filter(
    ([k, v]) => v !== null && v !== undefined && (trip.readings.water as Record<string, unknown>)[k] === undefined,
  );
  if (!last || news.length === 0) return null;
  return (
    <Button
      title={WATER_PAGE.asLastDay(dayText(last.startedAtMs, day.water.zone))}
      onPress={() => {
        setBefore(trip.readings);
        actions.setReadings((r) => ({
          ...r,
          forage: r.forage ?? last.readings.forage,
          pressure: r.pressure ?? last.readings.pressure,
          access: r.access ?? last.readings.access,
          water: {
            ...Object.fromEntries(news),
            ...Object.fromEntries(Object.entries(r.water).filter(([, v]) => v !== null && v !== undefined)),
          },
        }));
      }}
    />
  );
}

function Tiles({ controls }: { controls: readonly Control[] }) {
  const { day } = useConditions();
  const { scale } = useTheme();
  const [open, setOpen] = useState<string | null>(null);
  const opened = useSectionInSight(open);
  const perRow = scale > 1.4 ? 2 : PER_ROW;
  const rows = Array.from({ length: Math.ceil(controls.length / perRow) }, (_, i) =>
    controls.slice(i * perRow, (i + 1) * perRow),
  );
  return (
    <View style={{ gap: 8 }}>
      {rows.map((row, i) => (
        <View key={i} ref={row.some((c) => c.id === open) ? opened : undefined} style={{ gap: 8 }}>
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
            {row.map((c) => (
              <Tile
                key={c.id}
                name={c.name}
                value={readingText(c)}
                assumed={day?.assumed.has(c.path)}
                source={TILE_SOURCE[day?.sources.get(c.path) ?? '']}
                open={open === c.id}
                onPress={() => setOpen(open === c.id ? null : c.id)}
                flexBasis={88}
              />
            ))}
          </View>
          {row.map((c) => (open === c.id ? <ReadingControl key={c.id} c={c} /> : null))}
        </View>
      ))}
    </View>
  );
}

/** A line a reading: numbers step in place, everything opens. */
function DenseGroup({ title, controls }: { title: string; controls: readonly Control[] }) {
  const { day } = useConditions();
  const actions = useActions();
  const { p, scale } = useTheme();
  const [open, setOpen] = useState<string | null>(null);
  const opened = useSectionInSight(open);
  const stepped = useStepsInSight();
  const step = (c: NumberReading, way: 1 | -1) => (e: GestureResponderEvent) => {
    stepped(e.currentTarget as unknown as View);
    actions.setReadings(stepReading(c, way));
  };
  const key = { width: 52, alignItems: 'center' as const };
  return (
    <View>
      <Say kind="labelStrong" tone="soft" style={{ paddingTop: 6 }}>
        {title}
      </Say>
      {controls.map((c) => {
        const source = day?.sources.get(c.path);
        const assumed = day?.assumed.has(c.path) ?? false;
        const value = c.type === 'number' ? c.text(c.value) : readingText(c);
        return (
          <View
            key={c.id}
            ref={open === c.id ? opened : undefined}
            style={{ borderBottomWidth: p.stroke, borderBottomColor: p.rule }}
          >
            <Row gap={4} wrap={scale > 1.4}>
              <Press
                label={`${c.name}: ${value}${source && source !== 'read' ? `, ${sourceText(source)}` : ''}. Change`}
                expanded={open === c.id}
                onPress={() => setOpen(open === c.id ? null : c.id)}
                style={{ flex: 1, minWidth: 140 }}
              >
                <Row gap={8} wrap>
                  <Say kind="label" tone="soft" style={{ minWidth: 84 }}>
                    {capital(c.name)}
                  </Say>
                  <View
                    style={{
                      borderBottomWidth: 2 * p.stroke,
                      borderStyle: 'dotted',
                      borderBottomColor: assumed ? p.copper : 'transparent',
                    }}
                  >
                    <Say kind="strong">{value}</Say>
                  </View>
                  {source && !assumed && source !== 'read' ? (
                    <Say kind="small" tone="soft">
                      {sourceText(source)}
                    </Say>
                  ) : null}
                </Row>
              </Press>
              {c.type === 'number' ? (
                <>
                  <Press label={`${capital(c.name)}: less`} onPress={step(c, -1)} style={key}>
                    <Glyph name="minus" size={20} />
                  </Press>
                  <Press label={`${capital(c.name)}: more`} onPress={step(c, 1)} style={key}>
                    <Glyph name="plus" size={20} />
                  </Press>
                </>
              ) : null}
            </Row>
            {open === c.id ? (
              <View style={{ paddingBottom: 8 }}>
                <ReadingControl c={c} />
              </View>
            ) : null}
          </View>
        );
      })}
    </View>
  );
}
