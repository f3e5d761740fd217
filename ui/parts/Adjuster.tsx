/**
 * Minus, value, plus: the quick way to set a number with a wet thumb. Steps are in the angler's units; presets below.
 */
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { useTheme } from '../theme/theme';
import { Row } from './Box';
import { Button, Choices, type Option } from './Buttons';
import { Glyph } from './Glyph';
import { Press } from './Press';
import { Say } from './Say';
import { Slider } from './Slider';

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
  /** A field to type it in, in the place of the text (NumberField; only who needs one loads it). */
  field?: ReactNode;
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
  field,
}: AdjusterProps) {
  const { p } = useTheme();
  const key = {
    borderRadius: 14,
    borderWidth: 1.5 * p.stroke,
    borderColor: p.edge,
    backgroundColor: p.ground,
    width: 64,
    minHeight: 56,
    alignItems: 'center' as const,
  };
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
        <Press label={`${label}: less`} onPress={onLess} style={key}>
          <Glyph name="minus" />
        </Press>
        {field ?? (
          <Say kind="title" role="status" aria-live="polite" style={{ textAlign: 'center', flexShrink: 1 }}>
            {live ?? text}
          </Say>
        )}
        <Press label={`${label}: more`} onPress={onMore} style={key}>
          <Glyph name="plus" />
        </Press>
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
