import { useState } from 'react';
import { change, findingWords } from '../api/client';
import type { FieldView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Press } from '../parts/Press';
import { Question, usualOf } from '../parts/Question';
import { Fields, Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { TableIn } from '../parts/TableIn';

const FILES = ['.csv', '.json', 'text/csv', 'application/json'];

/** A steel that the shop describes from its mill sheet, typed or from a file. */
export function OwnSteel({ fields, hasOwn }: { fields: readonly FieldView[]; hasOwn: boolean }) {
  const [isOpen, setOpen] = useState(false);
  const [sheet, setSheet] = useState(() => usualOf(fields));
  const [kept, setKept] = useState('');
  const { problem, isBusy, run } = useCaught();
  const send = (path: string, body: unknown, words: string) =>
    void run(async () => {
      await change(path, body);
      setKept(words);
      setSheet(usualOf(fields));
      setOpen(false);
    });
  return (
    <Panel aria-label="The shop’s own steels">
      <Row>
        <h2>The shop’s own steels</h2>
        {isOpen ? null : <Press onPress={() => setOpen(true)}>From a mill sheet</Press>}
        {hasOwn ? (
          <>
            <a href="/api/steels/files/steels.csv">As CSV</a>
            <a href="/api/steels/files/steels.json">As JSON</a>
          </>
        ) : null}
      </Row>
      <Quiet>
        A steel of your own can be chosen for a knife like any other. Its values are held against what steel can be
        before they are kept.
      </Quiet>
      <TableIn
        path="/api/steels/table"
        accepts={FILES}
        choose="From a file (CSV or JSON)"
        line="steel"
        lines="steels"
        where="kept"
        about={(file) => ({ isJson: file.name.toLowerCase().endsWith('.json') })}
      />
      {kept ? <p role="status">{kept}</p> : null}
      {problem ? (
        <Trouble role="alert">
          {problem.findings.length === 0
            ? problem.message
            : problem.findings.map((each) => `${each.field}: ${findingWords(each)}`).join(' · ')}
        </Trouble>
      ) : null}
      {isOpen ? (
        <>
          <Fields>
            {fields.map((field) => (
              <Question
                key={field.key}
                field={{ ...field, label: field.label + (field.isNeeded || field.usual ? '' : ', if known') }}
                value={sheet[field.key] ?? ''}
                onChange={(value) => setSheet({ ...sheet, [field.key]: value })}
                problem={problem?.at(field.key)}
              />
            ))}
          </Fields>
          <Row>
            <Press
              data-kind="main"
              isDisabled={isBusy}
              onPress={() => send('/api/steels', sheet, `${sheet['designation'] ?? 'It'} is kept.`)}
            >
              Keep this steel
            </Press>
            <Press onPress={() => setOpen(false)}>Leave it</Press>
          </Row>
        </>
      ) : null}
    </Panel>
  );
}
