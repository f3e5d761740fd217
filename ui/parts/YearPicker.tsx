/**
 * The years of the calendar, in the place of the library's: that one draws them all behind the month, where the
 * keyboard finds them.
 */
import { ScrollView } from 'react-native';
import { Choices } from './Buttons';
import { useTheme } from '../theme/theme';
import { SHELL } from '../../wording/pages/shell';

/** The months and the days of the week stay in sight above them. */
const HEAD_PX = 104;

export default function YearPicker({
  selectedYear,
  selectingYear,
  onPressYear,
  startYear,
  endYear,
}: {
  selectedYear: number | undefined;
  selectingYear: boolean;
  onPressYear: (year: number) => void;
  startYear: number;
  endYear: number;
}) {
  const { p } = useTheme();
  if (!selectingYear) return null;
  const years = Array.from({ length: endYear - startYear + 1 }, (_, i) => endYear - i);
  return (
    <ScrollView
      style={{ position: 'absolute', top: HEAD_PX, bottom: 0, left: 0, right: 0, backgroundColor: p.card }}
      contentContainerStyle={{ padding: 14 }}
    >
      <Choices
        label={SHELL.year}
        options={years.map((value) => ({ value, title: String(value) }))}
        value={selectedYear ?? null}
        onChange={onPressYear}
      />
    </ScrollView>
  );
}
