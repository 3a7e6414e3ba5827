import { useEffect, useState } from 'react';
import { AthletePage } from './AthletePage.js';
import styles from './AthletePage.module.css';
import { lastLink, rememberLink } from './device.js';
import * as wording from './wording.js';

const A_LINK = /^#([\w-]{43})$/;

/** Opens the page of the link in the address; on the home screen, of the one that was opened last. */
export function LinkedPage() {
  const link = useLink();
  if (link === undefined) return null;
  if (link !== '') return <AthletePage key={link} link={link} />;
  return (
    <main className={styles.page}>
      <section className={styles.part}>
        <h1 className="display">{wording.thisLinkIsIncomplete}</h1>
        <p>{wording.openTheLinkYourCoachGave}</p>
      </section>
    </main>
  );
}

/** Undefined until it is known; empty where there is none. */
function useLink(): string | undefined {
  const [link, setLink] = useState<string>();
  useEffect(() => {
    const read = async () => {
      const asked = A_LINK.exec(window.location.hash)?.[1];
      if (asked === undefined) {
        setLink((window.location.hash === '' && (await lastLink())) || '');
        return;
      }
      await rememberLink(asked);
      setLink(asked);
    };
    const again = () => void read();
    again();
    window.addEventListener('hashchange', again);
    return () => window.removeEventListener('hashchange', again);
  }, []);
  return link;
}
