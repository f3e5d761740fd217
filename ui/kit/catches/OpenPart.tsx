/** What a list leaves open: waters, fish and lures that it does not name or calls otherwise, and the casts. */
import { useState } from 'react';
import { View } from 'react-native';
import { NAMED, type ListNames, type Named } from '../../../core/exchange/catches/named';
import { MAX_CASTS } from '../../../core/exchange/catches/fields';
import type { ToldOfCatches } from '../../../core/exchange/catches/kept';
import type { CatchSight } from '../../../workers/files';
import { FAMILIES } from '../../../core/lures/family';
import { inBox, inUse } from '../../../core/records';
import { SPECIES, type SpeciesId } from '../../../core/water/terms';
import { capital, FAMILY_NAME, SPECIES_NAME } from '../../../wording/names';
import { CATCHES_PAGE, NAMED_TEXT } from '../../../wording/pages/catches';
import { useBookWithoutLog } from '../../day/contexts';
import { Card, Part } from '../../parts/Box';
import { Button, Choices, type Option } from '../../parts/Buttons';
import { Disclosure } from '../../parts/Disclosure';
import { FoundChoice } from '../../parts/FoundChoice';
import { Say } from '../../parts/Say';
import { SteppedNumber } from '../../parts/SteppedNumber';
import { STEPPERS } from '../../theme/stepping';

const SHOWN = 4;
const CASTS = STEPPERS.plain(10, 1, MAX_CASTS);
const whole = (n: number): string => String(Math.round(n));
const fish: readonly Option<SpeciesId>[] = SPECIES.map((value) => ({ value, title: capital(SPECIES_NAME[value]) }));
const KINDS: readonly Option<string>[] = FAMILIES.map((value) => ({ value, title: capital(FAMILY_NAME[value]) }));

interface OpenProps {
  look: CatchSight;
  told: ToldOfCatches;
  tell: (more: Partial<ToldOfCatches>) => void;
}

export function OpenPart({ look, told, tell }: OpenProps) {
  const book = useBookWithoutLog();
  const waters = inUse(book.water).map((w) => ({ value: w.id, title: w.name }));
  const options: Record<Named, readonly Option<string>[]> = {
    water: waters,
    fish,
    lure: [...inBox(book.lure).map((l) => ({ value: l.id, title: l.name })), ...KINDS],
  };
  const alias = (what: Named, name: string, as: string | null): void => {
    const rest = Object.entries(told.aliases[what] ?? {}).filter(([n]) => n !== name);
    tell({ aliases: { ...told.aliases, [what]: Object.fromEntries(as === null ? rest : [...rest, [name, as]]) } });
  };
  const { castless, silent } = look;
  const asksCasts = castless > 0 || told.castsADay !== null;
  const names = NAMED.filter((n) => look.names[n].unknown.length + look.names[n].aliased.length > 0);
  if (!asksCasts && silent.water === 0 && silent.fish === 0 && names.length === 0) return null;
  return (
    <Part title={CATCHES_PAGE.open}>
      {silent.water > 0 ? (
        <View style={{ gap: 4 }}>
          <Say kind="strong">{CATCHES_PAGE.onWater(silent.water)}</Say>
          <Choices
            label={CATCHES_PAGE.onWater(silent.water)}
            options={waters}
            value={told.waterId}
            onChange={(waterId) => tell({ waterId })}
          />
        </View>
      ) : null}
      {silent.fish > 0 ? (
        <View style={{ gap: 4 }}>
          <Say kind="strong">{CATCHES_PAGE.onFish(silent.fish)}</Say>
          <FoundChoice
            label={CATCHES_PAGE.onFish(silent.fish)}
            options={fish}
            value={told.species}
            onChange={(species) => tell({ species })}
          />
        </View>
      ) : null}
      {names.map((n) => (
        <Names
          key={n}
          what={n}
          names={look.names[n]}
          standFor={told.aliases[n] ?? {}}
          options={options[n]}
          onName={(name, as) => alias(n, name, as)}
        />
      ))}
      {asksCasts ? (
        <View style={{ gap: 4 }}>
          <Say kind="label" tone="soft">
            {CATCHES_PAGE.castsWhy(castless)}
          </Say>
          <SteppedNumber
            label={CATCHES_PAGE.casts}
            value={told.castsADay}
            from={100}
            unknown={CATCHES_PAGE.untold}
            stepper={CASTS}
            text={whole}
            onNumber={(n) => tell({ castsADay: Math.round(n) })}
          />
        </View>
      ) : null}
    </Part>
  );
}

function Names({
  what,
  names: { unknown, aliased },
  standFor,
  options,
  onName,
}: {
  what: Named;
  names: ListNames;
  standFor: Readonly<Record<string, string>>;
  options: readonly Option<string>[];
  onName: (name: string, as: string | null) => void;
}) {
  const [all, setAll] = useState(false);
  const shown = all ? unknown : unknown.slice(0, SHOWN);
  const titleOf = (name: string): string => options.find((o) => o.value === standFor[name])?.title ?? '–';
  return (
    <Card>
      <Say kind="strong">{NAMED_TEXT[what]}</Say>
      {aliased.map((name) => (
        <View key={name}>
          <Say>{CATCHES_PAGE.takenAs(name, titleOf(name))}</Say>
          <Button
            kind="plain"
            title={CATCHES_PAGE.another}
            label={CATCHES_PAGE.changeName(name)}
            onPress={() => onName(name, null)}
          />
        </View>
      ))}
      {shown.map(({ name, lines }) => (
        <Disclosure key={name} title={CATCHES_PAGE.foundAs(name, lines)}>
          <FoundChoice
            label={CATCHES_PAGE.foundAs(name, lines)}
            options={options}
            value={null}
            onChange={(as) => onName(name.trim().toLowerCase(), as)}
          />
        </Disclosure>
      ))}
      {unknown.length > shown.length ? (
        <Button title={CATCHES_PAGE.moreNames(unknown.length - shown.length)} onPress={() => setAll(true)} />
      ) : null}
    </Card>
  );
}
