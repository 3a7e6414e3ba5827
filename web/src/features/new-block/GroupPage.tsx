import Button from '@mui/material/Button';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import type { AthleteAnswer, BlockAnswer, BlockFile, TemplateAnswer } from '@nadir/contract';
import { addDays, startOfWeek } from '@nadir/core/base';
import { type TemplatePart, withoutParts } from '@nadir/core/edit';
import { useEffect, useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { useBlocksQuery, useSquadQuery, useTemplatesQuery } from '../../api/api.js';
import { errorSentence } from '../../api/call-error.js';
import { useCoaching } from '../../api/coaching.js';
import { useSignedIn } from '../../api/session.js';
import { ErrorNote } from '../../components/ErrorNote.js';
import { Tick } from '../../components/Tick.js';
import { TitleBlock } from '../../components/TitleBlock.js';
import askStyles from './Ask.module.css';
import styles from './Group.module.css';
import { GroupRow } from './GroupRow.js';
import { answer, freshWishes } from './questions.js';
import { RaceOfGroup } from './RaceOfGroup.js';
import { TemplateParts } from './TemplateParts.js';
import { useCreateBlocks } from './useCreateBlocks.js';
import { useGroupBlocks } from './useGroupBlocks.js';
import * as wording from './wording.js';

/** One plan at many levels: a template laid out for several athletes toward one race. */
export function GroupPage() {
  const [search] = useSearchParams();
  const squad = useSquadQuery();
  const blocks = useBlocksQuery();
  const templates = useTemplatesQuery();
  useEffect(() => {
    document.title = wording.groupNadir;
  }, []);
  const failed = [squad, blocks, templates].find(({ error }) => error)?.error;
  if (failed && 'kind' in failed) {
    return (
      <main className="page">
        <ErrorNote>{errorSentence(failed)}</ErrorNote>
      </main>
    );
  }
  if (!squad.data || !blocks.data || !templates.data) {
    return (
      <main className="page" aria-busy="true">
        {wording.opening}
      </main>
    );
  }
  const template = templates.data.templates.find(({ id }) => id === search.get('template'));
  return template ? (
    <Group template={template} athletes={squad.data.athletes} blocks={blocks.data.blocks} />
  ) : (
    <main className="page">{wording.noSuchTemplate}</main>
  );
}

function Group({
  template: { name, template },
  athletes,
  blocks,
}: {
  template: TemplateAnswer;
  athletes: readonly AthleteAnswer[];
  blocks: readonly BlockAnswer[];
}) {
  const { today, coach } = useSignedIn();
  const { houseRules, paces } = useCoaching();
  const [asked, setAsked] = useState<BlockFile>(() => {
    const fresh = freshWishes(today, coach.settings.weekStartsOn, houseRules, paces);
    const days = 7 * (template.weeks ?? 0) + 6;
    const date = template.weeks ? addDays(startOfWeek(today, 'monday'), days) : fresh.race.date;
    return { ...fresh, race: { ...fresh.race, date, distance: template.distance } };
  });
  const [left, setLeft] = useState<readonly TemplatePart[]>([]);
  const standing = useMemo(() => standingRaces(blocks, today), [blocks, today]);
  const [ticked, setTicked] = useState<ReadonlySet<string>>(
    () => new Set(athletes.map(({ id }) => id).filter((id) => !standing.has(id))),
  );
  const { rows, isWhole } = useGroupBlocks(
    useMemo(
      () => ({ template: withoutParts(template, left), asked, athletes, today }),
      [template, left, asked, athletes, today],
    ),
  );
  const chosen = rows.flatMap(({ athlete, laid }) =>
    laid.ok && ticked.has(athlete.id) ? [{ id: athlete.id, wishes: laid.file }] : [],
  );
  const able = rows.flatMap(({ athlete: { id }, laid }) => (laid.ok ? [id] : []));
  const problems = answer(asked, today).problems;
  const { create, isCreating, failure } = useCreateBlocks();
  const onTick = useMemo(
    () => (id: string, isTicked: boolean) =>
      setTicked((old) => new Set(isTicked ? [...old, id] : [...old].filter((each) => each !== id))),
    [],
  );
  return (
    <>
      <TitleBlock title={wording.blocksForAGroup} detail={wording.oneShapeAtEachLevel(name)}>
        <Button
          variant="contained"
          disabled={chosen.length === 0 || isCreating || !isWhole}
          onClick={() => void create(chosen, (id) => onTick(id, false))}
        >
          {wording.createBlocks(chosen.length)}
        </Button>
      </TitleBlock>
      <div className={askStyles.ask}>
        <section className={askStyles.questions} aria-label={wording.answers}>
          {failure !== undefined && <ErrorNote>{failure}</ErrorNote>}
          <RaceOfGroup
            asked={asked}
            problem={problems[0]?.message}
            onRace={(race) => setAsked({ ...asked, race })}
          />
          <TemplateParts template={template} left={left} onLeave={setLeft} />
        </section>
        <main className={askStyles.main} aria-busy={!isWhole}>
          <p className="muted">
            {rows.length > 0 || isWhole ? wording.whoeverIsTicked : wording.opening}
          </p>
          <Table className={styles.group}>
            <caption className="visually-hidden">{wording.theBlocksOfTheGroup}</caption>
            <TableHead>
              <TableRow>
                <TableCell>
                  <Tick
                    label={wording.athlete}
                    name={wording.everyone}
                    checked={able.length > 0 && able.every((id) => ticked.has(id))}
                    onAnswer={(all) => setTicked(new Set(all ? athletes.map(({ id }) => id) : []))}
                  />
                </TableCell>
                <TableCell align="right">{wording.weeksOfABlock}</TableCell>
                <TableCell align="right">{wording.startToPeak}</TableCell>
                <TableCell align="right">{wording.longestOfAll}</TableCell>
                <TableCell className={styles.drawn}>{wording.block}</TableCell>
                <TableCell>{wording.whatStandsOut}</TableCell>
              </TableRow>
            </TableHead>
            <TableBody>
              {rows.map(({ athlete, laid }) => (
                <GroupRow
                  key={athlete.id}
                  athlete={athlete}
                  laid={laid}
                  standing={standing.get(athlete.id)}
                  ticked={ticked.has(athlete.id)}
                  onTick={onTick}
                />
              ))}
            </TableBody>
          </Table>
        </main>
      </div>
    </>
  );
}

/** The next race that each athlete has a block toward, by their ids. */
function standingRaces(blocks: readonly BlockAnswer[], today: string): Map<string, string> {
  // Newest race first: the last one written is the next.
  return new Map(
    blocks.flatMap(({ athleteId, wishes: { race } }) =>
      race.date !== undefined && race.date >= today ? [[athleteId, race.name] as const] : [],
    ),
  );
}
