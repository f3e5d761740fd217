/**
 * One ranked lure: how many strikes, every factor that made the number, what it costs here, and how it stands against
 * another.
 */
import { lureById } from '../day/usual';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { ledgerOf, type Ledger } from '../../core/ranking/cost';
import { EVERYDAY } from '../../core/lures/families/everyday';
import type { RankedLure } from '../../core/ranking/ranked';
import { compareSentence, factorLeads } from '../../wording/choosing';
import { hookedPerHour } from '../../wording/lures';
import { capital, FACTOR_NAME } from '../../wording/names';
import { reasonSentence, timesText } from '../../wording/reasons';
import { dearCheapSentence, ledgerSentence } from '../../wording/rods';
import { moneyText } from '../../wording/units';
import { LURES_PAGE } from '../../wording/pages/lures';
import { useActions, usePlan, useBookWithoutLog } from '../day/contexts';
import { Row } from '../parts/Box';
import { Button, Choices } from '../parts/Buttons';
import { Disclosure } from '../parts/Disclosure';
import { Glyph } from '../parts/Glyph';
import { Gradual } from '../parts/Gradual';
import { Press } from '../parts/Press';
import { Say } from '../parts/Say';
import { useTheme } from '../theme/theme';
import { LurePicture } from './LurePicture';
import { useNames } from './useNames';

/** Fishing hours of a day, for what it costs. */
const HOURS = 5;
/** Others that can be chosen to compare with. */
const OTHERS = 7;
/** A bar as long as this times better or worse, ln. */
const MAX_BAR_LN = 1.5;

export function RankedRow({ x, place, all }: { x: RankedLure; place: number; all: readonly RankedLure[] }) {
  const { lure } = usePlan();
  const book = useBookWithoutLog();
  const actions = useActions();
  const { p } = useTheme();
  const router = useRouter();
  const nameOf = useNames();
  const [open, setOpen] = useState(false);
  const own = lureById(book.lure, x.key);
  const name = capital(nameOf(x.key));
  const inHand = !!own && lure?.id === own.id;
  const hooked = hookedPerHour(x);
  return (
    <View style={{ borderBottomWidth: p.stroke, borderBottomColor: p.rule, paddingBottom: 6 }}>
      <Press label={LURES_PAGE.row(place, name, x)} expanded={open} onPress={() => setOpen(!open)}>
        <Row gap={10} style={{ paddingVertical: 6 }}>
          <Say kind="labelStrong" style={{ minWidth: 22 }}>
            {place}
          </Say>
          <LurePicture family={x.family} width={44} />
          <View style={{ flex: 1, minWidth: 0, gap: 3 }}>
            <Say kind="strong">{name}</Say>
            <View style={{ height: 8, borderRadius: 4, backgroundColor: p.rule, overflow: 'hidden' }}>
              <View
                style={{
                  height: 8,
                  width: `${Math.max(1, (100 * x.score) / all[0]!.score)}%`,
                  backgroundColor: inHand ? p.copper : p.moss,
                }}
              />
            </View>
          </View>
          <View style={{ alignItems: 'flex-end' }}>
            <Say kind="strong">{hooked.mid}</Say>
            <Say kind="small" tone="soft">
              {hooked.range}
            </Say>
          </View>
          <Glyph name={open ? 'up' : 'down'} size={18} color={p.soft} />
        </Row>
      </Press>
      {open ? (
        <View style={{ gap: 8, paddingVertical: 6 }}>
          <Factors x={x} all={all} />
          <Cost x={x} />
          {all.length > 1 ? (
            <Disclosure title="Compare with another">
              <Compare x={x} all={all} />
            </Disclosure>
          ) : null}
          {own ? (
            <Button
              kind={inHand ? 'solid' : 'outline'}
              title={inHand ? LURES_PAGE.inHand(name) : `Take the ${name}`}
              onPress={() => {
                actions.chooseLure(own.id);
                router.navigate('/retrieve');
              }}
            />
          ) : null}
        </View>
      ) : null}
    </View>
  );
}

/** A bar to the left (worse) or right (better) of the middle. */
function LeadBar({ lead }: { lead: number }) {
  const { p } = useTheme();
  const cut = Math.max(-MAX_BAR_LN, Math.min(MAX_BAR_LN, lead));
  return (
    <View style={{ height: 6, flexDirection: 'row', backgroundColor: p.rule, borderRadius: 3 }}>
      <View style={{ flex: 1, alignItems: 'flex-end' }}>
        {cut < 0 ? (
          <View
            style={{ height: 6, width: `${(-cut / MAX_BAR_LN) * 100}%`, backgroundColor: p.copper, borderRadius: 3 }}
          />
        ) : null}
      </View>
      <View style={{ flex: 1 }}>
        {cut > 0 ? (
          <View
            style={{ height: 6, width: `${(cut / MAX_BAR_LN) * 100}%`, backgroundColor: p.moss, borderRadius: 3 }}
          />
        ) : null}
      </View>
    </View>
  );
}

/** Each factor against the middle of the others. */
function Factors({ x, all }: { x: RankedLure; all: readonly RankedLure[] }) {
  const { units } = useTheme();
  const middle = (factor: string): number => {
    const v = all.map((r) => r.why.find((w) => w.factor === factor)?.ln ?? 0).sort((a, b) => a - b);
    return v[Math.floor(v.length / 2)] ?? 0;
  };
  return (
    <View style={{ gap: 8 }}>
      <Say kind="label" tone="soft">
        {LURES_PAGE.factors}
      </Say>
      <Gradual>
        {x.why.map((w) => (
          <View key={w.factor} style={{ gap: 2 }}>
            <Row style={{ justifyContent: 'space-between' }} wrap>
              <Say kind="labelStrong">{capital(FACTOR_NAME[w.factor])}</Say>
              <Say kind="label" tone="soft">
                {w.factor === 'zone' || w.factor === 'called' || w.factor === 'passes'
                  ? LURES_PAGE.base(w.ln)
                  : timesText(w.ln)}
              </Say>
            </Row>
            <LeadBar lead={w.ln - middle(w.factor)} />
            <Say kind="label">{reasonSentence(w, units)}</Say>
          </View>
        ))}
      </Gradual>
      <Say kind="labelStrong">{LURES_PAGE.hooked(x)}</Say>
    </View>
  );
}

/** What a lure costs here: its own price, or the usual one of its kind. */
function useLedger(): (x: RankedLure) => { priceMinor: number; ledger: Ledger } {
  const { tackle } = usePlan();
  const book = useBookWithoutLog();
  return (x) => {
    const priceMinor = book.lure[x.key]?.priceMinor ?? EVERYDAY[x.family].priceMinor;
    return { priceMinor, ledger: ledgerOf(x, priceMinor, HOURS, tackle?.line ?? null) };
  };
}

/** Snags, broken lines and the price of it, beside the score and never in it. */
function Cost({ x }: { x: RankedLure }) {
  const { units } = useTheme();
  const book = useBookWithoutLog();
  const own = book.lure[x.key];
  const { priceMinor, ledger: l } = useLedger()(x);
  return (
    <Say kind="label">
      {LURES_PAGE.costs(
        ledgerSentence(l, priceMinor, HOURS, units),
        own || l.lostInDay < 0.05 ? null : moneyText(priceMinor, units),
      )}
    </Say>
  );
}

function Compare({ x, all }: { x: RankedLure; all: readonly RankedLure[] }) {
  const { units } = useTheme();
  const nameOf = useNames();
  const ledger = useLedger();
  const others = all.filter((o) => o !== x).slice(0, OTHERS);
  const [key, setKey] = useState(others[0]!.key);
  const other = others.find((o) => o.key === key) ?? others[0]!;
  const priced = (o: RankedLure) => ({ name: nameOf(o.key), ledger: ledger(o).ledger, score: o.score });
  const money = dearCheapSentence(priced(x), priced(other), units);
  return (
    <View style={{ gap: 8 }}>
      <Choices
        label="Compare with"
        options={others.map((o) => ({ value: o.key, title: capital(nameOf(o.key)) }))}
        value={other.key}
        onChange={setKey}
      />
      <Say kind="strong">{compareSentence(x, other, nameOf)}</Say>
      {money ? <Say>{money}</Say> : null}
      <Say kind="label" tone="soft">
        {LURES_PAGE.betterFor(nameOf(x.key))}
      </Say>
      <Gradual>
        {factorLeads(x, other)
          .filter((f) => Math.abs(f.lead) > 0.01)
          .map((f) => {
            const theirs = other.why.find((w) => w.factor === f.factor);
            return (
              <View key={f.factor} style={{ gap: 2 }}>
                <Row style={{ justifyContent: 'space-between' }} wrap>
                  <Say kind="labelStrong">{capital(FACTOR_NAME[f.factor])}</Say>
                  <Say kind="label" tone="soft">
                    {timesText(f.lead)}
                  </Say>
                </Row>
                <LeadBar lead={f.lead} />
                <Say kind="label">{`${capital(nameOf(x.key))}: ${reasonSentence(
                  x.why.find((w) => w.factor === f.factor)!,
                  units,
                )}`}</Say>
                {theirs ? (
                  <Say kind="label">{`${capital(nameOf(other.key))}: ${reasonSentence(theirs, units)}`}</Say>
                ) : null}
              </View>
            );
          })}
      </Gradual>
    </View>
  );
}
