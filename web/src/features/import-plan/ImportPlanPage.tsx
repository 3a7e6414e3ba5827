import Button from '@mui/material/Button';
import type { Basis } from '@nadir/core/base';
import { capital, formatRace, formatWithUnit, readDistance } from '@nadir/core/base/format';
import type { Counted } from '@nadir/core/edit/plan';
import { useEffect, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { useAddAthleteMutation, useAddBlockMutation, useSquadQuery } from '../../api/api.js';
import { errorSentence } from '../../api/call-error.js';
import { useSignedIn } from '../../api/session.js';
import { ChoiceAnswer } from '../../components/ChoiceAnswer.js';
import { DateAnswer } from '../../components/DateAnswer.js';
import { ErrorNote } from '../../components/ErrorNote.js';
import { Field } from '../../components/Field.js';
import { TextAnswer } from '../../components/TextAnswer.js';
import { TitleBlock } from '../../components/TitleBlock.js';
import styles from './ImportPlan.module.css';
import { PlanExample } from './PlanExample.js';
import { PlanTable } from './PlanTable.js';
import { TableSource } from './TableSource.js';
import { UnreadCells } from './UnreadCells.js';
import { measureOf, type PlanAsked, USUAL_DISTANCE, usePlan } from './usePlan.js';
import { unusedColumns } from './unused-columns.js';
import * as wording from './wording.js';

const COUNTED = [
  ['km', 'kilometres'],
  ['mi', 'miles'],
  ['time', 'minutes'],
] as const;

/** A coach’s own plan, pasted or from a file, made a block with its days as they are written. */
export function ImportPlanPage() {
  const { today, coach } = useSignedIn();
  const navigate = useNavigate();
  const athletes = useSquadQuery().data?.athletes ?? [];
  const [athleteId, setAthleteId] = useState('');
  const [name, setName] = useState('');
  const [race, setRace] = useState<PlanAsked['race']>({
    name: wording.goalRace,
    date: undefined,
    distance: undefined,
  });
  const [typedDistance, setTypedDistance] = useState<string>();
  const [saidCounted, setCounted] = useState<Counted>();
  const [addAthlete, adding] = useAddAthleteMutation();
  const [addBlock, laying] = useAddBlockMutation();
  const known = athletes.find(({ id }) => id === athleteId);
  const usual = countedFor(known?.facts.unit ?? coach.settings.unit, known?.facts.basis);
  const asked = useMemo(
    (): PlanAsked => ({
      athlete: known?.facts ?? { name: name.trim() },
      race,
      counted: saidCounted,
      usual,
    }),
    [known, name, race, saidCounted, usual],
  );
  const { table, read, said, take, choose, mend } = usePlan(asked);
  const counted = read?.counted ?? saidCounted ?? usual;
  useEffect(() => {
    document.title = wording.importAPlanNadir;
  }, []);
  const unit = counted === 'mi' ? 'mi' : 'km';
  const metres = race.distance ?? read?.distance ?? USUAL_DISTANCE;
  const distance = typedDistance ?? formatRace(metres, unit);
  const typed = readDistance(distance, unit);
  const failure = adding.error ?? laying.error;
  const isNamed = asked.athlete.name !== '';
  const unused = read ? unusedColumns(table, read.shape) : [];

  async function keep() {
    if (!read?.file) return;
    const id = athleteId || (await addAthlete(read.athlete)).data?.id;
    if (id === undefined) return;
    setAthleteId(id);
    const { data: block } = await addBlock({ athleteId: id, wishes: read.file });
    if (block) await navigate(`/blocks/${block.id}/sheet`);
  }

  return (
    <>
      <TitleBlock title={wording.importAPlan} detail={wording.daysAndWeeksStayAsYouWrote}>
        <Button
          variant="contained"
          disabled={!read?.file || !isNamed || adding.isLoading || laying.isLoading}
          onClick={() => void keep()}
        >
          {wording.createBlock}
        </Button>
      </TitleBlock>
      <main className={styles.main}>
        <section aria-label={wording.whoseAndForWhichRace} className={styles.asked}>
          <Field label={wording.athlete}>
            {(ids) => (
              <ChoiceAnswer
                {...ids}
                value={athleteId}
                width={220}
                choices={[
                  ['', wording.newAthlete],
                  ...athletes.map((each) => [each.id, each.facts.name] as const),
                ]}
                onAnswer={setAthleteId}
              />
            )}
          </Field>
          {!known && (
            <Field label={wording.name}>
              {(ids) => <TextAnswer {...ids} value={name} given width={220} onAnswer={setName} />}
            </Field>
          )}
          <Field label={wording.race}>
            {(ids) => (
              <TextAnswer
                {...ids}
                value={race.name}
                given
                width={220}
                longest={120}
                onAnswer={(text) => setRace({ ...race, name: text.trim() || wording.goalRace })}
              />
            )}
          </Field>
          <Field
            label={wording.distance}
            problem={typed.ok ? undefined : typed.problem}
            because={
              race.distance === undefined && metres !== USUAL_DISTANCE
                ? wording.readFromThePlan
                : undefined
            }
          >
            {(ids) => (
              <TextAnswer
                {...ids}
                value={distance}
                given
                wrong={!typed.ok}
                width={120}
                onAnswer={(text) => {
                  setTypedDistance(text);
                  const now = readDistance(text, unit);
                  if (now.ok) setRace({ ...race, distance: now.value });
                }}
              />
            )}
          </Field>
          <Field
            label={wording.raceDay}
            because={!race.date && read?.raceDate ? wording.readFromThePlan : undefined}
          >
            {(ids) => (
              <DateAnswer
                {...ids}
                value={race.date ?? read?.raceDate}
                onAnswer={(date) => setRace({ ...race, date })}
              />
            )}
          </Field>
          <Field
            label={wording.figuresIn}
            because={counted !== (saidCounted ?? usual) ? wording.readFromThePlan : undefined}
          >
            {(ids) => (
              <ChoiceAnswer {...ids} value={counted} choices={COUNTED} onAnswer={setCounted} />
            )}
          </Field>
        </section>
        <section aria-label={wording.thePlan} className={styles.plan}>
          <TableSource onTable={take} />
          {failure && 'kind' in failure && <ErrorNote>{errorSentence(failure)}</ErrorNote>}
          {!read && <PlanExample onTake={take} />}
          {read && (
            <>
              <div role="status" className={styles.verdict}>
                {read.problems.length > 0 ? (
                  read.problems.map((problem) => (
                    <p key={problem} className="grave">
                      {problem}
                    </p>
                  ))
                ) : (
                  <p>
                    {wording.cellsReadWeeksTo(
                      read.taken,
                      read.weeks,
                      formatRace(metres, unit),
                      read.raceDate && read.raceDate < today ? wording.aRecordOfThePast : '.',
                    )}
                    {read.untaken.length > 0 && wording.daysThatCannotBeReadAreWorked}
                    {!isNamed && wording.giveTheAthleteAName}
                  </p>
                )}
                {said !== undefined && <p className="small muted">{said}</p>}
                {unused.length > 0 && <p className="small muted">{wording.notUsed(unused)}</p>}
                {read.warmedUp > 0 && (
                  <p className="small muted">{wording.warmedUpSessions(read.warmedUp)}</p>
                )}
                {read.beforeRace !== undefined && (
                  <p className="small muted">
                    {wording.raceWeekCountsTheRace(
                      formatWithUnit(read.beforeRace, measureOf(read.counted)),
                    )}
                  </p>
                )}
                {read.startsOn !== coach.settings.weekStartsOn && (
                  <p className="small muted">{wording.itsWeeksBeginOn(capital(read.startsOn))}</p>
                )}
              </div>
              {read.untaken.length > 0 && (
                <UnreadCells table={table} untaken={read.untaken} onMend={mend} />
              )}
              <PlanTable
                table={table}
                read={read}
                weekStartsOn={coach.settings.weekStartsOn}
                onChoose={choose}
              />
            </>
          )}
        </section>
      </main>
    </>
  );
}

/** How running is counted in a unit, or by time. */
function countedFor(unit: string, basis: Basis = 'distance'): Counted {
  if (basis === 'time') return 'time';
  return unit === 'mi' ? 'mi' : 'km';
}
