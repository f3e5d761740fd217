/** What a ranked thing is called: the angler's own lure by its name, a family by its kind. */
import { useCallback } from 'react';
import type { FamilyId } from '../../core/lures/family';
import type { NameOf } from '../../wording/choosing';
import { FAMILY_NAME } from '../../wording/names';
import { useBookWithoutLog } from '../day/contexts';

export function useNames(): NameOf {
  const book = useBookWithoutLog();
  return useCallback((key) => book.lure[key]?.name ?? FAMILY_NAME[key as FamilyId] ?? key, [book.lure]);
}
