/** What more can be told of an event, or told otherwise: each by one touch, stored at once. */
import { View } from 'react-native';
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
import { fishWeightText, photoOfText, PLACE_NAME, SIDE_NAME, TELL, wasText } from '../../wording/events';
import { capital, EVENT_NAME, PHASE_NAME } from '../../wording/names';
import { say } from '../../wording/units';
import { useActions } from '../day/contexts';
import { EventPhotosLater } from '../photos/later';
import { Choices, type Option } from '../parts/Buttons';
import { NoteField } from '../parts/NoteField';
import { SteppedNumber } from '../parts/SteppedNumber';
import { Say } from '../parts/Say';
import { STEPPERS } from '../theme/stepping';
import { useTheme } from '../theme/theme';

const named = <T extends string>(all: readonly T[], nameOf: (x: T) => string): Option<T>[] =>
  all.map((value) => ({ value, title: capital(nameOf(value)) }));

const ofFish = (k: EventKind): boolean => k !== 'snag' && k !== 'lure-lost';

interface TellPartProps {
  event: StrikeEvent;
  species: SpeciesId;
  zone: string;
  /** Not where they stand beside it already. */
  photos?: boolean;
}

export function TellPart({ event: e, species, zone, photos = true }: TellPartProps) {
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
          <SteppedNumber
            unknown={TELL.unmeasured}
            label={TELL.length}
            value={e.lengthM}
            from={USUAL_CATCH_M[species]}
            stepper={STEPPERS.fishLength(units)}
            text={(m) => say.size(m, units)}
            onNumber={(lengthM) => tell({ lengthM })}
          />
          <SteppedNumber
            unknown={TELL.unmeasured}
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
          <SteppedNumber
            unknown={TELL.unmeasured}
            label={TELL.depth}
            value={e.depthM}
            from={1}
            stepper={STEPPERS.depth(units, 300)}
            text={(m) => say.depth(m, units)}
            onNumber={(depthM) => tell({ depthM })}
          />
        </>
      ) : null}
      {photos ? <EventPhotosLater eventId={e.id} what={photoOfText(e, zone, units)} /> : null}
      <View style={{ gap: 4 }}>
        <Say kind="strong">{TELL.note}</Say>
        <NoteField label={TELL.note} value={e.note} most={500} onNote={(note) => tell({ note })} />
      </View>
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
