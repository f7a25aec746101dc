import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
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
import { fetched } from './parts/fetched';
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
const ScreenPage = fetched(() => import('./job/ScreenPage'));
const TagsPage = fetched(() => import('./find/TagsPage'));
const SlotPage = fetched(() => import('./find/SlotPage'));
const JobPage = fetched(() => import('./job/JobPage'));
const ClientsPage = fetched(() => import('./job/ClientsPage'));
const ClientFilePage = fetched(() => import('./job/ClientFilePage'));
const DeliveredPage = fetched(() => import('./job/DeliveredPage'));
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
      <Room id="page" tabIndex={-1}>
        <Routes>
          <Route path="/" element={<Wall empty={<FirstHour />} />} />
          <Route path="/wall" element={<Wall empty={<FirstHour />} />} />
          <Route path="/consult" element={<ConsultList />} />
          <Route path="/jobs/:job" element={<JobPage />} />
          <Route path="/tags" element={<TagsPage />} />
          <Route path="/slots/:slot" element={<SlotPage />} />
          <Route path="/clients" element={<ClientsPage />} />
          <Route path="/clients/:client" element={<ClientFilePage />} />
          <Route path="/delivered" element={<DeliveredPage />} />
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
      <Announcements unsent={unsent} isConnected={isConnected} announced={announced} onDismiss={dismiss} />
    </UnsentHere>
  );
}
