/** One of two, each in words, under what it is about. */
import { View } from 'react-native';
import { Choices } from './Buttons';
import { Say } from './Say';

interface YesNoChoiceProps {
  label: string;
  yes: string;
  no: string;
  value: boolean;
  onChange: (yes: boolean) => void;
}

export const YesNoChoice = ({ label, yes, no, value, onChange }: YesNoChoiceProps) => (
  <View style={{ gap: 4 }}>
    <Say kind="strong">{label}</Say>
    <Choices
      label={label}
      options={[
        { value: 'yes', title: yes },
        { value: 'no', title: no },
      ]}
      value={value ? 'yes' : 'no'}
      onChange={(v) => onChange(v === 'yes')}
    />
  </View>
);
