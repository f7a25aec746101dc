import { useState } from 'react';
import { change } from '../api/client';
import type { PieceView } from '../api/schema';
import { BothChanged } from '../parts/BothChanged';
import { useCaught } from '../parts/Caught';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Row } from '../parts/Sheet';

interface PromiseDayProps {
  piece: PieceView;
  isOpen: boolean;
  onToggle: (open: boolean) => void;
}

/** Moves the promised day. */
export function PromiseDay({ piece, isOpen, onToggle }: PromiseDayProps) {
  const [day, setDay] = useState(piece.job.promisedOn);
  const [from, setFrom] = useState(piece.job.promisedOn);
  const { problem, run, clear } = useCaught();
  const send = (basedOn: string) =>
    void run(async () => {
      await change(`/api/jobs/${piece.job.id}/promise`, { from: basedOn, to: day });
      onToggle(false);
    });
  if (!isOpen) {
    return (
      <div>
        <Press
          onPress={() => {
            setDay(piece.job.promisedOn);
            setFrom(piece.job.promisedOn);
            onToggle(true);
          }}
        >
          Move the promise
        </Press>
      </div>
    );
  }
  const both = problem?.both ?? [];
  return (
    <>
      <Row>
        <Entry
          label="Promised for"
          type="date"
          value={day}
          onChange={setDay}
          problem={both.length === 0 ? problem?.message : undefined}
        />
        <Press data-kind="main" onPress={() => send(from)}>
          Promise it
        </Press>
        <Press onPress={() => onToggle(false)}>Leave it</Press>
      </Row>
      <BothChanged
        both={both}
        onTheirs={() => {
          clear();
          onToggle(false);
        }}
        onMine={() => send(both[0]?.theirsIs ?? from)}
      />
    </>
  );
}
