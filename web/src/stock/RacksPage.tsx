import { useState } from 'react';
import { Link } from 'react-router';
import type { LotView, PromiseView, RackView } from '../api/schema';
import { Choice } from '../parts/Choice';
import { Entry } from '../parts/Entry';
import { Quiet } from '../parts/Sheet';
import { Doorways } from './Doorways';
import { Bars, Find, Shelves, Tags } from './Stock.styles';
import { useRacks } from './useStock';

const EVERYTHING = 'EVERYTHING';

/** What lies in the store: bars as long as they are, the rest on tags. */
export default function RacksPage() {
  const { data } = useRacks();
  const [words, setWords] = useState('');
  const [kind, setKind] = useState(EVERYTHING);
  const found = (data?.racks ?? [])
    .filter((rack) => kind === EVERYTHING || rack.kind === kind)
    .map((rack) => ({ ...rack, lots: rack.lots.filter((lot) => isMeant(lot, words)) }))
    .filter((rack) => rack.lots.length > 0);
  return (
    <>
      <h1>Stock</h1>
      <Doorways />
      {data && data.racks.length === 0 ? (
        <p>
          The racks are empty. Write down <Link to="/stock/receive">what came</Link>, or bring in a{' '}
          <Link to="/stock/table">table</Link> of what you have.
        </p>
      ) : null}
      {data && data.racks.length > 0 ? (
        <Find>
          <Entry label="Find" isPassing value={words} onChange={setWords} />
          <Choice
            label="Rack"
            value={kind}
            options={[
              { value: EVERYTHING, words: 'All racks' },
              ...data.racks.map((rack) => ({ value: rack.kind, words: rack.rack })),
            ]}
            onChange={setKind}
          />
          {data.openClaims > 0 ? (
            <Link to="/stock/claims">
              {data.openClaims} open {data.openClaims === 1 ? 'claim' : 'claims'}
            </Link>
          ) : (
            <span />
          )}
        </Find>
      ) : null}
      {data && data.racks.length > 0 && found.length === 0 ? <Quiet>Nothing of that kind lies here.</Quiet> : null}
      {found.filter(isSawn).map((rack) => (
        <Rack key={rack.kind} rack={rack} />
      ))}
      <Shelves>
        {found
          .filter((rack) => !isSawn(rack))
          .map((rack) => (
            <Rack key={rack.kind} rack={rack} />
          ))}
      </Shelves>
    </>
  );
}

const isSawn = (rack: RackView): boolean => rack.lots.some((lot) => lot.lengthMillimetres > 0);

/** Every word that was typed stands somewhere in what is known of it. */
function isMeant(lot: LotView, words: string): boolean {
  const known = [lot.words, lot.place, lot.mark, ...lot.promises.map((promise) => `${promise.piece} ${promise.job}`)]
    .join(' ')
    .toLowerCase();
  return words
    .toLowerCase()
    .split(/\s+/)
    .every((word) => known.includes(word));
}

function Rack({ rack }: { rack: RackView }) {
  return (
    <section aria-label={rack.rack}>
      <h2>{rack.rack}</h2>
      {isSawn(rack) ? <BarsOf rack={rack} /> : <TagsOf rack={rack} />}
    </section>
  );
}

/** Bars that are alike stand together, each as long as it is. */
function BarsOf({ rack }: { rack: RackView }) {
  const longest = Math.max(...rack.lots.map((lot) => lot.lengthMillimetres));
  const lots = rack.lots.toSorted((one, other) => one.words.localeCompare(other.words));
  return (
    <Bars>
      {[...new Set(lots.map((lot) => lot.itemId))].map((item) => {
        const alike = lots.filter((lot) => lot.itemId === item);
        return (
          <li key={item}>
            <div>
              <strong>{alike[0]?.words}</strong>
              <small>{[...new Set(alike.flatMap((lot) => [lot.place, lot.mark]))].filter(Boolean).join('; ')}</small>
            </div>
            <div>
              {alike.map((lot) => (
                <BarOnRack key={lot.id} lot={lot} longest={longest} />
              ))}
            </div>
          </li>
        );
      })}
    </Bars>
  );
}

const promisedWords = (promise: PromiseView): string => `${promise.amount} for ${promise.piece}, ${promise.job}`.trim();

function BarOnRack({ lot, longest }: { lot: LotView; longest: number }) {
  return (
    <Link to={`/stock/lots/${lot.id}`} aria-label={`${lot.words}, ${lot.amount}`}>
      <svg viewBox={`0 0 ${longest} 20`} preserveAspectRatio="none" aria-hidden="true">
        <rect width={lot.freeMillimetres} height={20} />
        {lot.lengthMillimetres > lot.freeMillimetres ? (
          <rect data-promised x={lot.freeMillimetres} width={lot.lengthMillimetres - lot.freeMillimetres} height={20} />
        ) : null}
      </svg>
      <span>
        <strong>{lot.amount}</strong>
        {lot.promises.map((promise) => (
          <span key={promise.id}>{`, ${promise.amount} for ${promise.piece}`}</span>
        ))}
      </span>
    </Link>
  );
}

function TagsOf({ rack }: { rack: RackView }) {
  return (
    <Tags>
      {rack.lots.map((lot) => (
        <li key={lot.id}>
          <Link to={`/stock/lots/${lot.id}`}>{lot.words}</Link>
          <strong>{lot.amount}</strong>
          {lot.free === lot.amount ? null : <span>{lot.free} free</span>}
          {lot.place ? <span>{lot.place}</span> : null}
          {lot.mark ? <b>{lot.mark}</b> : null}
          {lot.promises.map((promise) => (
            <span key={promise.id}>{promisedWords(promise)}</span>
          ))}
        </li>
      ))}
    </Tags>
  );
}
