import { NavLink, useMatch } from 'react-router';
import { SplitsKey } from '../features/splits/SplitsKey.js';
import { SignOut } from './SignOut.js';

/** The way around: Squad, the block in the editor, settings, out. */
export function Rail() {
  const block = useMatch('/blocks/:id/*');
  const open = block?.params.id !== undefined && block.params.id !== 'new';
  return (
    <nav className="rail" aria-label="Nadir">
      <img
        src="/mark.svg"
        alt=""
        width={34}
        height={34}
        style={{ alignSelf: 'center', marginBottom: 12 }}
      />
      <NavLink to="/" end>
        Squad
      </NavLink>
      {open && (
        <NavLink to={`/blocks/${block.params.id ?? ''}`} end>
          Block
        </NavLink>
      )}
      {open && <NavLink to={`/blocks/${block.params.id ?? ''}/week`}>Week</NavLink>}
      <NavLink to={open ? `/blocks/${block.params.id ?? ''}/paces` : '/paces'}>Paces</NavLink>
      <NavLink to="/blocks/new">New block</NavLink>
      <NavLink to="/blocks" end>
        Blocks
      </NavLink>
      <NavLink to="/house-rules">House rules</NavLink>
      <NavLink to="/shorthand">Sessions</NavLink>
      <SplitsKey />
      <span className="rest" />
      <NavLink to="/settings">Settings</NavLink>
      <SignOut />
    </nav>
  );
}
