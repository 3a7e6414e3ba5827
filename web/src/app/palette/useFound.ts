import { useMemo } from 'react';
import { useDispatch, useStore } from 'react-redux';
import { useNavigate } from 'react-router';
import { useGlancesQuery, useSaveSettingsMutation } from '../../api/api.js';
import { useSignedIn } from '../../api/session.js';
import { openEverywhere } from '../../components/open-everywhere.js';
import { editorOf, redone, tryStarted, undone } from '../../editor/editor-slice.js';
import type { WithEditor } from '../../editor/editor-state.js';
import { blockPlaces, housePlaces, squadPlaces } from '../places.js';
import { useOpenBlockId } from '../useOpenBlockId.js';
import type { Found } from './matching.js';
import * as wording from '../wording.js';

/** Everything the palette can find: the squad, the weeks of the open block, pages, acts. */
export function useFound(): Found[] {
  const navigate = useNavigate();
  const open = useOpenBlockId();
  const { data } = useGlancesQuery();
  const acts = useActs(open);
  return useMemo(() => {
    const goTo = (kind: Found['kind'], name: string, to: string): Found => ({
      kind,
      name,
      run: () => void navigate(to),
    });
    const athletes = data?.athletes ?? [];
    const places = [
      ...squadPlaces,
      ...(open === undefined ? [] : blockPlaces(open)),
      ...housePlaces,
    ];
    const opened = athletes.find(({ block }) => block?.id === open);
    return [
      ...athletes.map(({ id, name, block }) =>
        goTo('athlete', name, block ? `/blocks/${block.id}` : `/athletes/${id}`),
      ),
      ...places.map(({ name, to }) => goTo('page', name, to)),
      { ...goTo('page', wording.newBlock, '/blocks/new'), next: open === undefined },
      ...OTHER_PAGES.map(([name, to]) => goTo('page', name, to)),
      ...acts,
      ...athletes.flatMap(({ id, name, block }) => [
        ...(block
          ? [goTo('block', `${block.glance.race.name}, ${name}`, `/blocks/${block.id}`)]
          : []),
        goTo('page', wording.recordOf(name), `/athletes/${id}`),
      ]),
      ...(opened?.block?.glance.weeks ?? []).map(({ number }) =>
        goTo(
          'week',
          wording.week2(number, opened?.name ?? ''),
          `/blocks/${open ?? ''}/week/${number}`,
        ),
      ),
    ];
  }, [data, open, acts, navigate]);
}

const OTHER_PAGES = [
  [wording.compareBlocks, '/compare'],
  [wording.paceCardOfTheGroup, '/paces'],
  [wording.lastWeekOfTheSquad, '/last-week'],
  [wording.namedPaces, '/named-paces'],
] as const;

function useActs(open: string | undefined): Found[] {
  const store = useStore<WithEditor>();
  const dispatch = useDispatch();
  const navigate = useNavigate();
  const { coach } = useSignedIn();
  const [saveSettings] = useSaveSettingsMutation();
  const { theme } = coach.settings;
  return useMemo(() => {
    const { past, future, trial } = editorOf(store.getState());
    const act = (name: string, run: () => void): Found => ({ kind: 'act', name, run });
    const other = theme === 'dark' ? ('light' as const) : ('dark' as const);
    return [
      ...(past.length > 0 ? [act(wording.undo, () => dispatch(undone()))] : []),
      ...(future.length > 0 ? [act(wording.redo, () => dispatch(redone()))] : []),
      ...(open !== undefined && trial === null
        ? [act(wording.tryAVersion, () => dispatch(tryStarted()))]
        : []),
      ...(open === undefined
        ? []
        : [act(wording.editPlan, () => void navigate(`/blocks/${open}/plan`))]),
      act(wording.splitsAndRepetitions, () => openEverywhere('splits')),
      act(wording.print, () => window.print()),
      act(wording.showTheKeys, () => openEverywhere('keys')),
      act(wording.theme(other), () => void saveSettings({ theme: other })),
    ];
  }, [store, dispatch, navigate, open, saveSettings, theme]);
}
