import { useIsFetching, useQueryClient } from '@tanstack/react-query';
import { type PropsWithChildren, useEffect, useState } from 'react';
import { Route, Routes, useLocation } from 'react-router';
import { styled } from 'styled-components';
import { SIGNED_OUT } from './api/client';
import type { PersonView, SessionView } from './api/schema';
import { Arrival } from './Arrival';
import { Bar } from './Bar';
import { FirstHour } from './FirstHour';
import { FirstStart } from './access/FirstStart';
import { KnownPerson } from './access/known';
import { SignIn } from './access/SignIn';
import { SignInAgain } from './access/SignInAgain';
import { useSession } from './access/useSession';
import { Troubles } from './backup/Troubles';
import { Handed, useHanded } from './plan/Handed';
import { Alarms } from './fire/Alarms';
import { useAlarms } from './fire/useFire';
import { Announcements } from './live/Announcements';
import { waits } from './live/title';
import { UnsentHere, useSendsUnsent, useUnsent } from './live/unsent';
import { useLive } from './live/useLive';
import { draftsAreOf } from './parts/drafts';
import { Wall } from './job/Wall';
import { ClientPage, PAGES, ScreenPage } from './pages';

const Room = styled.main`
  padding: 1rem max(1rem, calc((100vw - 1560px) / 2)) 2.5rem;
  display: flex;
  flex-direction: column;
  gap: 1rem;
  min-height: calc(100vh - 60px);
  @media print {
    padding: 0;
  }
`;

/** For the keyboard: past the bar. */
const Skip = styled.a`
  position: absolute;
  left: -100vw;
  &:focus {
    left: 0.5rem;
    top: 0.3rem;
    z-index: 30;
    padding: 0.7rem 1rem;
    background: #fff;
  }
  @media print {
    display: none;
  }
`;

/** A client's link leads to one page and to nothing else; everything else is the shop's. */
export function App() {
  return (
    <Routes>
      <Route path="/k/:token" element={<ClientPage />} />
      <Route path="*" element={<Shopfront />} />
    </Routes>
  );
}

/** Lets in whoever is known; an empty shop is opened first. Whose session runs out signs in again over their page. */
function Shopfront() {
  const { data: session, error } = useSession();
  const [known, setKnown] = useState<PersonView | undefined>();
  const queries = useQueryClient();
  useEffect(() => {
    const ask = () => void queries.invalidateQueries({ queryKey: ['session'] });
    window.addEventListener(SIGNED_OUT, ask);
    return () => window.removeEventListener(SIGNED_OUT, ask);
  }, [queries]);
  const person = session?.person;
  if (person && person !== known) {
    draftsAreOf(person.id);
    setKnown(person);
  }
  if (!session) {
    return <Room>{error ? <p>The shop’s server does not answer. Trying again…</p> : null}</Room>;
  }
  if (session.isShopEmpty) {
    return <FirstStart />;
  }
  if (!known) {
    return <SignIn session={session} />;
  }
  return (
    <KnownPerson value={person ?? known}>
      <OpenShop session={session} person={person ?? known} />
      {person ? null : <SignInAgain session={session} name={known.name} />}
    </KnownPerson>
  );
}

function OpenShop({ session, person }: { session: SessionView; person: PersonView }) {
  const { isConnected, announced, dismiss } = useLive({ ...session, person });
  const unsent = useUnsent(person.id);
  useSendsUnsent(person.id, unsent, isConnected);
  const { pathname } = useLocation();
  const handed = useHanded().data?.length ?? 0;
  const alarms = useAlarms().data?.length ?? 0;
  useEffect(() => waits(handed + alarms + announced.length), [handed, alarms, announced.length]);
  if (pathname === '/screen') {
    return (
      <>
        <ScreenPage />
        <Alarms />
        <Announcements unsent={unsent} isConnected={isConnected} announced={announced} onDismiss={dismiss} />
      </>
    );
  }
  return (
    <UnsentHere value={unsent}>
      <Arrival shopName={session.shopName} />
      <Skip href="#page">To what is on the page</Skip>
      <Bar session={session} person={person} />
      <Troubles />
      <Alarms />
      <Handed />
      <Page>
        <Routes>
          <Route path="/" element={<Wall empty={<FirstHour />} />} />
          <Route path="/wall" element={<Wall empty={<FirstHour />} />} />
          {Object.entries(PAGES).map(([path, View]) => (
            <Route key={path} path={path} element={<View />} />
          ))}
          <Route path="*" element={<p>There is nothing at this address.</p>} />
        </Routes>
      </Page>
      <Announcements unsent={unsent} isConnected={isConnected} announced={announced} onDismiss={dismiss} />
    </UnsentHere>
  );
}

/** Says so while it still fills: until the first answers are there, what lies under a finger may move away. */
function Page({ children }: PropsWithChildren) {
  const isFilling = useIsFetching({ predicate: (query) => query.state.status === 'pending' }) > 0;
  return (
    <Room id="page" tabIndex={-1} aria-busy={isFilling}>
      {children}
    </Room>
  );
}
