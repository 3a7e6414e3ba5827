import type { CheckedBlock } from '@nadir/core';
import { assignFamily } from '@nadir/core/edit/week';
import type { Week } from '@nadir/core/layout/block';
import { startingFamilies } from '@nadir/core/sessions/library';
import type { Progression } from '@nadir/core/spec/choices';
import { useCoachingQuery } from '../../api/api.js';
import { ChoiceAnswer } from '../../components/ChoiceAnswer.js';
import { Field } from '../../components/Field.js';
import type { Commands } from '../../editor/useCommands.js';
import * as wording from './wording.js';

/** Which progression fills which quality day of the phase. */
export function PhaseSessions({
  block,
  week: { phase, days },
  commands,
}: {
  block: CheckedBlock;
  week: Week;
  commands: Commands;
}) {
  const library = useCoachingQuery().data?.library ?? [];
  const all: Progression[] = [...library, ...startingFamilies];
  const quality = days.filter(({ role }) => role === 'quality').length;
  const places = Array.from({ length: Math.max(1, quality) }, (_, index) => index + 1);
  return (
    <section aria-label={wording.sessionsOfThePhase}>
      <h2 className="display">{wording.sessionsIn(phase.replaceAll('-', ' '))}</h2>
      {places.map((place) => {
        const used = block.spec.sessions.find(
          (use) => use.phase === phase && use.place === place,
        )?.family;
        const choices = used && !all.some((each) => each.id === used.id) ? [used, ...all] : all;
        return (
          <Field key={place} label={wording.qualityDay(place)} because={used?.purpose} stacked>
            {(ids) => (
              <ChoiceAnswer
                {...ids}
                value={used?.id ?? ''}
                width="100%"
                choices={[
                  ['', wording.asTheDayBefore] as const,
                  ...choices.map(
                    ({ id, name, phases }) =>
                      [id, `${name}${phases.includes(phase) ? '' : wording.otherPhase}`] as const,
                  ),
                ]}
                onAnswer={(id) =>
                  commands.run(
                    assignFamily(
                      block,
                      phase,
                      place,
                      choices.find((each) => each.id === id),
                    ),
                  )
                }
              />
            )}
          </Field>
        );
      })}
    </section>
  );
}
