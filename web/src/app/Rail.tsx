import { Suspense } from 'react';
import { NavLink } from 'react-router';
import { later } from '../components/later.js';
import { useSignedIn } from '../api/session.js';
import { type Place, blockPlaces, housePlaces, squadPlaces } from './places.js';
import styles from './Rail.module.css';
import { useOpenBlockId } from './useOpenBlockId.js';
import * as wording from './wording.js';

/** Its tooltip is not waited for. */
const DemoChip = later(async () => (await import('./DemoChip.js')).DemoChip);

/** The way around at the left of every view: the squad, the block that is open, the house. */
export function Rail() {
  const open = useOpenBlockId();
  const { demo } = useSignedIn();
  return (
    <nav className={styles.rail} aria-label={wording.places}>
      <img className={styles.mark} src="/mark.svg" alt="" width={32} height={32} />
      <Group places={squadPlaces} />
      {open !== undefined && <Group places={blockPlaces(open)} />}
      <Group places={housePlaces} />
      <span className={styles.chip}>
        {demo && (
          <Suspense fallback={null}>
            <DemoChip />
          </Suspense>
        )}
      </span>
    </nav>
  );
}

function Group({ places }: { places: readonly Place[] }) {
  return (
    <div className={styles.group}>
      {places.map(({ name, to, icon: Drawn, exact = false }) => (
        <NavLink key={to} to={to} end={exact} className={styles.place ?? ''}>
          <Drawn />
          {name}
        </NavLink>
      ))}
    </div>
  );
}
