/** The control of one reading, opened: steps, a slider, presets, choices. */
import { capital } from '../../wording/names';
import { sourceText } from '../../wording/water';
import { dragTo, letGo, previewReading, useDraft } from '../day/draft';
import { useActions, useConditions } from '../day/contexts';
import { Adjuster } from '../parts/Adjuster';
import { Button, Choices, Picks } from '../parts/Buttons';
import { Say } from '../parts/Say';
import { typedBy } from '../theme/stepping';
import { useTheme } from '../theme/theme';
import { View } from 'react-native';
import {
  dragRange,
  nearPreset,
  onGrid,
  stepReading,
  type NumberReading,
  type ControlSpec as Control,
} from './readings/control';
import type { EnteredReadings } from '../../core/schemas/conditions';

/** Cover's parts belong to the cover: they are forgotten with it. */
const PARTS_OF_COVER = ['density', 'branches', 'tops'];

export function ReadingControl({ c }: { c: Control }) {
  const { day } = useConditions();
  const actions = useActions();
  const { p } = useTheme();
  const set = (v: never): void =>
    actions.setReadings((r) => (c.set as (x: EnteredReadings, y: never) => EnteredReadings)(r, v));
  const source = day?.sources.get(c.path);
  const clear = source !== 'read' || PARTS_OF_COVER.includes(c.id) ? undefined : () => set(null as never);
  if (c.type === 'number') return <NumberControl c={c} onClear={clear} onPreset={(v) => set(v as never)} />;
  return (
    <View
      style={{
        backgroundColor: p.card,
        borderColor: p.moss,
        borderWidth: 2 * p.stroke,
        borderRadius: 14,
        padding: 12,
        gap: 10,
      }}
    >
      <Say kind="label" tone="soft">
        {source && source !== 'read' && source !== 'default' ? `${c.hint} (${sourceText(source)})` : c.hint}
      </Say>
      {c.type === 'many' ? (
        <Picks label={c.hint} options={c.options} value={c.value} onChange={(v) => set(v as never)} />
      ) : (
        <Choices label={c.hint} options={c.options} value={c.value} onChange={(v) => set(v as never)} />
      )}
      {clear ? (
        <Button kind="plain" title="Forget this reading" onPress={clear} style={{ alignSelf: 'flex-start' }} />
      ) : null}
    </View>
  );
}

/** The number under the finger: alone drawn anew with every move, not the keys around it. */
function Live({ c }: { c: NumberReading }) {
  return c.text(useDraft((draft) => (draft?.id === c.id ? draft.value : c.value)));
}

function NumberControl({
  c,
  onClear,
  onPreset,
}: {
  c: NumberReading;
  onClear?: () => void;
  onPreset: (v: number) => void;
}) {
  const { day } = useConditions();
  const actions = useActions();
  const source = day?.sources.get(c.path);
  const drag = (v: number): void => {
    if (!day) return;
    const value = onGrid(c, v);
    dragTo(c.id, value, () => previewReading(day.conditions, c.set(day.trip.readings, value)));
  };
  const done = (v: number): void => {
    letGo();
    const next = onGrid(c, v);
    if (Math.abs(next - c.value) > 1e-9) actions.setReadings((r) => c.set(r, next));
  };
  return (
    <Adjuster
      label={capital(c.name)}
      hint={source && source !== 'read' && source !== 'default' ? `${c.hint} (${sourceText(source)})` : c.hint}
      text={c.text(c.value)}
      live={<Live c={c} />}
      onLess={() => actions.setReadings(stepReading(c, -1))}
      onMore={() => actions.setReadings(stepReading(c, 1))}
      drag={{ value: c.value, range: dragRange(c), text: (v) => c.text(onGrid(c, v)), onDrag: drag, onDone: done }}
      typed={
        c.stepper.dimension
          ? { ...typedBy(c.stepper, c.text), onNumber: (v) => actions.setReadings((r) => c.set(r, v)) }
          : undefined
      }
      presets={c.presets}
      preset={nearPreset(c)}
      onPreset={onPreset}
      onClear={onClear}
      clearTitle="Forget this reading"
    />
  );
}
