/**
 * Minus, value, plus: the quick way to set a number with a wet thumb. Steps are in the angler's units; presets below.
 */
import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import type { Typed } from '../../wording/typed';
import { useTheme } from '../theme/theme';
import { Row } from './Box';
import { Button, Choices, type Option } from './Buttons';
import { Glyph } from './Glyph';
import { NumberFieldLater } from './NumberFieldLater';
import { Press } from './Press';
import { Say } from './Say';
import { Slider } from './Slider';
import { StepKey } from './StepKey';

export interface AdjusterProps {
  label: string;
  text: string;
  onLess: () => void;
  onMore: () => void;
  presets?: readonly Option<number>[];
  preset?: number | null;
  onPreset?: (v: number) => void;
  hint?: string;
  onClear?: () => void;
  clearTitle?: string;
  /** To be dragged as well: between these, shown on the way, stored when let go. */
  drag?: {
    value: number;
    range: readonly [number, number];
    text: (v: number) => string;
    onDrag: (v: number) => void;
    onDone: (v: number) => void;
  };
  /** Stands in for the text while it is dragged. */
  live?: ReactNode;
  /** It can be typed as well: the value is touched and becomes a field. */
  typed?: Typed & { onNumber: (v: number) => void };
}

export function Adjuster({
  label,
  text,
  onLess,
  onMore,
  presets,
  preset = null,
  onPreset,
  hint,
  onClear,
  clearTitle = 'Not read',
  drag,
  live,
  typed,
}: AdjusterProps) {
  const { p } = useTheme();
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
        {hint ?? label}
      </Say>
      <Row style={{ justifyContent: 'space-between' }}>
        <StepKey of={label} way={-1} onPress={onLess} width={64} />
        <Value label={label} text={text} live={live} typed={typed} />
        <StepKey of={label} way={1} onPress={onMore} width={64} />
      </Row>
      {drag ? <Slider label={label} {...drag} onStep={(way) => (way > 0 ? onMore() : onLess())} /> : null}
      {presets && onPreset ? (
        <Choices label={`${label}: presets`} options={presets} value={preset} onChange={onPreset} />
      ) : null}
      {onClear ? (
        <Button kind="plain" title={clearTitle} onPress={onClear} style={{ alignSelf: 'flex-start' }} />
      ) : null}
    </View>
  );
}

/** The number as it stands; touched, a field to type another in. */
function Value({ label, text, live, typed }: Pick<AdjusterProps, 'label' | 'text' | 'live' | 'typed'>) {
  const { p } = useTheme();
  const [open, setOpen] = useState(false);
  if (open && typed)
    return (
      <NumberFieldLater
        fallback={<Say kind="title">{text}</Say>}
        centred
        autoFocus
        label={`${label}: type it`}
        text={text}
        typed={typed}
        onNumber={typed.onNumber}
        onLeave={() => setOpen(false)}
        style={{ flexGrow: 1 }}
      />
    );
  const value = (
    <Say kind="title" role="status" aria-live="polite" style={{ textAlign: 'center', flexShrink: 1 }}>
      {live ?? text}
    </Say>
  );
  if (!typed) return value;
  return (
    <Row gap={2} style={{ flexShrink: 1 }}>
      {value}
      <Press label={`${label}: type it`} onPress={() => setOpen(true)} style={{ alignItems: 'center' }}>
        <Glyph name="pen" size={20} color={p.soft} />
      </Press>
    </Row>
  );
}
