/** How far the settled plan is, as a line and a bar; nothing when none is under way. */
import { View } from 'react-native';
import { ProgressBar } from 'react-native-paper';
import { planProgressText } from '../../wording/retrieve';
import { RETRIEVE_PAGE } from '../../wording/pages/retrieve';
import { useConditions } from '../day/contexts';
import { usePlanProgress } from '../day/planProgress';
import { Say } from '../parts/Say';
import { useTheme } from '../theme/theme';

export function PlanProgress() {
  const { p } = useTheme();
  const progress = usePlanProgress();
  const held = useConditions().day?.trip.settings.held !== undefined;
  const share = progress ? progress.done / progress.of : 0;
  return (
    <View style={{ gap: 4 }}>
      <Say kind="label" tone="soft" role="status">
        {held ? RETRIEVE_PAGE.firstSureness : RETRIEVE_PAGE.firstSearch}
      </Say>
      <View
        role="progressbar"
        aria-label="The settled plan"
        aria-valuemin={0}
        aria-valuemax={100}
        aria-valuenow={Math.round(100 * share)}
      >
        {/* The library's bar tells a screen reader nothing on the web: what stands around it does. */}
        <View aria-hidden>
          <ProgressBar
            progress={share}
            color={p.moss}
            style={{ height: 6, borderRadius: 3, backgroundColor: p.rule }}
          />
        </View>
      </View>
      <Say kind="label" tone="soft" style={{ minHeight: 20 }}>
        {progress ? planProgressText(progress) : ''}
      </Say>
    </View>
  );
}
