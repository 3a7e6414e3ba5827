import type { BlockVersion } from '@nadir/contract';
import { daysMoved } from '@nadir/core/present/compare';
import { useMemo } from 'react';
import { useBlockVersionQuery, useHandoutsQuery } from '../../api/api.js';
import { formatDay } from '../../components/dates.js';
import { laidOf, type LaidAndShown, usePast } from '../../components/useLaidBlock.js';
import { formName } from './handout-forms.js';
import * as wording from './wording.js';

/** What left the desk, the newest first, and how much of it is no longer so. */
export function HandedOut({
  id,
  base,
  revision,
}: {
  id: string;
  base: LaidAndShown;
  revision: number;
}) {
  const { data } = useHandoutsQuery(id);
  const [last] = data?.handouts ?? [];
  const isOld = last !== undefined && last.revision !== revision;
  const { data: version } = useBlockVersionQuery(
    { id, revision: last?.revision ?? 1 },
    { skip: !isOld },
  );
  if (!data) return null;
  return (
    <section aria-label={wording.handedOut}>
      <h2 className="display">{wording.handedOut}</h2>
      {data.handouts.length === 0 && <p className="muted">{wording.nothingYet}</p>}
      {isOld && version && <Since version={version} base={base} revision={last.revision} />}
      <ul className="plain-list">
        {data.handouts.map((each) => (
          <li key={each.id}>
            {formName(each.form)}
            <span className="small muted">
              {wording.version(each.revision, formatDay(each.at.slice(0, 10)))}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** The days to come that are other than in the athlete’s hand. */
function Since({
  version,
  base,
  revision,
}: {
  version: BlockVersion;
  base: LaidAndShown;
  revision: number;
}) {
  const past = usePast();
  const days = useMemo(() => {
    const then = laidOf(version.wishes, past, base.shown.measure);
    return daysMoved(then.block, base.block, past.asOf).length;
  }, [version, base, past]);
  return (
    <p role="status">
      {days === 0
        ? wording.handedOutAsVersion(revision)
        : wording.handedOutAsVersionSince(revision, days, days === 1 ? wording.has : wording.have)}
    </p>
  );
}
