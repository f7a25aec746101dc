import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { change, findingWords } from '../api/client';
import type { SheetField } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Entry } from '../parts/Entry';
import { PickFile } from '../parts/PickFile';
import { Press } from '../parts/Press';
import { Fields, Panel, Quiet, Row, Trouble } from '../parts/Sheet';

const FILES = ['.csv', '.json', 'text/csv', 'application/json'];

/** A steel that the shop describes from its mill sheet, typed or from a file. */
export function OwnSteel({ fields, hasOwn }: { fields: readonly SheetField[]; hasOwn: boolean }) {
  const [isOpen, setOpen] = useState(false);
  const [sheet, setSheet] = useState<Record<string, string>>({});
  const [kept, setKept] = useState('');
  const { problem, isBusy, run } = useCaught();
  const queries = useQueryClient();
  const send = (path: string, body: unknown, words: string) =>
    void run(async () => {
      await change(path, body);
      setKept(words);
      setSheet({});
      setOpen(false);
      await queries.invalidateQueries({ queryKey: ['fire', 'steels'] });
    });
  const bring = (file: File) =>
    void file
      .text()
      .then((text) =>
        send(
          '/api/steels/table',
          { text, isJson: file.name.toLowerCase().endsWith('.json') },
          'The steels of the file are kept.',
        ),
      );
  return (
    <Panel aria-label="The shop’s own steels">
      <Row>
        <h2>The shop’s own steels</h2>
        {isOpen ? null : <Press onPress={() => setOpen(true)}>From a mill sheet</Press>}
        <PickFile accepts={FILES} isDisabled={isBusy} onPicked={bring}>
          From a file (CSV or JSON)
        </PickFile>
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
              <Entry
                key={field.key}
                label={field.label + (field.isRequired ? '' : ', if known')}
                name={field.key}
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
