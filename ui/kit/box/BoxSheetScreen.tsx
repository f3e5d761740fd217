/** The whole box and the rods with what is on them, on sheets to print. */
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { byFavour } from '../../../core/box/sorted';
import { inBox, inUse } from '../../../core/records';
import { groupBy } from '../../../core/log/tally';
import { capital, FAMILY_NAME } from '../../../wording/names';
import { BOX_PAGE, onSheet } from '../../../wording/pages/box';
import { SHARED } from '../../../wording/pages/shared';
import { outfitText } from '../../../wording/rods';
import { dayText } from '../../../wording/time';
import { useBookWithoutLog, useConditions, usePrefs } from '../../day/contexts';
import { tackleOn } from '../../day/tackle';
import { Note } from '../../parts/Box';
import { Button } from '../../parts/Buttons';
import { Ink, Sheet } from '../../parts/Paper';
import { deviceZone } from '../../platform/clock';
import { Screen } from '../../shell/Screen';
import { useTheme } from '../../theme/theme';

/** Two columns where there is room for them. */
const COLUMN_PX = 280;

export function BoxSheetScreen() {
  const book = useBookWithoutLog();
  const { day, nowMs } = useConditions();
  const prefs = usePrefs();
  const { units } = useTheme();
  const router = useRouter();
  const box = inBox(book.lure).sort(byFavour);
  const rods = inUse(book.rod).sort((a, b) => a.name.localeCompare(b.name));
  const kinds = [...groupBy(box, (l) => FAMILY_NAME[l.family])].sort(([a], [b]) => a.localeCompare(b));
  const back = <Button title={BOX_PAGE.back} onPress={() => router.navigate('/kit/box' as never)} />;
  if (box.length === 0)
    return (
      <Screen title={BOX_PAGE.onPaper} section={false}>
        <Note>{BOX_PAGE.nothingYet}</Note>
        {back}
      </Screen>
    );
  return (
    <Screen title={BOX_PAGE.onPaper} sub={BOX_PAGE.toPrint} section={false}>
      <Button kind="solid" title={SHARED.print} onPress={() => window.print()} />
      <Sheet id="box-sheet" label={BOX_PAGE.onPaper} width="186mm" shrink={0.85}>
        <Ink bold size={20}>
          {BOX_PAGE.sheetTitle(box.length, dayText(nowMs, day?.water.zone ?? deviceZone()))}
        </Ink>
        {rods.length > 0 ? (
          <View>
            <Ink bold>{BOX_PAGE.rods}</Ink>
            {rods.map((r) => (
              <Ink key={r.id} size={13}>
                {outfitText(r, tackleOn(r, book, day, prefs))}
              </Ink>
            ))}
          </View>
        ) : null}
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 16, rowGap: 8 }}>
          {kinds.map(([kind, lures]) => (
            <View key={kind} role="list" aria-label={kind} style={{ flexGrow: 1, flexBasis: COLUMN_PX }}>
              <Ink bold>{capital(kind)}</Ink>
              {lures.map((l) => (
                <View key={l.id} role="listitem">
                  <Ink size={13}>{`${l.name}: ${onSheet(l, units)}`}</Ink>
                </View>
              ))}
            </View>
          ))}
        </View>
      </Sheet>
      {back}
    </Screen>
  );
}
