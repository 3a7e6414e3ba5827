import { useEffect } from 'react';

/** A little past midnight, so that every clock agrees. */
const AFTER_MIDNIGHT_MS = 5000;

/** Asks again on a new day: at midnight, and when a page that was left open is looked at again. */
export function useNewDay(ask: () => unknown): void {
  useEffect(() => {
    let day = new Date().toDateString();
    let timer = window.setTimeout(onMidnight, untilMidnight());

    function askOnNewDay() {
      const now = new Date().toDateString();
      if (now === day) return;
      day = now;
      ask();
    }
    function onMidnight() {
      askOnNewDay();
      timer = window.setTimeout(onMidnight, untilMidnight());
    }
    // A device that slept through midnight fires no timer on time.
    document.addEventListener('visibilitychange', askOnNewDay);
    return () => {
      window.clearTimeout(timer);
      document.removeEventListener('visibilitychange', askOnNewDay);
    };
  }, [ask]);
}

function untilMidnight(): number {
  const now = new Date();
  const next = new Date(now.getFullYear(), now.getMonth(), now.getDate() + 1);
  return next.getTime() - now.getTime() + AFTER_MIDNIGHT_MS;
}
