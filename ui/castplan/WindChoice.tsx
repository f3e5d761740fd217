/** Which way the wind blows over a piece: told here, as no reading says how the piece lies. */
import { isFromBank } from '../../core/castplan/stands';
import { FLOWS, type Flow } from '../../core/water/pieces';
import { CAST_PLAN, windOverTitle } from '../../wording/castPlan';
import { say } from '../../wording/units';
import { useConditions } from '../day/contexts';
import { Choices } from '../parts/Buttons';
import { Part } from '../parts/Box';
import { useTheme } from '../theme/theme';

/** Less than this is felt by no cast and no boat, m/s. */
const FELT_MPS = 1;

export function WindChoice({ value, onChange }: { value: Flow; onChange: (to: Flow) => void }) {
  const { reading } = useConditions();
  const { units } = useTheme();
  if (!reading || reading.windMps < FELT_MPS) return null;
  return (
    <Part title={CAST_PLAN.wind(say.wind(reading.windMps, units))}>
      <Choices
        label={CAST_PLAN.windLabel}
        options={FLOWS.map((f) => ({ value: f as string, title: windOverTitle(f, isFromBank(reading.access)) }))}
        value={value}
        onChange={(v) => onChange(v as Flow)}
      />
    </Part>
  );
}
