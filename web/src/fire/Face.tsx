import { Link } from 'react-router';
import type { KilnView } from '../api/schema';
import { KilnFace } from './Fire.styles';
import { StandIn } from './StandIn';

/** What a kiln shows, large enough to read from the quench tank, and its door. */
export function Face({ kiln, isHere }: { kiln: KilnView; isHere?: boolean }) {
  return (
    <div>
      <KilnFace aria-label={kiln.name}>
        <header>
          <h2>
            <Link to={`/fire/kilns/${kiln.id}`}>{kiln.name}</Link>
          </h2>
          <span>{kiln.isDoorOpen ? 'door open' : 'door shut'}</span>
        </header>
        <output>
          {kiln.shows || '– –'}
          <small>{kiln.isLit ? `told ${kiln.setPoint}` : 'out'}</small>
        </output>
        {kiln.displays ? <p>Its own display shows {kiln.displays}.</p> : null}
        {kiln.isChecked ? null : (
          <p>
            <Link to={`/fire/kilns/${kiln.id}`}>Not checked at three heats yet</Link>
          </p>
        )}
        {kiln.fault ? <p data-wrong>{kiln.fault}</p> : null}
        <p>
          {kiln.isHeating ? 'Elements on. ' : kiln.isLit ? 'Elements off. ' : ''}
          {kiln.burning && !isHere ? <Link to={`/fire/loads/${kiln.burning}`}>To its load</Link> : kiln.space}
        </p>
      </KilnFace>
      {kiln.isStandIn ? <StandIn kiln={kiln} /> : null}
    </div>
  );
}
