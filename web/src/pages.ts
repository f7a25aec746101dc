import { matchPath } from 'react-router';
import { type FetchedPage, fetched } from './parts/fetched';

/** Where a client sees their knife, and where the shop's screen turns by itself: pages without the bar. */
export const ClientPage = fetched(() => import('./design/ClientPage'));
export const ScreenPage = fetched(() => import('./job/ScreenPage'));

/** The views of the shop that are fetched when they are first opened, by their address. */
export const PAGES: Record<string, FetchedPage> = {
  '/consult': fetched(() => import('./design/ConsultList')),
  '/jobs/:job': fetched(() => import('./job/JobPage')),
  '/tags': fetched(() => import('./find/TagsPage')),
  '/slots/:slot': fetched(() => import('./find/SlotPage')),
  '/clients': fetched(() => import('./job/ClientsPage')),
  '/clients/:client': fetched(() => import('./job/ClientFilePage')),
  '/delivered': fetched(() => import('./job/DeliveredPage')),
  '/jobs/:job/consult': fetched(() => import('./design/Consult')),
  '/jobs/:job/sheet': fetched(() => import('./design/ConsultSheet')),
  '/outbox': fetched(() => import('./device/Outbox')),
  '/prices': fetched(() => import('./money/Prices')),
  '/new': fetched(() => import('./design/NewCommission')),
  '/pieces/:id': fetched(() => import('./job/PiecePage')),
  '/pieces/:id/chain': fetched(() => import('./chain/ChainPage')),
  '/pieces/:id/readout': fetched(() => import('./machine/ReadoutPage')),
  '/pieces/:id/hand-over': fetched(() => import('./job/HandOver')),
  '/bench': fetched(() => import('./bench/BenchPage')),
  '/bench/:id/:operation': fetched(() => import('./bench/StepPage')),
  '/stations/:station': fetched(() => import('./bench/StationPage')),
  '/stock': fetched(() => import('./stock/RacksPage')),
  '/stock/receive': fetched(() => import('./stock/Receive')),
  '/stock/cutting': fetched(() => import('./stock/Cutting')),
  '/stock/buying': fetched(() => import('./stock/Buying')),
  '/stock/claims': fetched(() => import('./stock/Claims')),
  '/stock/table': fetched(() => import('./stock/Tables')),
  '/stock/lots/:id': fetched(() => import('./stock/LotPage')),
  '/forge': fetched(() => import('./forge/ForgePage')),
  '/forge/new': fetched(() => import('./forge/NewBillet')),
  '/forge/:part': fetched(() => import('./forge/BilletPage')),
  '/fire': fetched(() => import('./fire/FirePage')),
  '/fire/loads/:id': fetched(() => import('./fire/LoadPage')),
  '/fire/pieces/:id': fetched(() => import('./fire/PieceFirePage')),
  '/fire/kilns/:id': fetched(() => import('./fire/KilnPage')),
  '/fire/steels': fetched(() => import('./fire/SteelsPage')),
  '/fire/treater': fetched(() => import('./fire/TreaterPage')),
  '/fire/treater/:id': fetched(() => import('./fire/ConsignmentPage')),
  '/fit': fetched(() => import('./fit/FitPage')),
  '/glue': fetched(() => import('./glue/GluePage')),
  '/sheath': fetched(() => import('./sheath/SheathPage')),
  '/sheath/sides/:id': fetched(() => import('./sheath/SidePage')),
  '/glue/sheets/:id': fetched(() => import('./glue/SheetPage')),
  '/tank': fetched(() => import('./etch/TankPage')),
  '/tank/baths/:id': fetched(() => import('./etch/BathPage')),
  '/tank/recipes': fetched(() => import('./etch/RecipesPage')),
  '/tank/stencils': fetched(() => import('./etch/StencilsPage')),
  '/tank/making': fetched(() => import('./etch/MakingPage')),
  '/edges': fetched(() => import('./grind/EdgesPage')),
  '/ledger': fetched(() => import('./bench/Ledger')),
  '/calculate': fetched(() => import('./calc/Calculate')),
  '/people': fetched(async () => ({ default: (await import('./access/People')).People })),
  '/backup': fetched(() => import('./backup/BackupPage')),
  '/along': fetched(() => import('./backup/AlongPage')),
};

/** The view at an address comes while the server is still being asked who looks at it. */
export function fetchAhead(pathname: string): void {
  const page = Object.entries(PAGES).find(([address]) => matchPath(address, pathname))?.[1];
  // What fails is said by the page itself, which asks again.
  page?.fetch().catch(() => undefined);
}
