/** A trial under way: how far it is, what came, and the way back. */
import { trialUnderWay } from '../../core/lessons/trials';
import { backToText, trialOfText } from '../../wording/strikes';
import { trialTold } from '../../wording/trials';
import { useActions, useBook, useConditions } from '../day/contexts';
import { lureById } from '../day/usual';
import { Card } from '../parts/Box';
import { Button } from '../parts/Buttons';
import { Say } from '../parts/Say';

export function TrialPart() {
  const { day } = useConditions();
  const book = useBook();
  const actions = useActions();
  const report = day ? trialUnderWay(book, day.trip.id) : null;
  if (!report) return null;
  const { trial, outcome } = report;
  const nameOf = (id: string): string => lureById(book.lure, id)?.name ?? '–';
  const other = trial.againstId ? lureById(book.lure, trial.againstId) : null;
  return (
    <Card tone="wash">
      <Say kind="strong">{trialOfText(nameOf(trial.lureId))}</Say>
      <Say role="status">{trialTold(report, nameOf)}</Say>
      {other && outcome !== 'better' ? (
        <Button title={backToText(other.name)} onPress={() => actions.chooseLure(other.id)} />
      ) : null}
    </Card>
  );
}
