/** Tiles of readings; the one touched opens its control right below itself. */
import { useState } from 'react';
import { View } from 'react-native';
import type { Readings } from '../../core/records/trip';
import { capital } from '../../wording/names';
import { useDay } from '../day/DayProvider';
import { Adjuster } from '../parts/Adjuster';
import { Part } from '../parts/Box';
import { Button, Choices } from '../parts/Buttons';
import { Say } from '../parts/Say';
import { Tile } from '../parts/Tile';
import { useTheme } from '../theme/theme';
import { nearPreset, readingControls, readingText, stepReading, type ReadingControl } from './readings';

const PER_ROW = 3;

export function ReadingTiles() {
  const { reading, day } = useDay();
  const { units, scale } = useTheme();
  const [open, setOpen] = useState<string | null>(null);
  if (!reading || !day) return null;
  const controls = readingControls(reading, units);
  const perRow = scale > 1.4 ? 2 : PER_ROW;
  const rows = Array.from({ length: Math.ceil(controls.length / perRow) }, (_, i) => controls.slice(i * perRow, (i + 1) * perRow));
  const assumed = controls.filter((c) => day.assumed.has(c.path)).length;
  return (
    <Part title="Read the water">
      {assumed > 0 ? (
        <Say
          kind="label"
          tone="soft"
        >{`${assumed} of ${controls.length} not read today: a dotted line marks what is assumed. Touch one to set it.`}</Say>
      ) : null}
      {rows.map((row, i) => (
        <View key={i} style={{ gap: 8 }}>
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
            {row.map((c) => (
              <Tile
                key={c.id}
                name={c.name}
                value={readingText(c)}
                assumed={day.assumed.has(c.path)}
                open={open === c.id}
                onPress={() => setOpen(open === c.id ? null : c.id)}
                flexBasis={88}
              />
            ))}
          </View>
          {row.map((c) => (open === c.id ? <Control key={c.id} c={c} /> : null))}
        </View>
      ))}
    </Part>
  );
}

function Control({ c }: { c: ReadingControl }) {
  const { day, actions } = useDay();
  const { p } = useTheme();
  const set = (v: number | string | null): void => actions.setReadings((r) => (c.set as (x: Readings, y: number | string | null) => Readings)(r, v));
  const clear = !day || day.assumed.has(c.path) || c.id === 'density' || c.id === 'branches' ? undefined : () => set(null);
  if (c.type === 'number')
    return (
      <Adjuster
        label={capital(c.name)}
        hint={c.hint}
        text={c.text(c.value)}
        onLess={() => actions.setReadings(stepReading(c, -1))}
        onMore={() => actions.setReadings(stepReading(c, 1))}
        presets={c.presets}
        preset={nearPreset(c)}
        onPreset={set}
        onClear={clear}
        clearTitle="Forget this reading"
      />
    );
  return (
    <View style={{ backgroundColor: p.card, borderColor: p.moss, borderWidth: 2 * p.stroke, borderRadius: 14, padding: 12, gap: 10 }}>
      <Say kind="label" tone="soft">
        {c.hint}
      </Say>
      <Choices label={c.hint} options={c.options} value={c.value} onChange={set} />
      {clear ? <Button kind="plain" title="Forget this reading" onPress={clear} style={{ alignSelf: 'flex-start' }} /> : null}
    </View>
  );
}
