/** Strikes by warmth and clarity, as a map: its numbers stand in the table beside it. */
import { useWindowDimensions, View } from 'react-native';
import { CLEAR_EDGES_M, KNOWN_MIN, liesIn, WARM_EDGES_C, type WaterCell } from '../../core/lessons/waterMap';
import { clearText, GRID_TEXTS, gridCellText, warmText } from '../../wording/lessonTopics';
import { Say } from '../parts/Say';
import { useTheme } from '../theme/theme';

const bands = (edges: readonly number[]): [number, number][] =>
  edges.slice(0, -1).map((from, i) => [from, edges[i + 1]!]);
/** So far from what was expected a cell is coloured, times. */
const OFF = 1.25;
/** The narrowest screen for it at usual text size. */
const LEAST_PX = 310;

export function WaterGrid({
  cells,
  now,
}: {
  cells: readonly WaterCell[];
  now: { tempC: number; clarityM: number } | null;
}) {
  const { p, units, scale } = useTheme();
  const { width } = useWindowDimensions();
  // Where its cells would hold no number the table says it all.
  if (width < LEAST_PX * scale) return null;
  const warm = bands(WARM_EDGES_C);
  const clear = bands(CLEAR_EDGES_M);
  const at = (w: [number, number], c: [number, number]): WaterCell | undefined =>
    cells.find((x) => x.warmC[0] === w[0] && x.clearM[0] === c[0]);
  const ground = (c: WaterCell | undefined): string =>
    !c || c.minutes < KNOWN_MIN
      ? 'transparent'
      : c.strikes > OFF * c.expected
        ? p.mossWash
        : c.strikes * OFF < c.expected
          ? p.copperWash
          : p.card;
  const head = { flexBasis: 74 * scale, flexGrow: 0, flexShrink: 0 };
  return (
    <View role="img" aria-label={GRID_TEXTS.said} style={{ gap: 4, maxWidth: 620 }}>
      <View style={{ flexDirection: 'row', gap: 4 }}>
        <Say kind="small" tone="soft" style={head}>
          {GRID_TEXTS.clarity}
        </Say>
        {clear.map((c) => (
          <Say key={c[0]} kind="small" tone="soft" style={{ flex: 1, textAlign: 'center' }}>
            {clearText(c, units)}
          </Say>
        ))}
      </View>
      {warm.map((w) => (
        <View key={w[0]} style={{ flexDirection: 'row', gap: 4, alignItems: 'stretch' }}>
          <Say kind="small" tone="soft" style={[head, { alignSelf: 'center' }]}>
            {warmText(w, units)}
          </Say>
          {clear.map((c) => {
            const cell = at(w, c);
            const here = !!now && liesIn({ warmC: w, clearM: c }, now.tempC, now.clarityM);
            return (
              <View
                key={c[0]}
                style={{
                  flex: 1,
                  minHeight: 44,
                  alignItems: 'center',
                  justifyContent: 'center',
                  borderRadius: 8,
                  borderWidth: (here ? 3 : 1) * p.stroke,
                  borderColor: here ? p.copper : p.rule,
                  backgroundColor: ground(cell),
                  padding: 2,
                }}
              >
                {cell ? (
                  <>
                    <Say kind="labelStrong">{String(cell.strikes)}</Say>
                    <Say kind="small" tone="soft" style={{ textAlign: 'center' }}>
                      {gridCellText(cell)}
                    </Say>
                  </>
                ) : null}
              </View>
            );
          })}
        </View>
      ))}
    </View>
  );
}
