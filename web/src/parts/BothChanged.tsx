import type { Both } from '../api/schema';
import { Press } from './Press';
import { Ask, Row } from './Sheet';

interface BothChangedProps {
  both: readonly Both[];
  onTheirs: () => void;
  onMine: () => void;
}

/** What the other entered beside what was entered here. */
export function BothValues({ both }: { both: readonly Both[] }) {
  return both.map((each) => (
    <p key={each.field}>
      <strong>{each.label}</strong>: {each.theirsBy} entered <strong>{each.theirs}</strong>, you entered{' '}
      <strong>{each.yours}</strong>.
    </p>
  ));
}

/** Two people changed the same thing: both see both values and choose. */
export function BothChanged({ both, onTheirs, onMine }: BothChangedProps) {
  return (
    <Ask title="Two people changed this" isOpen={both.length > 0} onClose={onTheirs}>
      <BothValues both={both} />
      <Row>
        <Press data-large onPress={onTheirs}>
          Keep theirs
        </Press>
        <Press data-large data-kind="main" onPress={onMine}>
          Use mine
        </Press>
      </Row>
    </Ask>
  );
}
