/** What of one's places goes along, said before a file leaves the device. */
import { View } from 'react-native';
import type { Tells } from '../../core/exchange/privacy';
import { tellsName } from '../../wording/tells';
import { useTheme } from '../theme/theme';
import { Choices } from './Buttons';
import { Say } from './Say';

interface TellsProps {
  /** What is asked. */
  label: string;
  /** What else there is to say of it. */
  why?: string;
  options: readonly Tells[];
  value: Tells;
  onChange: (tells: Tells) => void;
}

export function TellsChoice({ label, why, options, value, onChange }: TellsProps) {
  const { units } = useTheme();
  return (
    <View style={{ gap: 6 }}>
      <Say kind="strong">{label}</Say>
      {why ? (
        <Say kind="label" tone="soft">
          {why}
        </Say>
      ) : null}
      <Choices
        label={label}
        options={options.map((t) => ({ value: t, title: tellsName(t, units) }))}
        value={value}
        onChange={onChange}
      />
    </View>
  );
}
