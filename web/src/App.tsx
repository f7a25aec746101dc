import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { NavLink, Route, Routes } from 'react-router';
import { styled } from 'styled-components';
import { SIGNED_OUT } from './api/client';
import type { PersonView, SessionView } from './api/schema';
import { ChangeHands } from './access/ChangeHands';
import { FirstStart } from './access/FirstStart';
import { KnownPerson } from './access/known';
import { SignIn } from './access/SignIn';
import { SignInAgain } from './access/SignInAgain';
import { useSession, useSigning } from './access/useSession';
import { Troubles } from './backup/Troubles';
import { Alarms } from './fire/Alarms';
import { Announcements } from './live/Announcements';
import { useLive } from './live/useLive';
import { fetched } from './parts/fetched';
import { Press } from './parts/Press';
import { Wall } from './job/Wall';

const Consult = fetched(() => import('./design/Consult'));
const ConsultSheet = fetched(() => import('./design/ConsultSheet'));
const ConsultList = fetched(() => import('./design/ConsultList'));
const ClientPage = fetched(() => import('./design/ClientPage'));
const Outbox = fetched(() => import('./device/Outbox'));
const RacksPage = fetched(() => import('./stock/RacksPage'));
const Receive = fetched(() => import('./stock/Receive'));
const LotPage = fetched(() => import('./stock/LotPage'));
const Cutting = fetched(() => import('./stock/Cutting'));
const Buying = fetched(() => import('./stock/Buying'));
const Claims = fetched(() => import('./stock/Claims'));
const Tables = fetched(() => import('./stock/Tables'));
const ForgePage = fetched(() => import('./forge/ForgePage'));
const NewBillet = fetched(() => import('./forge/NewBillet'));
const BilletPage = fetched(() => import('./forge/BilletPage'));
const FirePage = fetched(() => import('./fire/FirePage'));
const LoadPage = fetched(() => import('./fire/LoadPage'));
const PieceFirePage = fetched(() => import('./fire/PieceFirePage'));
const KilnPage = fetched(() => import('./fire/KilnPage'));
const SteelsPage = fetched(() => import('./fire/SteelsPage'));
const TreaterPage = fetched(() => import('./fire/TreaterPage'));
const ConsignmentPage = fetched(() => import('./fire/ConsignmentPage'));
const Prices = fetched(() => import('./money/Prices'));
const NewCommission = fetched(() => import('./design/NewCommission'));
const PiecePage = fetched(() => import('./job/PiecePage'));
const ChainPage = fetched(() => import('./chain/ChainPage'));
const HandOver = fetched(() => import('./job/HandOver'));
const BenchPage = fetched(() => import('./bench/BenchPage'));
const StepPage = fetched(() => import('./bench/StepPage'));
const StationPage = fetched(() => import('./bench/StationPage'));
const BackupPage = fetched(() => import('./backup/BackupPage'));
const AlongPage = fetched(() => import('./backup/AlongPage'));
const Calculate = fetched(() => import('./calc/Calculate'));
const Ledger = fetched(() => import('./bench/Ledger'));
const PeoplePage = fetched(async () => ({ default: (await import('./access/People')).People }));

const Rail = styled.header`
  background: ${({ theme }) => theme.blueDeep};
  color: ${({ theme }) => theme.scribe};
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.2rem 1.1rem;
  padding: 0.25rem 1rem;
  font-family: ${({ theme }) => theme.label};
  nav {
    display: flex;
    flex-wrap: wrap;
    gap: 0.2rem;
    flex: 1;
  }
  a {
    color: inherit;
    text-decoration: none;
    padding: 0.65rem 0.9rem;
    min-height: 44px;
    font-size: 1.1rem;
    border-bottom: 3px solid transparent;
  }
  a[aria-current='page'] {
    border-color: ${({ theme }) => theme.manila};
    font-weight: 600;
  }
  button {
    background: none;
    color: inherit;
    border-color: ${({ theme }) => theme.scribeQuiet};
  }
  @media (max-width: 1140px) {
    nav {
      order: 1;
      flex: 1 0 100%;
    }
    a {
      padding: 0.65rem 0.55rem;
    }
    > span {
      margin-left: auto;
    }
  }
`;

const Shop = styled.strong`
  font-size: 1.15rem;
`;

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
  const { signOut } = useSigning();
  return (
    <>
      <Rail data-no-print>
        <Shop>{session.shopName}</Shop>
        <nav aria-label="Views">
          <NavLink to="/" end>
            Wall
          </NavLink>
          <NavLink to="/bench">Bench</NavLink>
          {person.role === 'OWNER' ? <NavLink to="/consult">Consult</NavLink> : null}
          <NavLink to="/stock">Stock</NavLink>
          <NavLink to="/forge">Forge</NavLink>
          <NavLink to="/fire">Fire</NavLink>
          <NavLink to="/ledger">Ledger</NavLink>
          <NavLink to="/calculate">Calculate</NavLink>
          <NavLink to="/people">People</NavLink>
        </nav>
        <ChangeHands session={session} name={person.name} />
        <Press onPress={() => void signOut()}>Sign out</Press>
      </Rail>
      <Troubles />
      <Alarms />
      <Room>
        <Routes>
          <Route path="/" element={<Wall />} />
          <Route path="/wall" element={<Wall />} />
          <Route path="/consult" element={<ConsultList />} />
          <Route path="/jobs/:job/consult" element={<Consult />} />
          <Route path="/jobs/:job/sheet" element={<ConsultSheet />} />
          <Route path="/outbox" element={<Outbox />} />
          <Route path="/prices" element={<Prices />} />
          <Route path="/new" element={<NewCommission />} />
          <Route path="/pieces/:id" element={<PiecePage />} />
          <Route path="/pieces/:id/chain" element={<ChainPage />} />
          <Route path="/pieces/:id/hand-over" element={<HandOver />} />
          <Route path="/bench" element={<BenchPage />} />
          <Route path="/bench/:id/:operation" element={<StepPage />} />
          <Route path="/stations/:station" element={<StationPage />} />
          <Route path="/stock" element={<RacksPage />} />
          <Route path="/stock/receive" element={<Receive />} />
          <Route path="/stock/cutting" element={<Cutting />} />
          <Route path="/stock/buying" element={<Buying />} />
          <Route path="/stock/claims" element={<Claims />} />
          <Route path="/stock/table" element={<Tables />} />
          <Route path="/stock/lots/:id" element={<LotPage />} />
          <Route path="/forge" element={<ForgePage />} />
          <Route path="/forge/new" element={<NewBillet />} />
          <Route path="/forge/:part" element={<BilletPage />} />
          <Route path="/fire" element={<FirePage />} />
          <Route path="/fire/loads/:id" element={<LoadPage />} />
          <Route path="/fire/pieces/:id" element={<PieceFirePage />} />
          <Route path="/fire/kilns/:id" element={<KilnPage />} />
          <Route path="/fire/steels" element={<SteelsPage />} />
          <Route path="/fire/treater" element={<TreaterPage />} />
          <Route path="/fire/treater/:id" element={<ConsignmentPage />} />
          <Route path="/ledger" element={<Ledger />} />
          <Route path="/calculate" element={<Calculate />} />
          <Route path="/people" element={<PeoplePage />} />
          <Route path="/backup" element={<BackupPage />} />
          <Route path="/along" element={<AlongPage />} />
          <Route path="*" element={<p>There is nothing at this address.</p>} />
        </Routes>
      </Room>
      <Announcements isConnected={isConnected} announced={announced} onDismiss={dismiss} />
    </>
  );
}
