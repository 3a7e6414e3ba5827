import { Link } from 'react-router';
import { useBlocksQuery } from '../../api/api.js';
import { formatDay } from '../../components/dates.js';
import styles from './Athlete.module.css';
import * as wording from './wording.js';

/** Every block of the athlete, the newest race first. */
export function AthleteBlocks({ athleteId }: { athleteId: string }) {
  const { data } = useBlocksQuery();
  const blocks = data?.blocks.filter((block) => block.athleteId === athleteId) ?? [];
  return (
    <section className={styles.part} aria-label={wording.blocks}>
      <h2 className="display">{wording.blocks}</h2>
      {data && blocks.length === 0 && <p className="muted">{wording.noneYet}</p>}
      <ul className="plain-list">
        {blocks.map(({ id, wishes: { race } }) => (
          <li key={id} className={styles.result}>
            <Link to={`/blocks/${id}`}>{race.name}</Link>
            <span className="muted">{race.date && formatDay(race.date)}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
