import type { AthleteAnswer, BlockAnswer } from '@nadir/contract';
import type { Measure } from '@nadir/core/base';
import { whatChanged } from '@nadir/core/present/compare';
import { useEffect, useMemo } from 'react';
import { useSearchParams } from 'react-router';
import { useBlocksQuery, useSquadQuery } from '../../api/api.js';
import { errorSentence } from '../../api/call-error.js';
import { useSignedIn } from '../../api/session.js';
import type { OverlayBlock } from '../../drawing/Overlay.js';
import { Section } from '../../drawing/Section.js';
import styles from './Past.module.css';
import { AlignedTable } from './AlignedTable.js';
import { athleteName } from './athlete-name.js';
import { ChoiceAnswer } from '../../components/ChoiceAnswer.js';
import { formatDay } from '../../components/dates.js';
import { DifferenceList } from '../../components/DifferenceList.js';
import { ErrorNote } from '../../components/ErrorNote.js';
import { TitleBlock } from '../../components/TitleBlock.js';
import { useElementSize } from '../../components/useElementSize.js';
import { useMeasure } from '../../components/useLaidBlock.js';
import { useLaidWithPast } from '../../components/useLaidWithPast.js';
import * as wording from './wording.js';

/** Most blocks that lines can still tell apart. */
const PLACES = ['first', 'second', 'third'] as const;
type Place = (typeof PLACES)[number];
const PLACE_LABELS: Readonly<Record<Place, string>> = {
  first: wording.drawnSolid,
  second: wording.drawnDashed,
  third: wording.drawnDotted,
};
const NOBODY = '';

/** Two or three blocks, of one athlete or several, laid over each other by weeks to go. */
export function ComparePage() {
  const [search, setSearch] = useSearchParams();
  const blocks = useBlocksQuery();
  const squad = useSquadQuery();
  useEffect(() => {
    document.title = wording.compareNadir;
  }, []);
  const all = blocks.data?.blocks ?? [];
  const athletes = squad.data?.athletes ?? [];
  const asked = (place: Place) => all.find(({ id }) => id === search.get(place));
  const first = asked('first') ?? all[0];
  const second = asked('second') ?? all.find(({ id }) => id !== first?.id);
  const chosen: Record<Place, BlockAnswer | undefined> = { first, second, third: asked('third') };
  const waits = blocks.isLoading || squad.isLoading;
  const error = blocks.error ?? squad.error;
  const names = all.map((block) => [block.id, nameOf(block, athletes)] as const);
  const choose = (place: Place, id: string) => {
    const ids = PLACES.map((each) => [each, each === place ? id : (chosen[each]?.id ?? NOBODY)]);
    setSearch(Object.fromEntries(ids.filter(([, of]) => of !== NOBODY)) as Record<string, string>);
  };
  return (
    <>
      <TitleBlock title={wording.compare}>
        {first &&
          second &&
          PLACES.map((place) => (
            <span key={place} className="small">
              {PLACE_LABELS[place]}{' '}
              <ChoiceAnswer
                label={PLACE_LABELS[place]}
                width={220}
                value={chosen[place]?.id ?? NOBODY}
                choices={
                  place === 'third' ? [[NOBODY, wording.noThirdBlock] as const, ...names] : names
                }
                onAnswer={(id) => choose(place, id)}
              />
            </span>
          ))}
      </TitleBlock>
      <main className="page">
        {error && 'kind' in error && <ErrorNote>{errorSentence(error)}</ErrorNote>}
        {!waits && first && second ? (
          <Comparison first={first} second={second} third={chosen.third} athletes={athletes} />
        ) : (
          <p className="muted">
            {waits ? wording.openingTheBlocks : wording.twoBlocksAreNeededToCompare}
          </p>
        )}
      </main>
    </>
  );
}

function Comparison({
  first,
  second,
  third,
  athletes,
}: Record<'first' | 'second', BlockAnswer> & {
  third: BlockAnswer | undefined;
  athletes: readonly AthleteAnswer[];
}) {
  // All in the first one's unit; what is counted by time is compared by its estimate.
  const measure = useMeasure(first.wishes);
  const asked = [
    useLaidWithPast(first, measure),
    useLaidWithPast(second, measure),
    useLaidWithPast(third, measure),
  ];
  const blocks = third ? [first, second, third] : [first, second];
  const laid = blocks.flatMap((block, place): OverlayBlock[] => {
    const each = asked[place]?.laid;
    return each ? [{ ...each, name: nameOf(block, athletes) }] : [];
  });
  const [one, ...overlays] = laid;
  const error = asked.map((each) => each.error).find((each) => each !== undefined);
  if (error) return <ErrorNote>{errorSentence(error)}</ErrorNote>;
  if (!one || laid.length < blocks.length) {
    return <p className="muted">{wording.openingTheBlocks}</p>;
  }
  return (
    <Compared one={one} overlays={overlays} blocks={blocks} measure={measure} athletes={athletes} />
  );
}

function Compared({
  one,
  overlays,
  blocks,
  measure,
  athletes,
}: {
  one: OverlayBlock;
  overlays: readonly OverlayBlock[];
  blocks: readonly BlockAnswer[];
  measure: Measure;
  athletes: readonly AthleteAnswer[];
}) {
  const { today } = useSignedIn();
  const laid = [one, ...overlays];
  const [ref, size] = useElementSize<HTMLDivElement>();
  const weeks = one.block.weeks.length;
  // Room at the left for the weeks that a longer block has more.
  const longest = Math.max(...laid.map(({ block }) => block.weeks.length));
  const width = (size.width - LABELS) / longest;
  const columns = useMemo(
    () => ({ width: size.width, labels: LABELS + (longest - weeks) * width, weeks }),
    [size.width, longest, weeks, width],
  );
  return (
    <div ref={ref}>
      {size.width > 0 && (
        <>
          <Section
            block={one.block}
            shown={one.shown}
            columns={columns}
            height={HEIGHT}
            today={today}
            overlays={overlays}
          />
          <AlignedTable
            laid={laid}
            athletes={blocks.map((block) => athleteName(block, athletes))}
            athleteIds={blocks.map(({ athleteId }) => athleteId)}
            measure={measure}
            labels={LABELS}
            width={size.width}
          />
        </>
      )}
      {overlays.map((other, place) => (
        <section
          key={PLACES[place + 1]}
          className={styles.differs}
          aria-label={wording.whatDiffers(other.name)}
        >
          <h2 className="display">{wording.whatDiffers(other.name)}</h2>
          <DifferenceList
            differences={whatChanged(one.block, other.block, measure)}
            before={one.name}
            after={other.name}
          />
        </section>
      ))}
    </div>
  );
}

const HEIGHT = 380;
const LABELS = 150;

function nameOf(block: BlockAnswer, athletes: readonly AthleteAnswer[]): string {
  const { wishes } = block;
  const day = wishes.race.date === undefined ? '' : `, ${formatDay(wishes.race.date)}`;
  return `${athleteName(block, athletes)}, ${wishes.race.name}${day}`;
}
