import { useState } from 'react';
import { useNavigate } from 'react-router';
import { change } from '../api/client';
import type { SawnView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Ask, Fields, Row, Trouble } from '../parts/Sheet';
import { Working } from '../parts/Working';

const ASKED = [
  { key: 'thickness', label: 'Thickness of a scale' },
  { key: 'width', label: 'Width' },
  { key: 'length', label: 'Length' },
  { key: 'kerf', label: 'The saw takes' },
];

/** Saws a block into scales; says first what would come of it. */
export function Saw({ lot }: { lot: number }) {
  const [isOpen, setOpen] = useState(false);
  const [sizes, setSizes] = useState<Record<string, string>>({ thickness: '', width: '', length: '', kerf: '1/16' });
  const [sawn, setSawn] = useState<SawnView | undefined>();
  const navigate = useNavigate();
  const { problem, isBusy, run } = useCaught();
  const look = () => void run(async () => setSawn(await change<SawnView>(`/api/stock/lots/${lot}/sawn`, sizes)));
  const saw = () =>
    void run(async () => {
      const { about } = await change(`/api/stock/lots/${lot}/saw`, sizes);
      await navigate(`/stock/lots/${about}`);
    });
  const put = (key: string) => (value: string) => {
    setSizes({ ...sizes, [key]: value });
    setSawn(undefined);
  };
  return (
    <>
      <Press onPress={() => setOpen(true)}>Saw one into scales</Press>
      <Ask title="Saw one into scales" isOpen={isOpen} onClose={() => setOpen(false)}>
        <Fields>
          {ASKED.map(({ key, label }) => (
            <Entry
              key={key}
              label={label}
              name={key}
              value={sizes[key] ?? ''}
              onChange={put(key)}
              problem={problem?.at(key)}
              onEnter={look}
            />
          ))}
        </Fields>
        {problem && !ASKED.some(({ key }) => problem.at(key)) ? (
          <Trouble role="alert">{problem.message}</Trouble>
        ) : null}
        {sawn ? (
          <div role="status">
            <p>
              <strong>
                {sawn.bookmatched + sawn.plain} {sawn.bookmatched + sawn.plain === 1 ? 'pair' : 'pairs'}
              </strong>
              , {sawn.bookmatched} of them bookmatched{sawn.single > 0 ? ', and a single scale over' : ''}
            </p>
            {sawn.working.map((line) => (
              <p key={line}>
                <Working>{line}</Working>
              </p>
            ))}
          </div>
        ) : null}
        <Row>
          {sawn ? (
            <Press data-kind="main" data-large isDisabled={isBusy || sawn.bookmatched + sawn.plain === 0} onPress={saw}>
              It is sawn
            </Press>
          ) : (
            <Press data-kind="main" data-large isDisabled={isBusy} onPress={look}>
              What comes of it?
            </Press>
          )}
          <Press data-large onPress={() => setOpen(false)}>
            Leave it
          </Press>
        </Row>
      </Ask>
    </>
  );
}
