/** A key that says a day and opens a calendar to choose another; the calendar is read in at the first touch. */
import { lazy, Suspense, useState } from 'react';
import { dateAt, midnightMs, type CivilDate } from '../../core/base/zone';
import { Button } from './Buttons';

const Dialog = lazy(() => import('./typing').then((m) => ({ default: m.DateDialog })));

/** The calendar knows the device's days alone: a day of the water is shown to it as the same date of the device. */
const shown = ({ year, month, day }: CivilDate): Date => new Date(year, month - 1, day, 12);

export function DateKey({
  label,
  title,
  atMs,
  firstMs,
  lastMs,
  zone,
  onDay,
}: {
  label: string;
  title: string;
  atMs: number;
  firstMs: number;
  lastMs: number;
  zone: string;
  /** The start of the day chosen, on the water's clock, ms. */
  onDay: (startMs: number) => void;
}) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button title={title} label={`${label}: ${title}`} onPress={() => setOpen(true)} />
      {open ? (
        <Suspense fallback={null}>
          <Dialog
            label={label}
            date={shown(dateAt(atMs, zone))}
            first={shown(dateAt(firstMs, zone))}
            last={shown(dateAt(lastMs, zone))}
            onClose={() => setOpen(false)}
            onDate={(d) => {
              setOpen(false);
              onDay(midnightMs(d.getFullYear(), d.getMonth() + 1, d.getDate(), zone));
            }}
          />
        </Suspense>
      ) : null}
    </>
  );
}
