/** Rehearses with the groups taking what is free: the rota is made for a lesson. */
import { unknownsOf, type Practical, type StationPlaces } from '@kivex/core';
import { useMemo } from 'react';
import { Notice } from '../kit/Notice.js';
import { Tile } from '../kit/Tile.js';
import { RehearsalPanel } from '../plan/RehearsalPanel.js';

export function RehearsePractical({
  practical,
  groups,
  places,
}: {
  readonly practical: Practical;
  readonly groups: number;
  readonly places: StationPlaces;
}) {
  const ready = practical.tests.length > 0 && unknownsOf(practical).length > 0;
  const plan = useMemo(() => ({ practical, groups, places }), [practical, groups, places]);
  if (!ready)
    return (
      <Tile>
        <Notice tone="look">Choose at least one test and one unknown first.</Notice>
      </Tile>
    );
  return <RehearsalPanel plan={plan} practical={practical} />;
}
