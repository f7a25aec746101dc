import { useEffect } from 'react';
import { Link, useLocation } from 'react-router';
import type { MishapView, PieceView } from '../api/schema';
import { usePerson } from '../access/useSession';
import { useNow } from '../live/useNow';
import { Quiet, Row, Trouble } from '../parts/Sheet';
import { day, daysInHand, minutes, moment } from '../parts/words';
import { Materials } from '../stock/Materials';
import { windowWords } from '../route/words';
import { BriefPanel } from './BriefPanel';
import { ComeBack } from './ComeBack';
import { Drawn } from './Drawn';
import { Holding } from './Holding';
import { Journal } from './Journal';
import { Lessons } from './Lessons';
import { Notes } from './Notes';
import { Numbers, staleWords } from './Numbers';
import { OwnOfBatch } from './OwnOfBatch';
import { RouteList } from './RouteList';
import { SpecificationPanel } from './SpecificationPanel';
import { Columns } from './PiecePage.styles';
import { usePiece } from '../api/usePiece';
import { WhoseWork } from './WhoseWork';

/** The traveller: everything that is known of one piece. */
export default function PiecePage() {
  const { data: piece, error } = usePiece();
  if (!piece) {
    return error ? <Trouble role="alert">{error.message}</Trouble> : <Quiet>One moment…</Quiet>;
  }
  return <Traveller piece={piece} />;
}

function Traveller({ piece }: { piece: PieceView }) {
  const person = usePerson();
  useNamedPart();
  return (
    <>
      <Top piece={piece} />
      <Drawn piece={piece} />
      <Columns>
        <div>
          <div id="route">
            <RouteList piece={piece} />
          </div>
          <Journal piece={piece} />
        </div>
        <div>
          <div id="promise">
            <BriefPanel piece={piece} isOwner={person.role === 'OWNER'} />
          </div>
          <div id="whose">
            <OwnOfBatch piece={piece} isOwner={person.role === 'OWNER'} />
          </div>
          <div id="specification">
            <SpecificationPanel piece={piece} isOwner={person.role === 'OWNER'} />
          </div>
          <Materials piece={piece.id} />
          <Numbers piece={piece} />
          <Lessons piece={piece} />
          <Notes piece={piece} />
        </div>
      </Columns>
    </>
  );
}

/** The part of the page that the address names comes into sight. */
function useNamedPart() {
  const { hash } = useLocation();
  useEffect(() => {
    if (hash) {
      document.getElementById(hash.slice(1))?.scrollIntoView();
    }
  }, [hash]);
}

function Top({ piece }: { piece: PieceView }) {
  const now = useNow();
  const person = usePerson();
  return (
    <header>
      <Row>
        <h1>
          {piece.name} · {piece.job.title}
        </h1>
        <span>
          {piece.now.stateWords}, promised {day(piece.job.promisedOn)}, {daysInHand(piece.days.inHand)}
        </span>
        {piece.job.pieces > 1 ? <Link to={`/jobs/${piece.job.id}`}>All {piece.job.pieces} pieces</Link> : null}
        <Link to={`/jobs/${piece.job.id}/consult`}>Consult</Link>
        <Link to={`/fire/pieces/${piece.id}`}>Fire and hardness</Link>
        {piece.steps.some((step) => step.station === 'LEATHER') ? (
          <Link to={`/sheath?piece=${piece.id}`}>Sheath</Link>
        ) : null}
        <Link to={`/pieces/${piece.id}/hand-over`}>Record and care card</Link>
        {piece.now.standing === 'ALIVE' ? <Link to={`/tags?of=pieces&one=/pieces/${piece.id}`}>Tag</Link> : null}
        {piece.now.standing === 'ALIVE' ? <Holding piece={piece} /> : null}
        {piece.now.standing === 'HANDED_OVER' && person.role === 'OWNER' ? <ComeBack piece={piece} /> : null}
      </Row>
      {piece.now.held ? (
        <Trouble>
          Held since {moment(piece.now.held.atMillis)} by {piece.now.held.by}: {piece.now.held.reason}
        </Trouble>
      ) : null}
      {piece.now.isUntempered ? (
        <Trouble>Hardened and untempered: brittle like glass. Drop nothing, hammer nothing.</Trouble>
      ) : null}
      {piece.knife.numbers.map((number) =>
        number.stale ? <Trouble key={number.key}>{staleWords(number)}</Trouble> : null,
      )}
      {piece.days.windows.map((window) => (
        <Trouble key={window.operation}>
          {windowWords(window, now)}. {window.reason}
        </Trouble>
      ))}
      <Quiet>
        As it lies: {piece.now.conditions.join(', ')}
        {piece.now.heats > 1 ? `, hardened ${piece.now.heats} times` : ''}.
        {piece.knife.own.belongs === 'SPARE' ? ' The spare of its batch.' : ''}
      </Quiet>
      {piece.now.standing === 'ALIVE' ? <WhoseWork piece={piece} /> : null}
      {piece.past.mishaps.map((mishap) => (
        <Quiet key={`mishap ${mishap.atMillis}`}>
          {moment(mishap.atMillis)}: {mishap.title}
          {told(mishap)}, {mishap.by}. {mishap.decision || mishap.wayBack}
          {mishap.costMinutes > 0 ? ` (${minutes(mishap.costMinutes)})` : ''}.
        </Quiet>
      ))}
      {piece.past.decisions.map((decision) => (
        <Quiet key={`decision ${decision.atMillis}`}>
          {moment(decision.atMillis)}: {decision.by} {decision.isTaken ? 'took' : 'dropped'} a change: {decision.change}
          .{decision.effect ? ` ${decision.effect}.` : ''}
          {decision.reason ? ` Because: ${decision.reason}.` : ''}
          {decision.clientAgreed ? ' The client agreed.' : ''}
        </Quiet>
      ))}
    </header>
  );
}

function told(mishap: MishapView): string {
  const parts = [mishap.measured, mishap.words].filter(Boolean);
  return parts.length > 0 ? ` (${parts.join('; ')})` : '';
}
