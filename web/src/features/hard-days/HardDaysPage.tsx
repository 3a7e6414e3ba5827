import type { BlockFile } from '@nadir/contract';
import type { CheckedBlock } from '@nadir/core';
import { weekdayOf } from '@nadir/core/base';
import type { Place } from '@nadir/core/edit/week';
import { startingFamilies } from '@nadir/core/sessions/library';
import { familiesOf } from '@nadir/core/spec';
import type { PhaseKind, Progression } from '@nadir/core/spec/choices';
import { useEffect, useMemo, useState } from 'react';
import { useParams } from 'react-router';
import { useCoachingQuery } from '../../api/api.js';
import { useSignedIn } from '../../api/session.js';
import { ChoiceAnswer } from '../../components/ChoiceAnswer.js';
import { useLaidBlock, useShownChange } from '../../components/useLaidBlock.js';
import { weekOf } from '../../drawing/days.js';
import { ConflictDialog } from '../../editor/ConflictDialog.js';
import { InEditor } from '../../editor/InEditor.js';
import { OpenBlockTitle } from '../../editor/OpenBlockTitle.js';
import { useAnswers } from '../../editor/useAnswers.js';
import { useCommands } from '../../editor/useCommands.js';
import { FixedWeekdays } from './FixedWeekdays.js';
import styles from './HardDays.module.css';
import { TurnsGrid } from './TurnsGrid.js';
import * as wording from './wording.js';

/** The rotation of sessions on each weekday, week by week, and weekdays that stay the same. */
export function HardDaysPage() {
  const { id = '' } = useParams();
  return (
    <InEditor id={id}>{(file, preview) => <OpenHardDays file={file} preview={preview} />}</InEditor>
  );
}

function OpenHardDays({ file, preview }: { file: BlockFile; preview: BlockFile | null }) {
  const { today } = useSignedIn();
  const base = useLaidBlock(file);
  const { block, shown } = useShownChange(preview, base);
  const commands = useCommands();
  const [phase, setPhase] = useState<PhaseKind | ''>('');
  const families = useFamilies(base.block);
  const places = useMemo(() => hardPlaces(base.block), [base.block]);
  const { athlete } = block.spec;
  useAnswers(base);
  useEffect(() => {
    document.title = wording.hardDaysOfNadir(athlete.name || wording.aBlock);
  }, [athlete.name]);
  const kinds = [...new Set(block.weeks.map((week) => week.phase))];
  const phases = phase === '' ? undefined : [phase];
  return (
    <>
      <OpenBlockTitle spec={base.block.spec} view={wording.hardDays}>
        <ChoiceAnswer<PhaseKind | ''>
          label={wording.whereChangesApply}
          value={phase}
          choices={[
            ['', wording.applyToTheWholeBlock],
            ...kinds.map((kind) => [kind, `Apply to ${kind.replaceAll('-', ' ')}`] as const),
          ]}
          onAnswer={setPhase}
        />
      </OpenBlockTitle>
      <main className={styles.main}>
        <TurnsGrid
          block={block}
          places={places}
          families={families}
          phases={phases}
          now={weekOf(block.weeks, today)}
          commands={commands}
        />
        <FixedWeekdays
          key={phase}
          block={base.block}
          measure={shown.measure}
          phases={phases}
          commands={commands}
        />
      </main>
      <ConflictDialog />
    </>
  );
}

/** As the block has them, then the coach's own and the starting library. */
function useFamilies({ spec }: CheckedBlock): readonly Progression[] {
  const { data } = useCoachingQuery();
  return useMemo(() => {
    const found = new Map<string, Progression>();
    const { families = [] } = spec;
    const all = [...families, ...(data?.library ?? []), ...startingFamilies, ...familiesOf(spec)];
    for (const family of all) {
      if (!found.has(family.id)) found.set(family.id, family);
    }
    return [...found.values()];
  }, [data, spec]);
}

/** Places with a quality day in some week, or with turns. */
function hardPlaces({ spec, weeks }: CheckedBlock): Place[] {
  return [
    ...spec.week.qualityOn,
    ...(spec.rotations ?? []).map(({ on }) => on),
    ...weeks.flatMap(({ kind, days }) =>
      kind === 'building'
        ? days.filter(({ role }) => role === 'quality').map(({ date }) => weekdayOf(date))
        : [],
    ),
  ];
}
