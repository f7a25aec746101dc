import { useState } from 'react';
import { styled } from 'styled-components';
import { change } from '../api/client';
import type { ConsultView, ProposalView } from '../api/schema';
import { Silhouette } from '../blade/Silhouette';
import { useCaught } from '../parts/Caught';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Ask, Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { Sheets, Table } from './Consult.styles';
import type { Entries } from './useConsult';

const Blue = styled.div`
  background: ${({ theme }) => theme.blue};
  border-radius: 4px;
  padding: 1rem;
  svg {
    width: 100%;
    height: auto;
    max-height: 130px;
  }
`;

const TOLD_APART: readonly string[] = ['weight', 'balance', 'handle', 'finish', 'steel'];

interface ProposalsProps {
  talk: ConsultView;
  chosen: Entries;
  onEntries: (entries: Entries) => void;
}

/** Drawings side by side: put the one on the table beside the others, choose one, say why. */
export function Proposals({ talk, chosen, onEntries }: ProposalsProps) {
  const [name, setName] = useState('');
  const [choosing, setChoosing] = useState<ProposalView | undefined>();
  const { problem, isBusy, run } = useCaught();
  const put = () =>
    void run(async () => {
      await change(`/api/jobs/${talk.jobId}/proposals`, { name, entries: chosen });
      setName('');
    });
  return (
    <>
      <Panel aria-label="Put the drawing beside the others">
        <Row>
          <Entry label="Call this drawing" value={name} onChange={setName} problem={problem?.at('name')} />
          <Press isDisabled={isBusy || name.trim() === ''} onPress={put}>
            Put it beside the others
          </Press>
        </Row>
        {problem ? (
          <Trouble role="alert">{problem.message}</Trouble>
        ) : (
          <Quiet>
            Change the handle, the finish or the outline, and put each drawing here under a name of its own.
          </Quiet>
        )}
      </Panel>
      <Sheets>
        {talk.proposals.map((proposal) => (
          <Panel key={proposal.id} aria-label={proposal.name}>
            <h2>{proposal.name}</h2>
            <Blue>
              <Silhouette
                drawing={proposal.drawing}
                state="HANDED_OVER"
                finish={proposal.finish}
                material={proposal.handleMaterial}
                scale={2}
                label={`Drawing of ${proposal.name}`}
              />
            </Blue>
            <Table>
              <tbody>
                {proposal.figures
                  .filter((figure) => TOLD_APART.includes(figure.key))
                  .map((figure) => (
                    <tr key={figure.key}>
                      <td>{figure.label}</td>
                      <td>{figure.words}</td>
                    </tr>
                  ))}
              </tbody>
            </Table>
            {proposal.reason ? (
              <p>
                <strong>{proposal.isTaken ? 'Chosen: ' : 'Chosen before: '}</strong>
                {proposal.reason}
              </p>
            ) : null}
            <Row>
              <Press onPress={() => onEntries(proposal.entries)}>Lay it on the table</Press>
              {proposal.isTaken ? null : <Press onPress={() => setChoosing(proposal)}>Choose this one</Press>}
            </Row>
          </Panel>
        ))}
      </Sheets>
      {choosing ? (
        <Choose
          talk={talk}
          proposal={choosing}
          onChosen={() => {
            onEntries(choosing.entries);
            setChoosing(undefined);
          }}
          onClose={() => setChoosing(undefined)}
        />
      ) : null}
    </>
  );
}

interface ChooseProps {
  talk: ConsultView;
  proposal: ProposalView;
  onChosen: () => void;
  onClose: () => void;
}

function Choose({ talk, proposal, onChosen, onClose }: ChooseProps) {
  const [reason, setReason] = useState('');
  const { problem, isBusy, run } = useCaught();
  const choose = () =>
    void run(async () => {
      await change(`/api/jobs/${talk.jobId}/proposals/${proposal.id}/choose`, { reason });
      onChosen();
    });
  return (
    <Ask title={`“${proposal.name}” is chosen`} isOpen onClose={onClose}>
      <Entry label="Why this one?" value={reason} onChange={setReason} lines problem={problem?.at('reason')} />
      {problem ? (
        <Trouble role="alert">{problem.message}</Trouble>
      ) : (
        <Quiet>It is laid on the table; keep it as a revision when the talk is done.</Quiet>
      )}
      <Row>
        <Press data-kind="main" isDisabled={isBusy} onPress={choose}>
          Choose it
        </Press>
        <Press onPress={onClose}>Not yet</Press>
      </Row>
    </Ask>
  );
}
