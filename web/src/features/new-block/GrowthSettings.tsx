import type { BlockFile } from '@nadir/contract';
import type { Measure } from '@nadir/core/base';
import type { ResolvedSpec } from '@nadir/core/spec';
import { AmountAnswer } from '../../components/AmountAnswer.js';
import { NumberAnswer } from '../../components/NumberAnswer.js';
import * as wording from './wording.js';

type Growth = NonNullable<NonNullable<BlockFile['volume']>['growth']>;

/** What a growth school leaves to the coach: its cap, its step, how long it holds, how far it goes back. */
export function GrowthSettings({
  measure,
  because,
  growth,
  given,
  onAnswer,
}: {
  measure: Measure;
  /** Why the cap is what it is. */
  because: string | undefined;
  growth: ResolvedSpec['volume']['growth'];
  given: Growth | undefined;
  onAnswer: (growth: Growth) => void;
}) {
  const { school } = growth;
  const own = given?.school === school ? given : undefined;
  const step = (asked: { step?: number | undefined }, answer: (next?: number) => void) => (
    <AmountAnswer
      label={wording.step}
      because={wording.howMuchEachRiseAdds}
      measure={measure}
      value={growth.step}
      given={asked.step !== undefined}
      onAnswer={answer}
    />
  );
  switch (school) {
    case 'percentage':
      return (
        <NumberAnswer
          label={wording.atMost}
          because={because}
          value={Math.round(growth.cap * 100)}
          given={own?.school === school && own.cap !== undefined}
          least={0}
          most={30}
          after={wording.percentAWeek}
          onAnswer={(percent) =>
            onAnswer({ school, ...(percent !== undefined && { cap: percent / 100 }) })
          }
        />
      );
    case 'fixed-step':
      return step(own?.school === school ? own : {}, (next) => onAnswer({ school, step: next }));
    case 'step-and-hold': {
      const asked = own?.school === school ? own : { school };
      return (
        <>
          {step(asked, (next) => onAnswer({ ...asked, step: next }))}
          <NumberAnswer
            label={wording.held}
            because={wording.weeksAtEachLevelBeforeTheNext}
            value={growth.hold}
            given={asked.hold !== undefined}
            least={1}
            most={8}
            after={wording.weeks}
            onAnswer={(hold) => onAnswer({ ...asked, hold })}
          />
        </>
      );
    }
    case 'straight-to-peak':
      return (
        <NumberAnswer
          label={wording.rises}
          because={wording.stepsFromTheStartToThePeak}
          value={growth.rises}
          given={own?.school === school && own.rises !== undefined}
          least={1}
          most={8}
          onAnswer={(rises) => onAnswer({ school, rises })}
        />
      );
    case 'alternating':
      return (
        <NumberAnswer
          label={wording.dropBack}
          because={wording.howMuchEverySecondWeekDrops}
          value={Math.round(growth.wayBack * 100)}
          given={own?.school === school && own.wayBack !== undefined}
          least={0}
          most={30}
          after="%"
          onAnswer={(percent) =>
            onAnswer({ school, ...(percent !== undefined && { wayBack: percent / 100 }) })
          }
        />
      );
  }
}
