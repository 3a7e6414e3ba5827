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
import * as wording from './wording.js';

/** Somewhere to go. Acts are not places. */
export interface Place {
  name: string;
  to: string;
  icon: Icon;
  /** It is itself, and not what stands under its address. */
  exact?: boolean;
}

export const squadPlaces: readonly Place[] = [
  { name: wording.squad, to: '/', icon: SquadIcon, exact: true },
  { name: wording.blocks, to: '/blocks', icon: BlocksIcon, exact: true },
];

export const housePlaces: readonly Place[] = [
  { name: wording.sessions, to: '/shorthand', icon: SessionsIcon },
  { name: wording.houseRules, to: '/house-rules', icon: HouseRulesIcon },
  { name: wording.settings, to: '/settings', icon: SettingsIcon },
];

/** The places of the block that is open. */
export function blockPlaces(id: string): readonly Place[] {
  return [
    { name: wording.block, to: `/blocks/${id}`, icon: BlockIcon, exact: true },
    { name: wording.sheet, to: `/blocks/${id}/sheet`, icon: SheetIcon },
    { name: wording.week, to: `/blocks/${id}/week`, icon: WeekIcon },
    { name: wording.hardDays, to: `/blocks/${id}/hard-days`, icon: HardDaysIcon },
    { name: wording.paces, to: `/blocks/${id}/paces`, icon: PacesIcon },
    { name: wording.diary, to: `/blocks/${id}/diary`, icon: DiaryIcon },
    { name: wording.handouts, to: `/blocks/${id}/handouts`, icon: HandoutsIcon },
  ];
}
