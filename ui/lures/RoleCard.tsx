/** One lure to take in hand: why, how many strikes, how to rig it. */
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { isSetByHand } from '../../core/planning/task/request';
import type { RankedLure } from '../../core/ranking/ranked';
import { rateLine, setByHandText, whyLine } from '../../wording/lures';
import { capital, FAMILY_NAME } from '../../wording/names';
import { LURES_PAGE } from '../../wording/pages/lures';
import { useActions, usePlan, useRanking, useBookWithoutLog } from '../day/contexts';
import { Card, Row } from '../parts/Box';
import { Button } from '../parts/Buttons';
import { Disclosure } from '../parts/Disclosure';
import { Say } from '../parts/Say';
import { useTheme } from '../theme/theme';
import { isOfKind, lureById } from '../day/usual';
import { LurePicture } from './LurePicture';
import { Faults, RigPart } from './RigPart';
import { useNames } from './useNames';

export function RoleCard({ title, more, x }: { title: string; more: string; x: RankedLure }) {
  const { ranking } = useRanking();
  const { lure, plan, request } = usePlan();
  const book = useBookWithoutLog();
  const actions = useActions();
  const { units, p } = useTheme();
  const router = useRouter();
  const name = capital(useNames()(x.key));
  const own = lureById(book.lure, x.key);
  const inHand = !!own && lure?.id === own.id;
  return (
    <Card style={inHand ? { borderColor: p.moss, borderWidth: 2 } : undefined}>
      <Row style={{ justifyContent: 'space-between' }} wrap>
        <Say kind="label" tone="copper">
          {title}
        </Say>
        {inHand ? (
          <Say kind="labelStrong" tone="moss">
            in hand
          </Say>
        ) : null}
      </Row>
      <Row gap={12}>
        <LurePicture family={x.family} width={64} />
        <View style={{ flex: 1, minWidth: 0 }}>
          <Say kind="heading" level={2}>
            {name}
          </Say>
          {own && !isOfKind(own) ? (
            <Say kind="label" tone="soft">
              {FAMILY_NAME[x.family]}
            </Say>
          ) : null}
        </View>
      </Row>
      <Say>{whyLine(x, ranking?.ranked ?? [x], units)}</Say>
      <Say kind="label" tone="soft">{`${rateLine(x)}. ${more}`}</Say>
      {inHand && plan?.presentation.lureId === x.key && request && isSetByHand(request) ? (
        <Say kind="label">{setByHandText(plan.zoneShare.mean, x.zone.share)}</Say>
      ) : null}
      <Faults x={x} />
      <Disclosure title={LURES_PAGE.howToRig}>
        <RigPart x={x} />
      </Disclosure>
      {own ? (
        <Button
          kind={inHand ? 'solid' : 'outline'}
          title={inHand ? LURES_PAGE.howToWork : 'Take this one'}
          label={inHand ? LURES_PAGE.howToWorkThe(name) : `Take the ${name}`}
          onPress={() => {
            if (!inHand) actions.chooseLure(own.id);
            router.navigate('/retrieve');
          }}
        />
      ) : null}
    </Card>
  );
}
