import { Link, useNavigate, useParams } from 'react-router';
import { change } from '../api/client';
import type { AdhesiveSheetView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { KeptForm } from '../parts/KeptForm';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { useSheet } from './useGlue';

/** The data sheet of an adhesive, as the shop copied it down. */
export default function SheetPage() {
  const { id = '' } = useParams();
  const { data, error } = useSheet(Number(id));
  if (error) {
    return <Trouble role="alert">{error.message}</Trouble>;
  }
  return data ? <Sheet key={`${data.id} ${data.version}`} sheet={data} /> : <Quiet>One moment…</Quiet>;
}

function Sheet({ sheet }: { sheet: AdhesiveSheetView }) {
  const go = useNavigate();
  const { problem, isBusy, run } = useCaught();
  const away = sheet.isDropped ? 'back' : 'drop';
  return (
    <>
      <Row>
        <h1>{sheet.entries['name']}</h1>
        <Link to="/glue">The gluing bench</Link>
      </Row>
      {sheet.isDropped ? <Trouble>It is not used any more.</Trouble> : null}
      <Panel aria-label="Data sheet">
        <KeptForm
          address={`/api/glue/sheets/${sheet.id}`}
          fields={sheet.fields}
          entries={sheet.entries}
          basedOn={sheet.version}
          words="Keep the sheet"
          onKept={() => void go('/glue')}
          onLeave={() => void go('/glue')}
        />
        <Quiet>What is glued already keeps the times that its sheet had then.</Quiet>
        <Row>
          <Press isDisabled={isBusy} onPress={() => void run(() => change(`/api/glue/sheets/${sheet.id}/${away}`))}>
            {sheet.isDropped ? 'Use it again' : 'Not used any more'}
          </Press>
        </Row>
        <Refused problem={problem} />
      </Panel>
    </>
  );
}
