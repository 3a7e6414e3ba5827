import BottomNavigation from '@mui/material/BottomNavigation';
import BottomNavigationAction from '@mui/material/BottomNavigationAction';
import Drawer from '@mui/material/Drawer';
import MenuItem from '@mui/material/MenuItem';
import MenuList from '@mui/material/MenuList';
import { useState } from 'react';
import { NavLink } from 'react-router';
import { MoreIcon } from '../theme/icons.js';
import styles from './BottomBar.module.css';
import { DemoChip } from './DemoChip.js';
import { type Place, blockPlaces, housePlaces, squadPlaces } from './places.js';
import { useOpenBlockId } from './useOpenBlockId.js';
import * as wording from './wording.js';

const BESIDE_MORE = 4;

/** The way around at the foot of a phone: four places, and everything else behind More. */
export function BottomBar() {
  const open = useOpenBlockId();
  const [more, setMore] = useState(false);
  const places = [
    ...(open === undefined ? [] : blockPlaces(open)),
    ...squadPlaces,
    ...housePlaces,
  ].sort(byRank);
  const shown = places.slice(0, BESIDE_MORE);
  return (
    <nav className={styles.bar} aria-label={wording.placesOnAPhone}>
      <BottomNavigation showLabels>
        {shown.map(({ name, to, icon: Drawn, exact = false }) => (
          <BottomNavigationAction
            key={to}
            component={NavLink}
            to={to}
            end={exact}
            label={name}
            icon={<Drawn />}
          />
        ))}
        <BottomNavigationAction
          label={wording.more}
          icon={<MoreIcon />}
          aria-haspopup="dialog"
          onClick={() => setMore(true)}
        />
      </BottomNavigation>
      <Drawer
        anchor="bottom"
        open={more}
        onClose={() => setMore(false)}
        slotProps={{ paper: { 'aria-label': wording.morePlaces } }}
      >
        <MenuList autoFocusItem>
          {places.slice(BESIDE_MORE).map(({ name, to, icon: Drawn, exact = false }) => (
            <MenuItem
              key={to}
              component={NavLink}
              to={to}
              end={exact}
              onClick={() => setMore(false)}
              sx={{ gap: 1.5, minHeight: 44 }}
            >
              <Drawn />
              {name}
            </MenuItem>
          ))}
        </MenuList>
        <DemoChip />
      </Drawer>
    </nav>
  );
}

/** What a coach wants on a phone first. */
const RANKS = [wording.squad, wording.block, wording.week, wording.paces, wording.blocks];

function byRank(one: Place, other: Place): number {
  const rank = ({ name }: Place) => (RANKS.includes(name) ? RANKS.indexOf(name) : RANKS.length);
  return rank(one) - rank(other);
}
