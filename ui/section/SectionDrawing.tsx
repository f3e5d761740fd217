/** The section through the water in front of you: the one drawing every place fills in. */
import { memo, useMemo } from 'react';
import { Circle, G, Path, Rect, SvgText, Svg } from '../platform/shapes';
import { SECTION_PART } from '../../wording/pages/section';
import { FONT, useTheme } from '../theme/theme';
import { AimPart, RisePart } from './AimMark';
import { Layers, Reaches } from './Answers';
import { CastPath } from './CastPath';
import { CoverPart } from './Cover';
import { drawnBy, same, type PartProps } from './drawnBy';
import { FeltPart, FishPart, SightPart } from './FishParts';
import { FlowPart, WindPart } from './FlowParts';
import { frameOf, polyline, tipPoint } from './geometry';
import { EventMark } from './Marks';
import type { SectionModel } from './model';
import { StandPart } from './StandPart';
import { BandPart, BottomPart, SightedPart, TicksPart, WaterPart } from './WaterParts';

interface Props {
  model: SectionModel;
  /** The drawing told, for those who do not see it. */
  words: string;
  width: number;
  height: number;
  /** Moment of the path to show, s; null shows where it spends its time best. */
  atS: number | null;
  showSight?: boolean;
  /** The wind over the water: not where the picture is of many days. */
  showWind?: boolean;
}

/** Not drawn at all when nothing that it shows has changed. */
export const SectionDrawing = memo(
  WholeSection,
  (a, b) =>
    a.words === b.words &&
    a.width === b.width &&
    a.height === b.height &&
    a.atS === b.atS &&
    a.showSight === b.showSight &&
    a.showWind === b.showWind &&
    (a.model === b.model ||
      (Object.keys(b.model) as (keyof SectionModel)[]).every((k) => same(a.model[k], b.model[k]))),
);

function WholeSection({ model: m, words, width, height, atS, showSight = false, showWind = true }: Props) {
  const { p, scale } = useTheme();
  const { depthM, castM } = m;
  const f = useMemo(() => frameOf({ depthM, castM }, width, height), [depthM, castM, width, height]);
  const label = Math.min(18, 13 * Math.min(scale, 1.35));
  return (
    <Svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} role="img" aria-label={words}>
      <Rect x={0} y={0} width={width} height={height} fill={p.sky} />
      <WaterPart m={m} f={f} label={label} />
      <BottomPart m={m} f={f} label={label} />
      <BandPart m={m} f={f} label={label} />
      <RisePart m={m} f={f} label={label} />
      <CoverPart m={m} f={f} label={label} />
      {showSight ? (
        <>
          <SightedPart m={m} f={f} label={label} />
          <FeltPart m={m} f={f} label={label} />
          <SightPart m={m} f={f} label={label} />
        </>
      ) : null}
      {m.layers.length === 0 ? <FishPart m={m} f={f} label={label} /> : null}
      <FlowPart m={m} f={f} label={label} />
      <Reaches m={m} f={f} label={label} />
      <Layers m={m} f={f} label={label} />
      {m.path ? <CastPath m={m} f={f} atS={atS} label={label} /> : null}
      {m.marks.map((k) => (
        <EventMark key={k.id} kind={k.kind} x={f.x(k.xM)} y={f.y(k.depthM)} p={p} />
      ))}
      <AimPart m={m} f={f} label={label} />
      {showWind ? <WindPart m={m} f={f} label={label} /> : null}
      <StandPart m={m} f={f} label={label} />
      <AnglerPart m={m} f={f} label={label} />
      <TicksPart m={m} f={f} label={label} />
    </Svg>
  );
}

function Angler({ m, f, label }: PartProps) {
  const { p, units } = useTheme();
  const tip = tipPoint(m, f);
  const hand: [number, number] = [f.x(0) - 16, f.surfaceY - 14];
  return (
    <G strokeLinecap="round">
      <Path d={polyline([hand, tip])} stroke={p.line} strokeWidth={3.4 * p.stroke} fill="none" />
      {!m.path ? (
        <Circle cx={tip[0]} cy={tip[1]} r={2.5} fill={p.line} />
      ) : (
        <SvgText
          x={tip[0] + 8}
          y={Math.max(label, tip[1] - 2)}
          fontSize={label}
          fontFamily={FONT.dataBold}
          fill={p.line}
        >
          {SECTION_PART.tipUp(m.tipM, units)}
        </SvgText>
      )}
    </G>
  );
}

const AnglerPart = drawnBy(Angler, (m, f) => [m.tipM, m.path === null, ...tipPoint(m, f)]);
