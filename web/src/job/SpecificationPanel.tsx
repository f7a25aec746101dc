import { useState } from 'react';
import type { PieceView } from '../api/schema';
import { Press } from '../parts/Press';
import { Panel } from '../parts/Sheet';
import { Facts } from '../parts/Facts';
import { SpecificationChange } from './SpecificationChange';

/** The agreed knife, and for the owner a way to change an answer. */
export function SpecificationPanel({ piece, isOwner }: { piece: PieceView; isOwner: boolean }) {
  const [isChanging, setChanging] = useState(false);
  const [isWhole, setWhole] = useState(false);
  const lines = piece.knife.specification.filter((line) => isWhole || !line.isUsual);
  return (
    <Panel aria-label="Specification">
      <h2>Specification</h2>
      <Facts>
        <tbody>
          {lines.map((line) => (
            <tr key={line.field}>
              <td>{line.label}</td>
              <td>
                <strong>{line.words}</strong>
              </td>
            </tr>
          ))}
        </tbody>
      </Facts>
      {lines.length < piece.knife.specification.length ? (
        <div>
          <Press onPress={() => setWhole(true)}>
            Show the {piece.knife.specification.length - lines.length} sizes that follow from these
          </Press>
        </div>
      ) : null}
      {isOwner && piece.now.standing === 'ALIVE' ? (
        <div>
          <Press onPress={() => setChanging(true)}>Change the specification</Press>
        </div>
      ) : null}
      {isChanging ? <SpecificationChange piece={piece} onClose={() => setChanging(false)} /> : null}
    </Panel>
  );
}
