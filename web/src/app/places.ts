import {
  BlockIcon,
  BlocksIcon,
  DiaryIcon,
  HandoutsIcon,
  HardDaysIcon,
  HouseRulesIcon,
  type Icon,
  PacesIcon,
  SessionsIcon,
  SettingsIcon,
  SheetIcon,
  SquadIcon,
  WeekIcon,
} from '../theme/icons.js';

/** Somewhere to go. Acts are not places. */
export interface Place {
  name: string;
  to: string;
  icon: Icon;
  /** It is itself, and not what stands under its address. */
  exact?: boolean;
}

export const squadPlaces: readonly Place[] = [
  { name: 'Squad', to: '/', icon: SquadIcon, exact: true },
  { name: 'Blocks', to: '/blocks', icon: BlocksIcon, exact: true },
];

export const housePlaces: readonly Place[] = [
  { name: 'Sessions', to: '/shorthand', icon: SessionsIcon },
  { name: 'House rules', to: '/house-rules', icon: HouseRulesIcon },
  { name: 'Settings', to: '/settings', icon: SettingsIcon },
];

/** The places of the block that is open. */
export function blockPlaces(id: string): readonly Place[] {
  return [
    { name: 'Block', to: `/blocks/${id}`, icon: BlockIcon, exact: true },
    { name: 'Sheet', to: `/blocks/${id}/sheet`, icon: SheetIcon },
    { name: 'Week', to: `/blocks/${id}/week`, icon: WeekIcon },
    { name: 'Hard days', to: `/blocks/${id}/hard-days`, icon: HardDaysIcon },
    { name: 'Paces', to: `/blocks/${id}/paces`, icon: PacesIcon },
    { name: 'Diary', to: `/blocks/${id}/diary`, icon: DiaryIcon },
    { name: 'Handouts', to: `/blocks/${id}/handouts`, icon: HandoutsIcon },
  ];
}
