/** What more can be told of an event, or told otherwise: each by one touch, stored at once. */
import { useState } from 'react';
import { View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { PHASES } from '../../core/planning/cadence/cadence';
import {
  EVENT_KINDS,
  EVENT_PLACES,
  EVENT_SIDES,
  type EventDetails,
  type EventKind,
  type StrikeEvent,
} from '../../core/records/event';
import { USUAL_CATCH_M } from '../../core/water/species/lengths';
import type { SpeciesId } from '../../core/water/terms';
import { fishWeightText, PLACE_NAME, SIDE_NAME, TELL, wasText } from '../../wording/events';
import { capital, EVENT_NAME, PHASE_NAME } from '../../wording/names';
import { say } from '../../wording/units';
import { useActions } from '../day/contexts';
import { Row } from '../parts/Box';
import { Choices, type Option } from '../parts/Buttons';
import { NumberFieldLater } from '../parts/NumberFieldLater';
import { Say } from '../parts/Say';
import { StepKey } from '../parts/StepKey';
import { stepBy, STEPPERS, typedBy, type Stepper } from '../theme/stepping';
import { FIELD_OUTLINE, useTheme } from '../theme/theme';

const named = <T extends string>(all: readonly T[], nameOf: (x: T) => string): Option<T>[] =>
  all.map((value) => ({ value, title: capital(nameOf(value)) }));

const ofFish = (k: EventKind): boolean => k !== 'snag' && k !== 'lure-lost';

/** A figure that may not have been measured: typed or stepped. */
function Measure({
  label,
  value,
  from,
  stepper,
  text,
  onNumber,
}: {
  label: string;
  value: number | null;
  /** Where stepping sets out. */
  from: number;
  stepper: Stepper;
  text: (si: number) => string;
  onNumber: (v: number) => void;
}) {
  return (
    <View style={{ gap: 4, maxWidth: 520 }}>
      <Say kind="strong">{label}</Say>
      <Row gap={8} style={{ alignItems: 'flex-start' }}>
        <NumberFieldLater
          label={label}
          text={value === null ? TELL.unmeasured : text(value)}
          typed={typedBy(stepper, text)}
          onNumber={onNumber}
          style={{ flexGrow: 1, flexBasis: 130 }}
        />
        {([-1, 1] as const).map((way) => (
          <StepKey
            key={way}
            of={label}
            way={way}
            onPress={() => onNumber(value === null ? from : stepBy(stepper, value, way))}
            width={56}
          />
        ))}
      </Row>
    </View>
  );
}

function NoteField({ event }: { event: StrikeEvent }) {
  const { p, scale } = useTheme();
  const actions = useActions();
  const [typed, setTyped] = useState<string | null>(null);
  return (
    <View style={{ maxWidth: 720, gap: 4 }}>
      <Say kind="strong">{TELL.note}</Say>
      <TextInput
        mode="outlined"
        outlineStyle={FIELD_OUTLINE}
        aria-label={TELL.note}
        value={typed ?? event.note}
        maxLength={500}
        onChangeText={setTyped}
        onBlur={() => {
          if (typed !== null) actions.tellEvent(event.id, { note: typed.trim() });
          setTyped(null);
        }}
        style={{ backgroundColor: p.card, minHeight: 56, fontSize: 16 * scale }}
      />
    </View>
  );
}

export function TellPart({ event: e, species, zone }: { event: StrikeEvent; species: SpeciesId; zone: string }) {
  const { units } = useTheme();
  const actions = useActions();
  const tell = (change: Partial<EventDetails>): void => actions.tellEvent(e.id, change);
  const lost = e.kind === 'lure-lost';
  const choice = <T extends string>(
    label: string,
    options: readonly Option<T>[],
    value: T | null,
    onChange: (v: T) => void,
  ) => (
    <View style={{ gap: 4 }}>
      <Say kind="strong">{label}</Say>
      <Choices label={label} options={options} value={value} onChange={onChange} />
    </View>
  );
  return (
    <View style={{ gap: 12, paddingVertical: 8 }}>
      {e.kind === 'landed' ? (
        <>
          <Measure
            label={TELL.length}
            value={e.lengthM}
            from={USUAL_CATCH_M[species]}
            stepper={STEPPERS.fishLength(units)}
            text={(m) => say.size(m, units)}
            onNumber={(lengthM) => tell({ lengthM })}
          />
          <Measure
            label={TELL.weight}
            value={e.weightKg}
            from={0.5}
            stepper={STEPPERS.fishWeight(units)}
            text={(kg) => fishWeightText(kg, units)}
            onNumber={(weightKg) => tell({ weightKg })}
          />
          {choice(
            TELL.released,
            [
              { value: 'released', title: TELL.wasReleased },
              { value: 'kept', title: TELL.wasKept },
            ],
            e.released === null ? null : e.released ? 'released' : 'kept',
            (v) => tell({ released: v === 'released' }),
          )}
        </>
      ) : null}
      {ofFish(e.kind) ? (
        <>
          {choice(
            TELL.phase,
            named(PHASES, (x) => PHASE_NAME[x]),
            e.phase,
            (phase) => tell({ phase }),
          )}
          {choice(
            TELL.place,
            named(EVENT_PLACES, (x) => PLACE_NAME[x]),
            e.place,
            (place) => tell({ place }),
          )}
          {choice(
            TELL.side,
            named(EVENT_SIDES, (x) => SIDE_NAME[x]),
            e.side,
            (side) => tell({ side }),
          )}
          <Measure
            label={TELL.depth}
            value={e.depthM}
            from={1}
            stepper={STEPPERS.depth(units, 300)}
            text={(m) => say.depth(m, units)}
            onNumber={(depthM) => tell({ depthM })}
          />
        </>
      ) : null}
      <NoteField event={e} />
      {/* A lost lure has left the box: what it was is not changed by a touch here. */}
      {lost
        ? null
        : choice(
            TELL.what,
            named(
              EVENT_KINDS.filter((k) => k !== 'lure-lost'),
              (x) => EVENT_NAME[x],
            ),
            e.kind,
            (kind) => tell({ kind }),
          )}
      {e.was.map((w, i) => (
        <Say key={i} kind="label" tone="soft">
          {wasText(w, zone, units)}
        </Say>
      ))}
    </View>
  );
}
