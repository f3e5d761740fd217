/** The topics of the Lessons with their answers, pictures and numbers. */
import { useMemo } from 'react';
import { calibrationOf } from '../../core/lessons/calibration';
import { funnelOf } from '../../core/lessons/funnel';
import { byTime, type Light } from '../../core/lessons/hours';
import { byDepth } from '../../core/lessons/layers';
import { THIN_CASTS } from '../../core/lessons/learn';
import { accountsOf } from '../../core/lessons/ledger';
import { likeNow } from '../../core/lessons/like';
import { learnFrom } from '../../core/lessons/patterns';
import { byPhase, FEW_STRIKES } from '../../core/lessons/phases';
import { seasonOf } from '../../core/lessons/season';
import { trialsOf } from '../../core/lessons/trials';
import { byWater } from '../../core/lessons/waterMap';
import { total } from '../../core/lessons/fished';
import {
  ASKING,
  clockHour,
  compareTold,
  depthsTold,
  funnelTold,
  hoursTold,
  ledgerTold,
  LIGHT_NAME,
  likeTold,
  modelTold,
  patternsTold,
  phasesTold,
  seasonTold,
  trialsTold,
  watersTold,
  type Told,
} from '../../wording/lessonTopics';
import { lessonsHeadline } from '../../wording/lessons';
import { PHASE_SHORT } from '../../wording/names';
import { shortDayText } from '../../wording/time';
import { say } from '../../wording/units';
import { useBook, useConditions } from '../day/contexts';
import { useTheme } from '../theme/theme';
import { Bars, type Bar } from './Bars';
import { Patterns } from './PatternTable';
import type { TopicOf } from './Topic';
import type { LessonsRead } from './useLessons';
import { WaterGrid } from './WaterGrid';

/** Days that the picture of the season shows; the table has them all. */
const DAYS_SHOWN = 12;
const said = (told: Told, bars: readonly Bar[]): string =>
  `${told.answer} ${bars.map((b) => `${b.name}: ${say.rate(b.value)}`).join('; ')}`;
const picture = (told: Told, bars: readonly Bar[], keyOf?: { color: string; name: string }[]) =>
  bars.some((b) => b.value > 0) ? (
    <Bars bars={bars} said={said(told, bars)} {...(keyOf ? { keyOf } : {})} />
  ) : undefined;

export function useTopics({ fished, like, asking }: LessonsRead): { topics: TopicOf[]; headline: string } {
  const book = useBook();
  const { day } = useConditions();
  const { p, units } = useTheme();
  return useMemo(() => {
    const zoneOf = (waterId: string): string => book.water[waterId]?.zone ?? 'UTC';
    const dayName = (d: { startedAtMs: number; waterId: string }) => ({
      day: shortDayText(d.startedAtMs, zoneOf(d.waterId)),
      water: book.water[d.waterId]?.name ?? '–',
    });
    const waiting = (id: TopicOf['id']): TopicOf => ({ id, told: { answer: ASKING, tables: [] } });
    const lessons = learnFrom(fished);
    const { patterns } = lessons;
    const highest = Math.max(0.01, ...patterns.map((x) => x.perCast.high));
    const phases = byPhase(fished);
    const layers = byDepth(fished);
    const times = byTime(fished, book);
    const days = seasonOf(fished);
    const waters = byWater(fished);
    const model = calibrationOf(fished);
    const lightColor: Record<Light, string> = { dark: p.edge, low: p.copper, high: p.moss };
    const now =
      like && day?.conditions.water.surfaceTempC != null && day.conditions.water.clarityM != null
        ? { tempC: day.conditions.water.surfaceTempC, clarityM: day.conditions.water.clarityM }
        : null;
    const minutes = total(fished, (f) => f.minutes);
    const lureName = (id: string): string => book.lure[id]?.name ?? '–';

    const likeSaid = likeTold(like && likeNow(fished, like), minutes, dayName);
    const modelSaid = modelTold(model);
    const phasesSaid = phasesTold(phases);
    const depthsSaid = depthsTold(layers, units);
    const hoursSaid = hoursTold(times, units);
    const seasonSaid = seasonTold(days, dayName);
    const funnel = funnelOf(fished);
    const funnelSaid = funnelTold(funnel);
    const topics: (TopicOf | null)[] = [
      like ? { id: 'like', told: likeSaid } : null,
      asking
        ? waiting('patterns')
        : {
            id: 'patterns',
            told: patternsTold(patterns),
            picture: <Patterns patterns={patterns} highest={highest} />,
          },
      asking ? waiting('compare') : { id: 'compare', told: compareTold(patterns) },
      asking
        ? waiting('model')
        : {
            id: 'model',
            told: modelSaid,
            picture: picture(
              modelSaid,
              (model?.groups ?? []).map((g) => ({
                name: say.rate(g.expected / g.hours),
                value: g.strikes / g.hours,
                top: String(g.strikes),
                dot: g.expected / g.hours,
              })),
            ),
          },
      {
        id: 'phases',
        told: phasesSaid,
        picture: picture(
          phasesSaid,
          phases.flatMap((r) =>
            r.perHour === null
              ? []
              : [
                  {
                    name: PHASE_SHORT[r.phase],
                    value: r.perHour,
                    top: String(r.strikes),
                    pale: r.strikes < FEW_STRIKES,
                  },
                ],
          ),
        ),
      },
      {
        id: 'depths',
        told: depthsSaid,
        picture: picture(
          depthsSaid,
          layers.map((l) => ({
            name: say.depth(l.topM, units),
            value: (100 * l.strikes) / l.casts,
            top: String(l.strikes),
            dot: (100 * l.expected) / l.casts,
            pale: l.casts < THIN_CASTS,
          })),
        ),
      },
      {
        id: 'hours',
        told: hoursSaid,
        picture: picture(
          hoursSaid,
          times.hours.map((h) => ({
            name: clockHour(h.hour, units),
            value: h.minutes > 0 ? (h.strikes * 60) / h.minutes : 0,
            top: String(h.strikes),
            color: lightColor[h.light],
          })),
          times.lights.map((l) => ({ color: lightColor[l.light], name: LIGHT_NAME[l.light] })),
        ),
      },
      {
        id: 'waters',
        told: watersTold(waters, now, units),
        picture: waters.cells.length > 0 ? <WaterGrid cells={waters.cells} now={now} /> : undefined,
      },
      {
        id: 'funnel',
        told: funnelSaid,
        picture: picture(funnelSaid, [
          { name: 'struck', value: funnel.strikes, top: String(funnel.strikes) },
          { name: 'hooked', value: funnel.hooked, top: String(funnel.hooked) },
          { name: 'landed', value: funnel.landed, top: String(funnel.landed) },
        ]),
      },
      { id: 'ledger', told: ledgerTold(accountsOf(fished, book.lure), units) },
      {
        id: 'season',
        told: seasonSaid,
        picture: picture(
          seasonSaid,
          days.slice(-DAYS_SHOWN).map((d) => ({
            name: dayName(d).day,
            value: d.minutes > 0 ? (d.strikes * 60) / d.minutes : 0,
            top: String(d.strikes),
            dot: d.minutes > 0 ? (d.expected * 60) / d.minutes : 0,
          })),
        ),
      },
      {
        id: 'trials',
        told: trialsTold(
          trialsOf(book).filter(
            (t) => fished.length === 0 || book.trip[t.trial.tripId]?.species === fished[0]!.trip.species,
          ),
          lureName,
          (t) => shortDayText(t.trial.startedAtMs, zoneOf(book.trip[t.trial.tripId]?.waterId ?? '')),
        ),
      },
    ];
    return { topics: topics.filter((t) => t !== null), headline: lessonsHeadline(lessons) };
  }, [fished, like, asking, book, day, units, p]);
}
