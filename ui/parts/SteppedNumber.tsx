/** A number that is typed or stepped, under its label: one part for forms, for what is told of a fish, for counts. */
import { View } from 'react-native';
import { useTheme } from '../theme/theme';
import { stepBy, typedBy, type Stepper } from '../theme/stepping';
import { Row } from './Box';
import { NumberFieldLater } from './NumberFieldLater';
import { Say } from './Say';
import { StepKey } from './StepKey';

interface SteppedNumberProps {
  label: string;
  /** Null: not known; stepping sets out from `from`. */
  value: number | null;
  from?: number;
  /** Stands there while nothing is known. */
  unknown?: string;
  stepper: Stepper;
  text: (v: number) => string;
  onNumber: (v: number) => void;
  onTrouble?: (wrong: boolean) => void;
  problem?: string;
  hint?: string;
}

export function SteppedNumber({
  label,
  value,
  from = 0,
  unknown = '',
  stepper,
  text,
  onNumber,
  onTrouble,
  problem,
  hint,
}: SteppedNumberProps) {
  const { scale } = useTheme();
  return (
    <View style={{ gap: 4, maxWidth: 520 }}>
      <Say kind="strong">{label}</Say>
      <Row gap={8} wrap style={{ alignItems: 'flex-start' }}>
        <NumberFieldLater
          label={label}
          text={value === null ? unknown : text(value)}
          typed={typedBy(stepper, text)}
          onNumber={onNumber}
          onTrouble={onTrouble}
          problem={problem}
          hint={hint}
          style={{ flexGrow: 1, flexBasis: 130 * scale }}
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
