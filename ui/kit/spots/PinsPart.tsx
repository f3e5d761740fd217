/** What is pinned at the spot in hand: listed, put there on the plan or where the device is, taken out. */
import { useState } from 'react';
import { View } from 'react-native';
import type { Degrees } from '../../../core/base/ground';
import { nearEnoughToPin } from '../../../core/forecast/pins';
import { MAX_PINS, type Pin, type Spot } from '../../../core/records/spot';
import { PIN_KINDS, type PinKind } from '../../../core/water/terms';
import { capital } from '../../../wording/names';
import { PIN_NAME, pinName, PINS, pinText } from '../../../wording/pins';
import { movedText } from '../../../wording/way';
import { Row } from '../../parts/Box';
import { Button, Choices } from '../../parts/Buttons';
import { Say } from '../../parts/Say';
import { TextField } from '../../parts/TextField';
import { whereIAm } from '../../platform/location';
import { FIELD_OUTLINE, useTheme } from '../../theme/theme';

const LONGEST_NAME = 40;

/** A pin that is about to be put. */
export type PinInHand = Pick<Pin, 'kind' | 'name'>;
export const NEW_PIN: PinInHand = { kind: 'limb', name: '' };

/** The pins of a spot, each to be taken out. */
export function PinsList({ spot, onOut }: { spot: Spot; onOut: (pin: Pin) => void }) {
  const { units } = useTheme();
  if (spot.pins.length === 0) return null;
  return (
    <View style={{ gap: 6 }}>
      <Say kind="strong">{PINS.title}</Say>
      {spot.pins.map((pin, i) => (
        <Row key={i} wrap>
          <Say style={{ flexGrow: 1, flexShrink: 1, flexBasis: 160 }}>{pinText(pin, spot, units)}</Say>
          <Button
            title={PINS.takeOut}
            label={`${pinText(pin, spot, units)}: ${PINS.takeOut.toLowerCase()}`}
            onPress={() => onOut(pin)}
          />
        </Row>
      ))}
    </View>
  );
}

interface PuttingProps {
  spot: Spot;
  pin: PinInHand;
  /** Where the cross stands. */
  at: Degrees | null;
  onPin: (pin: PinInHand | null) => void;
  onPut: (at: Degrees) => void;
}

/** Below the plan while pins are put. */
export function PuttingPins({ spot, pin, at, onPin, onPut }: PuttingProps) {
  const { p, scale, units } = useTheme();
  const [trouble, setTrouble] = useState<string | null>(null);
  const full = spot.pins.length >= MAX_PINS;
  const onDevice = async (): Promise<void> => {
    const here = await whereIAm();
    if ('trouble' in here) return setTrouble(here.trouble);
    if (!nearEnoughToPin(spot, here)) return setTrouble(PINS.farOff(spot.name, movedText(spot, here, units)));
    setTrouble(null);
    onPut(here);
  };
  return (
    <View style={{ gap: 8 }}>
      <Say role="status">{full ? PINS.full : PINS.how}</Say>
      <Row gap={8} wrap>
        <Button kind="copper" title={PINS.put} disabled={!at || full} onPress={() => at && onPut(at)} />
        <Button title={PINS.device} disabled={full} onPress={() => void onDevice()} />
        <Button title={PINS.leave} onPress={() => onPin(null)} />
      </Row>
      {trouble ? <Say role="alert">{trouble}</Say> : null}
      <Choices
        label={PINS.kind}
        options={PIN_KINDS.map((value) => ({ value, title: capital(PIN_NAME[value]) }))}
        value={pin.kind}
        onChange={(kind) => onPin({ ...pin, kind: kind as PinKind })}
      />
      <Say kind="strong">{PINS.name}</Say>
      <TextField
        mode="outlined"
        outlineStyle={FIELD_OUTLINE}
        aria-label={PINS.name}
        value={pin.name}
        maxLength={LONGEST_NAME}
        onChangeText={(name) => onPin({ ...pin, name })}
        style={{ backgroundColor: p.card, minHeight: 56, fontSize: 16 * scale }}
      />
      <PutSoFar spot={spot} />
    </View>
  );
}

/** What was put last, so that one hears it. */
function PutSoFar({ spot }: { spot: Spot }) {
  const last = spot.pins.at(-1);
  return last ? (
    <Say role="status" kind="label" tone="moss">
      {PINS.pinned(pinName(last), spot.name)}
    </Say>
  ) : null;
}
