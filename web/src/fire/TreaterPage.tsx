import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { change, read } from '../api/client';
import type { TreaterView, AwaitsTreater } from '../api/schema';
import { Facts } from '../parts/Facts';
import { useCaught } from '../parts/Caught';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Fields, Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { Tick } from '../parts/Tick';
import { day } from '../parts/words';

/** Blades that an outside treater hardens: those that wait, those that are away, those that came back. */
export default function TreaterPage() {
  const { data } = useQuery({ queryKey: ['fire', 'treater'], queryFn: () => read<TreaterView>('/api/fire/treater') });
  if (!data) {
    return <Quiet>One moment…</Quiet>;
  }
  return (
    <>
      <Row>
        <h1>Outside treater</h1>
        <Link to="/fire">The fire</Link>
      </Row>
      <Panel aria-label="Sheets">
        <h2>Sheets</h2>
        {data.sheets.length === 0 ? <Quiet>Nothing was sent out yet.</Quiet> : null}
        <Facts>
          <tbody>
            {data.sheets.map((sheet) => (
              <tr key={sheet.id}>
                <td>
                  <Link to={`/fire/treater/${sheet.id}`}>{sheet.treater}</Link>
                </td>
                <td>
                  {sheet.count} {sheet.count === 1 ? 'blade' : 'blades'}
                </td>
                <td>out {day(sheet.outOn)}</td>
                <td>{sheet.returnedOn ? `came back ${day(sheet.returnedOn)}` : `back ${day(sheet.backOn)}`}</td>
              </tr>
            ))}
          </tbody>
        </Facts>
      </Panel>
      <Send waiting={data.waiting} />
    </>
  );
}

function Send({ waiting }: { waiting: readonly AwaitsTreater[] }) {
  const [sheet, setSheet] = useState({ treater: '', straightness: '', backOn: '', words: '' });
  const [isCold, setCold] = useState(false);
  const [marks, setMarks] = useState<Record<number, string>>({});
  const { problem, isBusy, run } = useCaught();
  const go = useNavigate();
  const field = (key: keyof typeof sheet, label: string, type?: 'date') => (
    <Entry
      label={label}
      name={key}
      type={type}
      value={sheet[key]}
      onChange={(value) => setSheet({ ...sheet, [key]: value })}
      problem={problem?.at(key)}
    />
  );
  const pick = (piece: AwaitsTreater, isPicked: boolean) => {
    const { [piece.pieceId]: _, ...rest } = marks;
    setMarks(isPicked ? { ...rest, [piece.pieceId]: piece.piece } : rest);
  };
  const send = () =>
    void run(async () => {
      const receipt = await change('/api/fire/treater', {
        ...sheet,
        isCold,
        pieces: Object.entries(marks).map(([piece, mark]) => ({ piece: Number(piece), mark })),
      });
      void go(`/fire/treater/${receipt.about}`);
    });
  return (
    <Panel aria-label="Send out">
      <h2>Send out</h2>
      {waiting.length === 0 ? (
        <Quiet>No blade waits for a treater. A knife whose specification says so comes here when it is ready.</Quiet>
      ) : null}
      {waiting.map((piece) => (
        <Row key={piece.pieceId}>
          <Tick
            words={packedWords(piece)}
            isTicked={piece.pieceId in marks}
            onChange={(isPicked) => pick(piece, isPicked)}
          />
          {piece.pieceId in marks ? (
            <Entry
              label="Its mark"
              name={`mark${piece.pieceId}`}
              value={marks[piece.pieceId] ?? ''}
              onChange={(mark) => setMarks({ ...marks, [piece.pieceId]: mark })}
            />
          ) : null}
        </Row>
      ))}
      {waiting.length > 0 ? (
        <>
          <Fields>
            {field('treater', 'Treater')}
            {field('straightness', 'Straightness wanted')}
            {field('backOn', 'Promised back', 'date')}
            {field('words', 'What else they should know')}
          </Fields>
          <Tick words="Cold treatment before the first temper" isTicked={isCold} onChange={setCold} />
          {problem ? <Trouble role="alert">{problem.at('pieces') ?? problem.message}</Trouble> : null}
          <Row>
            <Press data-kind="main" isDisabled={isBusy} onPress={send}>
              Write the sheet and send
            </Press>
          </Row>
        </>
      ) : null}
    </Panel>
  );
}

function packedWords(piece: AwaitsTreater): string {
  const { job, steel, condition, edge, hardness } = piece;
  const cold = piece.gainsByCold ? ', gains by cold' : '';
  return `${piece.piece} ${job}: ${steel}, ${condition}, edge ${edge}, wanted ${hardness}${cold}`;
}
