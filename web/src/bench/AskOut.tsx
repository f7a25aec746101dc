import { type ReactNode, useState } from 'react';
import type { Problem } from '../api/client';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Ask, Row, Trouble } from '../parts/Sheet';
import { useWentWrong } from './useWentWrong';

interface AskOutProps {
  isOpen: boolean;
  isBusy: boolean;
  problem?: Problem;
  onAgain: () => void;
  /** Takes what is out as it is, for this reason. */
  onTake: (reason: string) => void;
  children: ReactNode;
}

/** What is out is asked once: measure again, take it as it is with a reason that stays, or it went wrong. */
export function AskOut({ isOpen, isBusy, problem, onAgain, onTake, children }: AskOutProps) {
  const [reason, setReason] = useState('');
  const { wentWrong } = useWentWrong();
  const take = () => reason.trim() && onTake(reason);
  return (
    <Ask title="Out: what now?" isOpen={isOpen} onClose={onAgain}>
      {children}
      <Entry
        large
        label="Why it may stay as it is"
        name="reason"
        value={reason}
        onChange={setReason}
        onEnter={take}
        problem={problem?.at('reason')}
        echo="The reason stays on the piece and its record."
      />
      {problem && !problem.at('reason') && problem.kind !== 'out' && problem.kind !== 'question' ? (
        <Trouble role="alert">{problem.message}</Trouble>
      ) : null}
      <Row>
        <Press data-large data-kind="main" onPress={onAgain}>
          Measure again
        </Press>
        <Press data-large isDisabled={isBusy || !reason.trim()} onPress={take}>
          Take it as it is
        </Press>
        <Press
          data-large
          data-kind="alarm"
          onPress={() => {
            onAgain();
            wentWrong();
          }}
        >
          It went wrong
        </Press>
      </Row>
    </Ask>
  );
}
