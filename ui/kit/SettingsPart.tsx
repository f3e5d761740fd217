/** Units, light, text size, and the way to the schools of thought. */
import { useRouter } from 'expo-router';
import type { Light } from '../../core/records/preferences';
import { useActions, usePrefs } from '../day/contexts';
import { ON_THE_WATER } from '../../wording/device';
import { IMPERIAL, METRIC, UNIT_CHOICES, type UnitPrefs } from '../../wording/units';
import { KIT_PAGE } from '../../wording/pages/kit';
import { SHARED } from '../../wording/pages/shared';
import { Part } from '../parts/Box';
import { Button, Choices } from '../parts/Buttons';
import { Disclosure } from '../parts/Disclosure';
import { Say } from '../parts/Say';

const UNIT_TITLE: Record<keyof UnitPrefs, string> = {
  temp: 'Temperature',
  depth: 'Depth and distance',
  size: 'Small lengths',
  weight: 'Lure weight',
  line: 'Line strength',
  money: 'Money',
  speed: 'Speed',
};
const UNIT_NAME: Record<string, string> = {
  F: '°F',
  C: '°C',
  ft: 'feet',
  m: 'metres',
  in: 'inches',
  cm: 'centimetres',
  oz: 'ounces',
  g: 'grams',
  lb: 'pounds',
  kg: 'kilograms',
  mph: 'mph',
  kmh: 'km/h',
  $: '$',
  '€': '€',
  '£': '£',
  kr: 'kr',
};
/** Whatever the money is. */
const same = (a: UnitPrefs, b: UnitPrefs): boolean =>
  Object.keys(a).every((k) => k === 'money' || a[k as keyof UnitPrefs] === b[k as keyof UnitPrefs]);

export function SettingsPart() {
  const prefs = usePrefs();
  const actions = useActions();
  const router = useRouter();
  const set = prefs.units;
  return (
    <>
      <Part title="Light and text">
        <Say kind="label" tone="soft">
          {KIT_PAGE.lights}
        </Say>
        <Choices
          label="Light"
          options={[
            { value: 'noon', title: 'Noon' },
            { value: 'shade', title: 'Shade' },
            { value: 'night', title: 'Night' },
          ]}
          value={prefs.light}
          onChange={(v) => actions.savePrefs({ light: v as Light })}
        />
        <Say kind="label" tone="soft">
          Text size
        </Say>
        <Choices
          label="Text size"
          options={[1, 1.25, 1.5, 2].map((v) => ({ value: v, title: `${Math.round(v * 100)} %` }))}
          value={prefs.textScale}
          onChange={(v) => actions.savePrefs({ textScale: v })}
        />
        <Say kind="label" tone="soft">
          {ON_THE_WATER.hand}
        </Say>
        <Choices
          label={ON_THE_WATER.hand}
          options={[
            { value: 'right', title: ON_THE_WATER.right },
            { value: 'left', title: ON_THE_WATER.left },
          ]}
          value={prefs.hand}
          onChange={(v) => actions.savePrefs({ hand: v as 'left' | 'right' })}
        />
        <Say kind="label" tone="soft">
          {ON_THE_WATER.felt}
        </Say>
        <Say kind="label" tone="soft">
          {ON_THE_WATER.screen}
        </Say>
        <Choices
          label={ON_THE_WATER.screen}
          options={[
            { value: 1, title: ON_THE_WATER.staysOn },
            { value: 0, title: ON_THE_WATER.goesDark },
          ]}
          value={prefs.staysOn ? 1 : 0}
          onChange={(v) => actions.savePrefs({ staysOn: v === 1 })}
        />
        <Say kind="label" tone="soft">
          {KIT_PAGE.singleKeys}
        </Say>
        <Choices
          label="Keys"
          options={[
            { value: 1, title: 'Keys on' },
            { value: 0, title: 'Keys off' },
          ]}
          value={prefs.shortcuts ? 1 : 0}
          onChange={(v) => actions.savePrefs({ shortcuts: v === 1 })}
        />
      </Part>
      <Part title="Units">
        <Choices
          label="Units"
          options={[
            { value: 'imperial', title: '°F, feet, ounces' },
            { value: 'metric', title: '°C, metres, grams' },
          ]}
          value={same(set, IMPERIAL) ? 'imperial' : same(set, METRIC) ? 'metric' : null}
          onChange={(v) => actions.savePrefs({ units: { ...(v === 'metric' ? METRIC : IMPERIAL), money: set.money } })}
        />
        <Disclosure title="One by one">
          {(Object.keys(UNIT_CHOICES) as (keyof UnitPrefs)[]).map((k) => (
            <Part key={k} title={UNIT_TITLE[k]}>
              <Choices
                label={UNIT_TITLE[k]}
                options={UNIT_CHOICES[k].map((v) => ({ value: v as string, title: UNIT_NAME[v]! }))}
                value={set[k]}
                onChange={(v) => actions.savePrefs((now) => ({ units: { ...now.units, [k]: v } as UnitPrefs }))}
              />
            </Part>
          ))}
        </Disclosure>
      </Part>
      <Part title={SHARED.disagree}>
        <Say>{KIT_PAGE.disagreeNote}</Say>
        <Button title={KIT_PAGE.disagreeOpen} onPress={() => router.navigate('/lures/schools' as never)} />
      </Part>
    </>
  );
}
