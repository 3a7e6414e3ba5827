import SvgIcon, { type SvgIconProps } from '@mui/material/SvgIcon';

export type Icon = (props: SvgIconProps) => React.ReactNode;

/** One line of ink on a 20 px square: every icon of the application is of this one set. */
function lineIcon(path: string): Icon {
  return function LineIcon(props) {
    return (
      <SvgIcon viewBox="0 0 20 20" {...props}>
        <path
          d={path}
          fill="none"
          stroke="currentColor"
          strokeWidth={1.5}
          strokeLinecap="round"
          strokeLinejoin="round"
        />
      </SvgIcon>
    );
  };
}

export const SquadIcon = lineIcon(
  'M7 9a2.8 2.8 0 1 0 0-5.6A2.8 2.8 0 0 0 7 9ZM2 16.5c0-3 2.2-5 5-5s5 2 5 5M13 3.9a2.6 2.6 0 0 1 0 5M14 11.8c2.4.4 4 2.2 4 4.7',
);
export const BlocksIcon = lineIcon(
  'M2 9V6.5h3.5V4h4.5v2.5h4V9M2 9h16M2 17v-3h4.500v-2h4v2H15v3M2 17h16',
);
export const BlockIcon = lineIcon(
  'M2 8.500V6.5h3.500V3h4v3.500h3V4H15v4.500M2 8.500h16M2 11.500c3.5 0 4.5 5 8.5 5s4.5-4 7.5-4',
);
export const WeekIcon = lineIcon('M2 17h16M4.5 17v-4M8 17V9M11.5 17v-3M15.5 17V4');
export const SheetIcon = lineIcon('M3 4h14v12H3ZM3 8h14M3 12h14M8 4v12M12.5 4v12');
export const HardDaysIcon = lineIcon(
  'M3 16V9h3v7ZM8.500 16V4h3v12ZM14 16v-5h3v5ZM2 16h16M14.500 7.500a3 3 0 0 0-1-4M15.500 3.500h-2v2',
);
export const PacesIcon = lineIcon(
  'M10 18a6.5 6.5 0 1 0 0-13 6.5 6.5 0 0 0 0 13ZM8 2h4M10 2v3M10 11.500l2.5-2.5',
);
export const DiaryIcon = lineIcon('M4 2.500h12v15H4ZM7 2.500v15M9.500 6.500h4M9.500 10h4');
export const HandoutsIcon = lineIcon(
  'M5 2.500h7l3.500 3.500v6M5 2.500v15h5M12 2.500V6h3.500M8 9.500h5M8 12.500h3M13 18l4.500-3L13 12v2.500h-1.500v1H13Z',
);
export const SessionsIcon = lineIcon(
  'M2 5.500h3M8 5.500h5M16 5.500h2M2 10h6M11 10h7M2 14.500h3M8 14.500h5M16 14.500h2',
);
export const HouseRulesIcon = lineIcon(
  'M3 13.5 13.5 3 17 6.5 6.5 17ZM6.2 10.300l1.6 1.600M8.8 7.700l2.4 2.400M11.5 5l1.6 1.6',
);
export const SettingsIcon = lineIcon(
  'M2 5h8.500M14.5 5H18M2 10h1.500M7.5 10H18M2 15h7.500M13.5 15H18M12.5 7a2 2 0 1 0 0-4 2 2 0 0 0 0 4ZM5.5 12a2 2 0 1 0 0-4 2 2 0 0 0 0 4ZM11.5 17a2 2 0 1 0 0-4 2 2 0 0 0 0 4Z',
);
export const UndoIcon = lineIcon('M6.5 3.5 3 7.500l3.5 4M3 7.500h8.500a4.5 4.5 0 0 1 0 9H8');
export const RedoIcon = lineIcon('M13.5 3.500l3.5 4-3.5 4M17 7.500H8.500a4.5 4.5 0 0 0 0 9H12');
export const DownIcon = lineIcon('M5.5 8l4.5 4.500L14.5 8');
export const HoldIcon = lineIcon('M10 3v14M7 6l3-3 3 3M7 14l3 3 3-3');
export const UpIcon = lineIcon('M5.5 12.5 10 8l4.5 4.5');
export const BackIcon = lineIcon('M12 5.5 7.5 10l4.5 4.5');
export const NextIcon = lineIcon('M8 5.500l4.5 4.500L8 14.5');
export const MoreIcon = lineIcon('M3 5.500h14M3 10h14M3 14.500h14');
export const CalendarIcon = lineIcon('M3 5h14v12H3ZM3 9h14M7 3v3.500M13 3v3.5');
export const RemoveIcon = lineIcon('M4.5 6h11M8 6V4h4v2M6 6l.700 11h6.600L14 6');
