/** The casts at a piece of cover: which piece, from where, in which order; begun here, checked off as one casts. */
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { facedIn } from '../../core/castplan/plan';
import { isEdge } from '../../core/castplan/shape';
import { isFromBank, openSides } from '../../core/castplan/stands';
import { inUse } from '../../core/records';
import type { Piece } from '../../core/records/piece';
import type { Flow, SideOfPiece, TargetId } from '../../core/water/pieces';
import {
  angleText,
  betterText,
  CAST_PLAN,
  castPlanNotes,
  doneText,
  holdText,
  leftOutText,
  orderText,
  pieceLine,
  signsText,
  windText,
} from '../../wording/castPlan';
import { sideTitle } from '../../wording/pieces';
import { say } from '../../wording/units';
import { useActions, useBookWithoutLog, useConditions } from '../day/contexts';
import { Card, Note, Part, Row } from '../parts/Box';
import { Button, Choices } from '../parts/Buttons';
import { Disclosure } from '../parts/Disclosure';
import { Say } from '../parts/Say';
import { Screen } from '../shell/Screen';
import { useTheme } from '../theme/theme';
import { CastList } from './CastList';
import { PieceSection } from './PieceSection';
import { AnglesPicture, PlanPicture } from './PlanPicture';
import { WindChoice } from './WindChoice';
import { NextAngle } from './NextAngle';
import { useAngles, useFishedPlan, usePlanOf, type FishedPlan } from './useCastPlan';

const BEST = 'best';

export function CastPlanScreen() {
  const { day } = useConditions();
  const book = useBookWithoutLog();
  const router = useRouter();
  const fished = useFishedPlan();
  const [chosen, setChosen] = useState<string | null>(null);
  if (!day)
    return (
      <Screen title={CAST_PLAN.title} section={false}>
        <Note>{CAST_PLAN.noDay}</Note>
        <Button kind="solid" title="To the water" onPress={() => router.navigate('/')} />
      </Screen>
    );
  const pieces = inUse(book.piece)
    .filter((x) => x.waterId === day.water.id)
    .sort((a, b) => Number(b.spotId === day.trip.spotId) - Number(a.spotId === day.trip.spotId));
  const piece = (chosen ? book.piece[chosen] : null) ?? fished?.piece ?? pieces[0] ?? null;
  const add = () => router.navigate(`/kit/piece/new?water=${encodeURIComponent(day.water.id)}` as never);
  return (
    <Screen title={CAST_PLAN.title} sub={piece?.name ?? day.water.name} section={false}>
      {day.conditions.water.setting === 'ice' ? <Note>{CAST_PLAN.iced}</Note> : null}
      {pieces.length === 0 ? <Note>{CAST_PLAN.none}</Note> : null}
      {pieces.length > 1 ? (
        <Part title={CAST_PLAN.which}>
          <Choices
            label={CAST_PLAN.which}
            options={pieces.map((x) => ({ value: x.id, title: x.name }))}
            value={piece?.id ?? null}
            onChange={setChosen}
          />
        </Part>
      ) : null}
      {piece ? (
        fished && fished.piece.id === piece.id ? (
          <Fishing key={piece.id} {...fished} />
        ) : (
          <Choosing key={piece.id} piece={piece} />
        )
      ) : null}
      <Row gap={8} wrap>
        {piece ? (
          <Button
            title={CAST_PLAN.change}
            onPress={() => router.navigate(`/kit/piece/${encodeURIComponent(piece.id)}` as never)}
          />
        ) : null}
        <Button kind={pieces.length === 0 ? 'solid' : 'outline'} title={CAST_PLAN.add} onPress={add} />
      </Row>
    </Screen>
  );
}

/** A plan that is looked at before it is fished. */
function Choosing({ piece }: { piece: Piece }) {
  const { reading } = useConditions();
  const actions = useActions();
  const router = useRouter();
  const { units } = useTheme();
  const [side, setSide] = useState<SideOfPiece | null>(null);
  const [wind, setWind] = useState<Flow>('none');
  const plan = usePlanOf(piece, side, wind);
  if (!reading) return null;
  const edge = isEdge(piece.kind);
  const sides = openSides(piece, reading.access);
  const begin = (): void => {
    if (!plan) return;
    actions.startCastPlan(piece.id, plan.stand, wind, facedIn(piece, plan));
    router.navigate('/strikes');
  };
  return (
    <>
      <Say tone="soft">{pieceLine(piece, units)}</Say>
      {sides.length > 1 ? (
        <Choices
          label={CAST_PLAN.from}
          options={[
            { value: BEST, title: CAST_PLAN.best },
            ...sides.map((s) => ({ value: s as string, title: sideTitle(edge, s) })),
          ]}
          value={side ?? BEST}
          onChange={(v) => setSide(v === BEST ? null : (v as SideOfPiece))}
        />
      ) : null}
      <WindChoice value={wind} onChange={setWind} />
      {plan ? (
        <>
          <PlanPicture piece={piece} plan={plan} access={reading.access} />
          <Say kind="strong">{holdText(piece, plan, reading.access, units)}</Say>
          <Button kind="solid" title={CAST_PLAN.fish} onPress={begin} />
          <CastList piece={piece} plan={plan} access={reading.access} />
          <Angles piece={piece} plan={plan} access={reading.access} />
          <FromTheSide piece={piece} plan={plan} />
          <Told piece={piece} plan={plan} access={reading.access} />
        </>
      ) : (
        <Note>{CAST_PLAN.nowhere}</Note>
      )}
    </>
  );
}

/** The piece cut along its length, or an edge across: how deep what stands there is. */
const FromTheSide = ({ piece, plan }: Pick<FishedPlan, 'piece' | 'plan'>) => (
  <Disclosure title={CAST_PLAN.side}>
    <PieceSection piece={piece} plan={plan} />
    <Say kind="label" tone="soft">
      {CAST_PLAN.sideNote}
    </Say>
  </Disclosure>
);

type Planned = Pick<FishedPlan, 'piece' | 'plan' | 'access'>;

/** The same piece from one place after another. */
function Angles({ piece, plan, access }: Planned) {
  const { units } = useTheme();
  const angles = useAngles(piece, plan.wind.to, plan.stand);
  if (angles.length === 0) return null;
  return (
    <Part title={CAST_PLAN.angles}>
      <AnglesPicture piece={piece} plans={[plan, ...angles]} access={access} />
      {angles.map((a, i) => (
        <Say key={`${a.stand.x} ${a.stand.y}`}>{`${i + 2}. ${angleText(piece, a, access, units)}`}</Say>
      ))}
      <Say kind="label" tone="soft">
        {CAST_PLAN.anglesWhy}
      </Say>
    </Part>
  );
}

/** What else is to be said of a plan. */
function Told({ piece, plan, access }: Planned) {
  const { reading } = useConditions();
  const { units } = useTheme();
  return (
    <View style={{ gap: 6 }}>
      {[
        windText(plan.wind, access, units),
        orderText(plan),
        ...leftOutText(piece, plan, access),
        ...castPlanNotes(piece, access, reading?.currentMps ?? 0),
      ]
        .filter(Boolean)
        .map((t) => (
          <Say key={t}>{t}</Say>
        ))}
      <Say kind="label" tone="soft">
        {CAST_PLAN.handed(isFromBank(access))}
      </Say>
      {piece.note ? <Say tone="soft">{piece.note}</Say> : null}
    </View>
  );
}

/** The plan that is fished, as it stands. */
function Fishing({ piece, plan, access, better, next }: FishedPlan) {
  const { day } = useConditions();
  const actions = useActions();
  const { units } = useTheme();
  const skip = (t: TargetId): void => actions.changeCastPlan((on) => ({ ...on, skipped: [...on.skipped, t] }));
  const first = (t: TargetId): void => actions.changeCastPlan((on) => ({ ...on, next: t }));
  const aimM = day?.trip.aimM ?? null;
  const signs = signsText(plan);
  return (
    <>
      <PlanPicture piece={piece} plan={plan} access={access} />
      <Say kind="strong">{holdText(piece, plan, access, units)}</Say>
      <Say>{plan.casts.length > 0 ? `${doneText(plan)}.` : next ? CAST_PLAN.overHere : CAST_PLAN.over}</Say>
      {next ? <NextAngle piece={piece} next={next} access={access} /> : null}
      {signs ? (
        <Say kind="label" tone="soft">
          {signs}
        </Say>
      ) : null}
      {aimM === null ? null : <Say tone="soft">{CAST_PLAN.aimed(say.distance(aimM, units))}</Say>}
      <WindChoice
        value={plan.wind.to}
        onChange={(to) => actions.turnWind(to, facedIn(piece, { ...plan, wind: { ...plan.wind, to } }))}
      />
      {better ? (
        <Card tone="wash">
          <Say>{betterText(piece, better.plan, better.times)}</Say>
          <Say tone="soft">{holdText(piece, better.plan, access, units)}</Say>
          <Button
            title={CAST_PLAN.goThere}
            onPress={() => actions.standAt(better.plan.stand, facedIn(piece, better.plan))}
          />
        </Card>
      ) : null}
      <CastList piece={piece} plan={plan} access={access} onSkip={skip} onFirst={first} />
      <FromTheSide piece={piece} plan={plan} />
      <Row gap={8} wrap>
        <Button title={CAST_PLAN.again} onPress={() => actions.beginCastPlanAgain()} />
        <Button title={CAST_PLAN.leave} onPress={() => actions.leaveCastPlan()} />
      </Row>
      <Disclosure title={CAST_PLAN.why}>
        <Told piece={piece} plan={plan} access={access} />
      </Disclosure>
    </>
  );
}
