import { Menu, MenuItem, MenuTrigger, Popover } from 'react-aria-components';
import { NavLink, useLocation, useNavigate } from 'react-router';
import { styled } from 'styled-components';
import type { PersonView, SessionView } from './api/schema';
import { ChangeHands } from './access/ChangeHands';
import { useSigning } from './access/useSession';
import { Find } from './find/Find';
import { Press, WayTo } from './parts/Press';

const Rail = styled.header`
  background: ${({ theme }) => theme.blueDeep};
  color: ${({ theme }) => theme.scribe};
  display: flex;
  align-items: center;
  gap: 0.2rem 0.9rem;
  padding: 0.25rem 1rem;
  font-family: ${({ theme }) => theme.label};
  nav {
    display: flex;
    gap: 0.2rem;
    flex: 1;
  }
  nav > a {
    color: inherit;
    text-decoration: none;
    padding: 0.65rem 0.8rem;
    min-height: 44px;
    font-size: 1.1rem;
    border-bottom: 3px solid transparent;
  }
  nav > a[aria-current='page'],
  nav > button[data-here] {
    border-bottom: 3px solid ${({ theme }) => theme.manila};
    font-weight: 600;
  }
  button,
  > a {
    background: none;
    color: inherit;
    border-color: ${({ theme }) => theme.scribeQuiet};
    white-space: nowrap;
  }
  nav > button {
    border-color: transparent;
    font-weight: 400;
    font-size: 1.1rem;
    padding-inline: 0.8rem;
  }
  @media (max-width: 1180px) {
    > strong {
      display: none;
    }
  }
  @media (max-width: 980px) {
    nav > a[data-rank='3'],
    > a,
    > span {
      display: none;
    }
  }
  @media (max-width: 620px) {
    padding-inline: 0.3rem;
    gap: 0.2rem;
    nav {
      gap: 0;
    }
    nav > a,
    nav > button {
      padding-inline: 0.5rem;
    }
  }
  @media (max-width: 370px) {
    nav > a[data-rank='2'] {
      display: none;
    }
  }
  @media (forced-colors: active) {
    nav > a[aria-current='page'],
    nav > button[data-here] {
      text-decoration: underline;
      text-decoration-thickness: 3px;
    }
  }
`;

const Shop = styled.strong`
  font-size: 1.15rem;
`;

const Places = styled(Menu)`
  background: #fff;
  border: 1.5px solid ${({ theme }) => theme.ink};
  border-radius: 4px;
  min-width: 14rem;
  max-height: inherit;
  overflow: auto;
  outline: none;
`;

const Place = styled(MenuItem)`
  min-height: 48px;
  padding: 0.7rem 1rem;
  cursor: pointer;
  font-family: ${({ theme }) => theme.label};
  font-size: 1.1rem;
  &[data-focused],
  &[data-hovered] {
    background: ${({ theme }) => theme.manila};
  }
  &[data-here] {
    font-weight: 700;
  }
`;

interface View {
  to: string;
  words: string;
  /** Which stay in the bar when it gets narrow: the lowest longest; those without one are under *More* on every screen. */
  rank?: 1 | 2 | 3;
  isOwners?: boolean;
}

const VIEWS: readonly View[] = [
  { to: '/', words: 'Wall', rank: 1 },
  { to: '/bench', words: 'Bench', rank: 1 },
  { to: '/consult', words: 'Consult', rank: 3, isOwners: true },
  { to: '/stock', words: 'Stock', rank: 2 },
  { to: '/forge', words: 'Forge', rank: 3 },
  { to: '/fire', words: 'Fire', rank: 2 },
  { to: '/tank', words: 'Tank', rank: 3 },
  { to: '/fit', words: 'Fit' },
  { to: '/glue', words: 'Glue' },
  { to: '/sheath', words: 'Leather' },
  { to: '/new', words: 'New commission', isOwners: true },
  { to: '/clients', words: 'Clients' },
  { to: '/delivered', words: 'Delivered' },
  { to: '/ledger', words: 'Ledger' },
  { to: '/calculate', words: 'Calculate' },
  { to: '/people', words: 'People' },
];

const SIGN_OUT = 'sign out';

/** The places of the shop in one row on every screen, what is looked for, and who has the page. */
export function Bar({ session, person }: { session: SessionView; person: PersonView }) {
  const isOwner = person.role === 'OWNER';
  const views = VIEWS.filter((view) => isOwner || !view.isOwners);
  return (
    <Rail data-no-print>
      <Shop>{session.shopName}</Shop>
      <nav aria-label="Views">
        {views.map((view) =>
          view.rank ? (
            <NavLink key={view.to} to={view.to} end={view.to === '/'} data-rank={view.rank}>
              {view.words}
            </NavLink>
          ) : null,
        )}
        <More views={views} name={person.name} />
      </nav>
      <Find />
      {isOwner ? <WayTo to="/new">New commission</WayTo> : null}
      <ChangeHands session={session} name={person.name} />
    </Rail>
  );
}

function More({ views, name }: { views: readonly View[]; name: string }) {
  const navigate = useNavigate();
  const { pathname } = useLocation();
  const { signOut } = useSigning();
  const isHere = (view: View) => (view.to === '/' ? pathname === '/' : pathname.startsWith(view.to));
  const act = (key: string) => void (key === SIGN_OUT ? signOut() : navigate(key));
  return (
    <MenuTrigger>
      <Press data-here={views.some((view) => !view.rank && isHere(view)) || undefined}>More</Press>
      <Popover>
        <Places aria-label="More places" onAction={(key) => act(String(key))}>
          {views.map((view) => (
            <Place key={view.to} id={view.to} textValue={view.words} data-here={isHere(view) || undefined}>
              {view.words}
            </Place>
          ))}
          <Place id={SIGN_OUT} textValue="Sign out">
            Sign out {name}
          </Place>
        </Places>
      </Popover>
    </MenuTrigger>
  );
}
