/** Below the section: what was touched in it, or all that stands in it. */
import { View } from 'react-native';
import {
  layerText,
  markText,
  OVER_WATER,
  reachText,
  sectionKey,
  waterAt,
  type SectionThing,
} from '../../wording/sectionKey';
import { SECTION_PART } from '../../wording/pages/section';
import { Row } from '../parts/Box';
import { Button } from '../parts/Buttons';
import { Say } from '../parts/Say';
import { useTheme } from '../theme/theme';
import { frameOf } from './geometry';
import type { SectionModel } from './model';
import { whatAt, type Found } from './whatAt';

/** A touch in the drawing, px, or all of it. */
export type Asked = { x: number; y: number } | 'all';

interface Props {
  asked: Asked;
  model: SectionModel;
  width: number;
  height: number;
  sight: boolean;
  wind: boolean;
  onAll: () => void;
  onClose: () => void;
}

export function KeyPart({ asked, model, width, height, sight, wind, onAll, onClose }: Props) {
  const { p, units } = useTheme();
  const key = sectionKey(model, units, { sight, wind });
  const found = asked === 'all' ? null : whatAt(model, frameOf(model, width, height), asked.x, asked.y, sight);
  const rows = found ? [told(found)] : key;
  function told(at: Found): { thing: SectionThing | 'water' | 'air'; sign: string; text: string } {
    if (at.thing === 'air') return { thing: 'air', sign: 'Air', text: OVER_WATER };
    if (at.thing === 'water')
      return { thing: 'water', sign: 'Open water', text: waterAt(at.depthM, model.attenuationPerM, units) };
    const entry = key.find((k) => k.thing === at.thing) ?? key[0]!;
    if (at.thing === 'reach')
      return { ...entry, sign: 'Bar', text: reachText(model.reaches[at.index]!, at.index + 1, units) };
    if (at.thing === 'layer') return { ...entry, sign: 'Bar', text: layerText(model.layers[at.index]!, units) };
    if (at.thing === 'mark') return { ...entry, sign: 'Sign', text: markText(model.marks[at.index]!.kind) };
    return entry;
  }
  return (
    <View
      role="region"
      aria-label={SECTION_PART.inPicture}
      style={{ backgroundColor: p.card, borderColor: p.rule, borderBottomWidth: p.stroke, padding: 12, gap: 6 }}
    >
      <View aria-live="polite" style={{ gap: 6 }}>
        {rows.map((row) => (
          <Say key={row.thing}>
            <Say kind="strong">{`${row.sign}. `}</Say>
            {row.text}
          </Say>
        ))}
      </View>
      <Row gap={8} wrap>
        {found ? <Button kind="plain" title={SECTION_PART.all} onPress={onAll} /> : null}
        <Button kind="plain" title="Close the key" onPress={onClose} />
      </Row>
    </View>
  );
}
