/** How far the settled plan is, as a line and a bar; nothing when none is under way. */
import { View } from 'react-native';
import { planProgressText } from '../../wording/retrieve';
import { RETRIEVE_PAGE } from '../../wording/pages/retrieve';
import { useConditions } from '../day/contexts';
import { usePlanProgress } from '../day/planProgress';
import { ProgressLine } from '../parts/ProgressLine';
import { Say } from '../parts/Say';

export function PlanProgress() {
  const progress = usePlanProgress();
  const held = useConditions().day?.trip.settings.held !== undefined;
  const share = progress ? progress.done / progress.of : 0;
  return (
    <View style={{ gap: 4 }}>
      <Say kind="label" tone="soft" role="status">
        {held ? RETRIEVE_PAGE.firstSureness : RETRIEVE_PAGE.firstSearch}
      </Say>
      <ProgressLine label="The settled plan" share={share} />
      <Say kind="label" tone="soft" style={{ minHeight: 20 }}>
        {progress ? planProgressText(progress) : ''}
      </Say>
    </View>
  );
}
