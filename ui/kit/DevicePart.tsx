/** How the record and the application stand on this device, and what went wrong so far. */
import { useState } from 'react';
import { View } from 'react-native';
import { useStore } from 'zustand';
import { forgetTroubles, troubles, type Trouble } from '../../data/troubles';
import { keepingText, offlineText, troubleText } from '../../wording/device';
import { KIT_PAGE } from '../../wording/pages/kit';
import { SHARED } from '../../wording/pages/shared';
import { Part } from '../parts/Box';
import { Button } from '../parts/Buttons';
import { Disclosure } from '../parts/Disclosure';
import { Say } from '../parts/Say';
import { deviceZone } from '../platform/clock';
import { useKeeping } from '../platform/persistence';
import { buildName } from '../../data/build';
import { useOfflineUse } from '../platform/updates';
import { saveProblemReport } from './problemReport';

const SHOWN = 8;

export function DevicePart() {
  const list = useStore(troubles, (s) => s.list);
  const keeping = useKeeping();
  const offline = useOfflineUse();
  const [said, setSaid] = useState('');
  const newest = [...list].reverse();
  return (
    <Part title="On this device">
      <Say>{keepingText(keeping)}</Say>
      <Say kind="label" tone="soft">{`Build ${buildName()}. ${offlineText(offline)}`}</Say>
      {list.length > 0 ? (
        <Disclosure title={`${list.length} problem${list.length === 1 ? '' : 's'} noted`}>
          <Say kind="label">{KIT_PAGE.onThisDeviceOnly}</Say>
          {newest.slice(0, SHOWN).map((t) => (
            <TroubleRow key={t.id} t={t} />
          ))}
          {list.length > SHOWN ? <Say kind="label">{KIT_PAGE.moreInFile(list.length - SHOWN)}</Say> : null}
          <View style={{ gap: 8 }}>
            <Button
              title={SHARED.saveReport}
              onPress={() => {
                saveProblemReport(list);
                setSaid(KIT_PAGE.reportSaved);
              }}
            />
            <Button title="Forget these problems" onPress={forgetTroubles} />
          </View>
        </Disclosure>
      ) : (
        <Say kind="label" tone="soft">
          No problem noted.
        </Say>
      )}
      {said ? (
        <Say role="status" kind="label" tone="moss">
          {said}
        </Say>
      ) : null}
    </Part>
  );
}

function TroubleRow({ t }: { t: Trouble }) {
  return (
    <View style={{ gap: 2 }}>
      <Say kind="strong">{troubleText(t, deviceZone())}</Say>
      <Say kind="label" tone="soft">
        {t.text.split('\n')[0]}
      </Say>
    </View>
  );
}
