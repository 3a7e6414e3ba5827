import type { CivilDate } from '@nadir/core/base';
import type { Glance } from '@nadir/core/present/figures';
import { StateKey } from '../../components/StateMark.js';
import { SmallSection } from '../../drawing/SmallSection.js';
import styles from './Sheet.module.css';
import { LONG_RUN, VOLUME } from './sheet-rows.js';
import * as wording from './wording.js';

const WIDTH = 520;

/** Over the rows: the block as it is drawn, what can be typed in the cell in hand, and what the marks mean. */
export function SheetTop({
  glance,
  today,
  column,
}: {
  glance: Pick<Glance, 'weeks' | 'measure'>;
  today: CivilDate;
  /** Of the cell in hand. */
  column: number;
}) {
  return (
    <div className={styles.top}>
      <SmallSection glance={glance} today={today} label={wording.theBlock} width={WIDTH} />
      <p>
        <span>
          {column === VOLUME
            ? wording.aVolume
            : column === LONG_RUN
              ? wording.aLongRun
              : wording.aDay}
        </span>
        <span className={styles.legend}>
          <StateKey />
        </span>
      </p>
    </div>
  );
}
