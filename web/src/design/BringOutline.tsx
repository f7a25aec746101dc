import { useState } from 'react';
import { change, findingWords } from '../api/client';
import type { Brought } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Entry } from '../parts/Entry';
import { PickFile } from '../parts/PickFile';
import { Press } from '../parts/Press';
import { Ask, Quiet, Row, Trouble } from '../parts/Sheet';
import { Overlay } from './Consult.styles';
import { frame } from './model';
import type { Entries } from './useConsult';

interface BringOutlineProps {
  chosen: Entries;
  onEntries: (entries: Entries) => void;
  onClose: () => void;
}

/** An outline from another program: how long it is, how it lies, and how well the drawing follows it. */
export function BringOutline({ chosen, onEntries, onClose }: BringOutlineProps) {
  const [text, setText] = useState('');
  const [asked, setAsked] = useState({ overall: '', blade: '', isTurned: false, isFlipped: false });
  const [brought, setBrought] = useState<Brought | undefined>();
  const { problem, isBusy, run } = useCaught();
  const look = (drawing: string, how: typeof asked) => {
    setAsked(how);
    void run(async () =>
      setBrought(await change<Brought>('/api/exchange/outline', { ...how, text: drawing, entries: chosen })),
    );
  };
  const choose = async (file: File) => {
    const drawing = await file.text();
    setText(drawing);
    look(drawing, asked);
  };
  return (
    <Ask title="Bring in an outline" isOpen isWide onClose={onClose}>
      <Quiet>
        One closed outline of the whole knife, blade and handle, from an SVG path or a DXF. Its numbers can be changed
        afterwards like any other.
      </Quiet>
      <Row>
        <Entry
          label="Length in all"
          name="overall"
          value={asked.overall}
          onChange={(overall) => setAsked({ ...asked, overall })}
          problem={problem?.at('overall')}
        />
        <Entry
          label="Of it, the blade"
          name="blade"
          value={asked.blade}
          onChange={(blade) => setAsked({ ...asked, blade })}
          problem={problem?.at('blade')}
        />
        <PickFile accepts={['.svg', '.dxf']} onPicked={(file) => void choose(file)}>
          Choose the file
        </PickFile>
      </Row>
      {problem ? (
        <Trouble role="alert">
          {problem.findings.length > 0 ? problem.findings.map(findingWords).join(' ') : problem.message}
        </Trouble>
      ) : null}
      {brought ? (
        <>
          <Both brought={brought} />
          <p>{brought.follows} The file is dashed.</p>
        </>
      ) : null}
      {text ? (
        <Row>
          <Press isDisabled={isBusy} onPress={() => look(text, asked)}>
            Read it again
          </Press>
          <Press isDisabled={isBusy} onPress={() => look(text, { ...asked, isTurned: !asked.isTurned })}>
            Turn it round
          </Press>
          <Press isDisabled={isBusy} onPress={() => look(text, { ...asked, isFlipped: !asked.isFlipped })}>
            Turn it over
          </Press>
        </Row>
      ) : null}
      <Row>
        <Press
          data-kind="main"
          isDisabled={!brought || isBusy}
          onPress={() => {
            onEntries(brought?.entries ?? chosen);
            onClose();
          }}
        >
          Lay it on the table
        </Press>
        <Press onPress={onClose}>Leave it</Press>
      </Row>
    </Ask>
  );
}

function Both({ brought }: { brought: Brought }) {
  const view = frame(brought.drawing);
  return (
    <Overlay>
      <svg
        viewBox={`${view.x} ${view.y} ${view.width} ${view.height}`}
        role="img"
        aria-label="The file and the drawing"
      >
        <g data-new>
          <path d={brought.drawing.blade} />
          <path d={brought.drawing.handle} />
        </g>
        <g data-old>
          <path d={brought.file} />
        </g>
      </svg>
    </Overlay>
  );
}
